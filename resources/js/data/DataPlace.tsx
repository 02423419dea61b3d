import { Anchor, Button, NativeSelect, Textarea } from '@mantine/core';
import { useState } from 'react';
import { Problem, type Schemas } from '../api/client';
import { useImport, useTakeImportBack } from '../api/records';
import { household } from '../api/served';
import page from '../parts/parts.module.css';
import { shorten } from '../parts/shorten';
import { done } from '../parts/undo';
import { Link } from '../shell/route';
import classes from './Data.module.css';

const TABLES = [
  { value: 'reels', label: 'reels' },
  { value: 'spools', label: 'spools' },
  { value: 'lines', label: 'lines' },
  { value: 'fillers', label: 'filler spools' },
] as const;
const STATE = { new: 'new', changed: 'changed', same: 'unchanged', bad: 'not imported' } as const;
/** Rows shown of a long file; all the bad ones come first. */
const SHOWN = 200;
/** A longer text is shown in part, and not for changing. */
const TYPED_MOST = 20_000;

type Result = Schemas['ImportResult'];

/** All data out in open formats, and in again: first a look at every row, then the good ones on request. */
export function DataPlace() {
  const [text, setText] = useState('');
  const [what, setWhat] = useState('');
  const [result, setResult] = useState<Result | null>(null);
  const [problem, setProblem] = useState('');
  const read = useImport();
  const undo = useTakeImportBack();

  const run = async (take: boolean, of = text, as = what) => {
    try {
      setProblem('');
      const found = await read.mutateAsync({ text: of, table: (as || null) as Schemas['DataTable'] | null, take });
      setResult(found);
      const { id } = found;
      if (id !== null) done('Import saved.', () => takeBack(id), true);
    } catch (error) {
      setResult(null);
      setProblem(error instanceof Problem ? error.message : 'That did not work. Try again.');
    }
  };
  const takeBack = async (id: string) => {
    const { rows } = await undo.mutateAsync(id);
    setResult(null);
    const left = rows.find((row) => row.problem !== null);
    if (left) setProblem(`Part of the import could not be undone. ${left.problem}`);
  };
  // what was seen was another text: it has to be looked at again before anything is taken
  const change = (typed: string, as: string) => {
    setText(typed);
    setWhat(as);
    setResult(null);
    setProblem('');
  };
  const open = async (file: File | null | undefined) => {
    if (!file) return;
    const content = await file.text();
    const as = /\.json$/i.test(file.name)
      ? ''
      : (TABLES.find((each) => file.name.toLowerCase().includes(each.value))?.value ?? what);
    change(content, as);
    await run(false, content, as);
  };
  const good = result?.rows.filter((row) => row.state === 'new' || row.state === 'changed').length ?? 0;
  const long = text.length > TYPED_MOST;
  return (
    <div className={page.page}>
      <title>Import and export · Undro</title>
      <div className={page.head}>
        <h1>Import and export</h1>
        <span className={page.soft}>
          open formats{household === null ? '; nothing leaves this computer unless you send it' : ''}
        </span>
      </div>
      <section className={classes.out} aria-label="Export">
        <h2>Export</h2>
        <p>
          <Button component="a" href="/api/data" download>
            Export everything (JSON)
          </Button>{' '}
          <Anchor href="/api/data/schema" download="undro.schema.json" size="sm">
            JSON schema
          </Anchor>
        </p>
        <p className={classes.tables}>
          Tables (CSV):
          {TABLES.map((table) => (
            <Button
              key={table.value}
              size="compact-sm"
              variant="default"
              component="a"
              href={`/api/data/${table.value}`}
              download
            >
              {table.label}
            </Button>
          ))}
          <Button size="compact-sm" variant="default" component="a" href="/api/data/log" download>
            log
          </Button>
        </p>
        <p className={page.facts}>
          The JSON file holds your whole history. Import it into an empty Undro to get everything back. Undro also
          copies its database once a day and keeps the last fourteen copies.{' '}
          {household === null
            ? 'Run “./undro backup” to make a copy now, and “./undro restore” to go back to one.'
            : 'Whoever runs the server can restore one.'}
        </p>
      </section>
      <section aria-label="Import">
        <h2>Import</h2>
        <div className={classes.in}>
          <NativeSelect
            label="Kind of file"
            value={what}
            onChange={(event) => change(text, event.currentTarget.value)}
            data={[
              { value: '', label: 'everything (JSON)' },
              ...TABLES.map((each) => ({ value: each.value, label: `table of ${each.label} (CSV)` })),
            ]}
          />
          <label className={classes.file}>
            <strong>Choose a file</strong>
            <input
              type="file"
              accept=".json,.csv,.txt,application/json,text/csv"
              onChange={(event) => void open(event.currentTarget.files?.[0])}
            />
          </label>
        </div>
        <Textarea
          label="Or paste it here"
          minRows={4}
          maxRows={10}
          rows={5}
          mt="sm"
          value={long ? `${shorten(text, TYPED_MOST)} …` : text}
          readOnly={long}
          description={long ? 'The file is too long to edit here. All of it will be imported.' : undefined}
          onChange={(event) => change(event.currentTarget.value, what)}
          placeholder={what === '' ? '{"undro": 1, …}' : 'name,material,size,strength\nJetty mono,mono,0.30,5 kg'}
          spellCheck={false}
        />
        <div className={classes.buttons}>
          <Button
            variant={result ? 'default' : 'filled'}
            onClick={() => run(false)}
            disabled={text.trim() === ''}
            loading={read.isPending}
          >
            Preview
          </Button>
          {long && (
            <Button variant="subtle" color="gray" onClick={() => change('', what)}>
              Clear
            </Button>
          )}
          {result && !result.taken && good > 0 && (
            <Button onClick={() => run(true)} loading={read.isPending}>
              Import {good} {good === 1 ? 'row' : 'rows'}
            </Button>
          )}
        </div>
        {problem && (
          <p role="alert" className={page.late}>
            {problem}
          </p>
        )}
        {result && <Rows result={result} />}
      </section>
    </div>
  );
}

function Rows({ result }: { result: Result }) {
  const order = ['bad', 'changed', 'new', 'same'];
  const rows = [...result.rows].sort((a, b) => order.indexOf(a.state) - order.indexOf(b.state));
  const count = (state: Result['rows'][number]['state']) => result.rows.filter((row) => row.state === state).length;
  const said = order
    .map((state) => [state, count(state as 'new')] as const)
    .filter(([, many]) => many > 0)
    .map(([state, many]) => `${many} ${STATE[state as 'new']}`)
    .join(', ');
  return (
    <>
      <p className={classes.said} aria-live="polite" data-testid="import-said">
        {result.taken ? 'Imported: ' : 'Preview, nothing saved yet: '}
        {said || 'no rows'}.
        {result.taken && (
          <>
            {' '}
            <Anchor component={Link} to="/locker">
              Go to Locker
            </Anchor>
          </>
        )}
      </p>
      <table className={classes.rows}>
        <thead>
          <tr>
            <th scope="col">Row</th>
            <th scope="col">Table</th>
            <th scope="col">Name</th>
            <th scope="col">Status</th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map((row) => (
            <tr key={`${row.kind} ${row.row}`} data-state={row.state}>
              <td>{row.row}</td>
              <td className={classes.kind}>{row.kind}</td>
              <td>{row.name}</td>
              <td>
                {row.problem ? (
                  <>
                    <strong>{STATE.bad}.</strong> {row.problem}
                  </>
                ) : (
                  STATE[row.state]
                )}
                {row.changes.length > 0 && (
                  <ul className={classes.changes}>
                    {row.changes.map((each) => (
                      <li key={each.field}>
                        {each.field.replaceAll('_', ' ').replaceAll('.', ', ')}: {each.from || 'nothing'} →{' '}
                        <b>{each.to || 'nothing'}</b>
                      </li>
                    ))}
                  </ul>
                )}
                {row.unknown.length > 0 && (
                  <p className={page.late}>Unknown, not imported: {row.unknown.join(', ')}.</p>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > SHOWN && <p className={page.facts}>and {rows.length - SHOWN} more</p>}
    </>
  );
}
