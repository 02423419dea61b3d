import { Button } from '@mantine/core';
import { useState } from 'react';
import { useFillers } from '../api/records';
import { Empty } from '../parts/Empty';
import { Finder, matches } from '../parts/Finder';
import { hasLine } from '../parts/fillerName';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { useLocation, useSearchParams } from '../shell/route';
import { AddFiller } from './AddFiller';
import { FillerEntry } from './FillerEntry';
import { Stock } from './Stock';
import { WhichLine } from './WhichLine';

/** Filler spools as tapes: how much was on each, and how much is left. */
export function RackPlace() {
  const fillers = useFillers();
  const [params, setParams] = useSearchParams();
  const adding = params.get('add') === 'filler';
  const which = params.get('which') !== null;
  const add = (on: boolean) => setParams(on ? { add: 'filler' } : {}, { replace: true });
  const { hash } = useLocation();
  const [find, setFind] = useState('');
  const shown = (fillers.data ?? []).filter((filler) => matches(find, filler.line.name, filler.name));
  const empty = shown.filter((filler) => !hasLine(filler));
  return (
    <div className={page.page}>
      <title>Rack · Undro</title>
      <div className={page.head}>
        <h1>Rack</h1>
        <span className={page.soft}>your filler spools and how much is left</span>
        <span className={page.grow} />
        <Button
          variant="default"
          aria-expanded={which}
          onClick={() => setParams(which ? {} : { which: '1' }, { replace: true })}
        >
          Choose a line
        </Button>
        {!adding && <Button onClick={() => add(true)}>Add a filler spool</Button>}
      </div>
      {which && <WhichLine />}
      {adding && <AddFiller onDone={() => add(false)} />}
      <Waiting query={fillers} what="the rack" />
      {fillers.data?.length === 0 && !adding && (
        <Empty title="No line yet">
          <p>Add the line you have, new or part used. Copy its label and say how much is left.</p>
          <Button mt="sm" onClick={() => add(true)}>
            Add a filler spool
          </Button>
        </Empty>
      )}
      {fillers.data && fillers.data.length > 0 && <Stock />}
      <Finder value={find} onChange={setFind} of={fillers.data?.length ?? 0} word="line" />
      {fillers.data && fillers.data.length > 0 && (
        <ul className={page.entries} aria-label="Filler spools">
          {shown.filter(hasLine).map((filler) => (
            <FillerEntry key={filler.id} filler={filler} />
          ))}
        </ul>
      )}
      {empty.length > 0 && (
        <details open={find !== '' || empty.some((filler) => hash === `#filler-${filler.id}`)}>
          <summary>{empty.length === 1 ? '1 empty filler spool' : `${empty.length} empty filler spools`}</summary>
          <ul className={page.entries} aria-label="Empty filler spools">
            {empty.map((filler) => (
              <FillerEntry key={filler.id} filler={filler} />
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
