import { Button, Checkbox, NativeSelect, Switch } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Problem, type Schemas } from '../api/client';
import {
  type DayResult,
  type DayWish,
  useAddPack,
  useChangePack,
  useDay,
  useDayUsual,
  useFillers,
  useLines,
  usePacks,
  useReels,
} from '../api/queries';
import { Tape } from '../drawings/tape/Tape';
import beside from '../parts/Beside.module.css';
import { Empty } from '../parts/Empty';
import { FigureForm } from '../parts/FigureForm';
import { LargeFigure } from '../parts/LargeFigure';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { done, failed } from '../parts/undo';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { length, metresPer, price, words } from '../units/units';
import { type Choice, type Own, own, read, sourceOf, written } from './choices';
import classes from './Day.module.css';
import { Timeline } from './Timeline';

/** Spools by number; what is wanted on them where it is not as usual; pins and forbidden sources. All in the address. */
const START = { spools: '', wish: '', pin: '', forbid: '', pieces: '1' };

/** Many reels in one evening: what is cut from what, what to buy, what is left, and in what order to work. */
export function DayPlace() {
  const { angler, units } = useBench();
  const usual = useDayUsual();
  const reels = useReels();
  const [at, set] = useLinked(START);
  const picked = useMemo(() => new Set(at.spools.split(',').filter(Boolean)), [at.spools]);
  const wishes = own(at.wish);
  const jobs: DayWish[] = (usual.data ?? [])
    .filter((wish) => picked.has(String(wish.spool)))
    .map((wish) => ({ ...wish, ...wishes[wish.spool] }));
  const pin = read(at.pin);
  const forbid = read(at.forbid);
  const day = useDay(
    usual.data && jobs.length > 0
      ? { jobs, pin, forbid, pieces: at.pieces === '2' ? 2 : 1, angler: angler?.id ?? null }
      : null,
  );
  if (!usual.data || !reels.data) return <Waiting query={usual.data ? reels : usual} what="the reels" />;
  const pick = (spool: number, on: boolean) => {
    const next = new Set(picked);
    on ? next.add(String(spool)) : next.delete(String(spool));
    set({ spools: [...next].join(',') });
  };
  const due = usual.data.filter((wish) => wish.due !== null);
  return (
    <div className={beside.place}>
      <title>Bench day · Undro</title>
      <aside className={`${beside.side} ${classes.side}`}>
        {day.data && jobs.length > 0 ? (
          <p className={classes.title}>Bench day</p>
        ) : (
          <h1 className={classes.title}>Bench day</h1>
        )}
        <div className={page.actions}>
          <Button
            size="compact-sm"
            variant="default"
            disabled={due.length === 0}
            onClick={() => set({ spools: due.map((wish) => wish.spool).join(',') })}
          >
            All that are due
          </Button>
          <Button size="compact-sm" variant="subtle" color="gray" onClick={() => set({ ...START })}>
            None
          </Button>
        </div>
        <ul className={classes.pick}>
          {usual.data.map((wish) => (
            <Wish
              key={wish.spool}
              wish={{ ...wish, ...wishes[wish.spool] }}
              picked={picked.has(String(wish.spool))}
              onPick={(on) => pick(wish.spool, on)}
              onWish={(change) =>
                set({ wish: JSON.stringify({ ...wishes, [wish.spool]: { ...wishes[wish.spool], ...change } }) })
              }
            />
          ))}
        </ul>
        <Switch
          label="backing may be two pieces, joined"
          checked={at.pieces === '2'}
          onChange={(event) => set({ pieces: event.currentTarget.checked ? '2' : '1' })}
        />
      </aside>
      <div className={`${beside.main} ${classes.main}`}>
        {usual.data.length === 0 && (
          <Empty title="No spool has been filled yet" order={2}>
            <p>
              A bench day fills again what was filled before. Wind the first spools from Plan, or say what is on them.
            </p>
            <Button component={Link} to="/locker" mt="sm">
              To the Locker
            </Button>
          </Empty>
        )}
        {usual.data.length > 0 && jobs.length === 0 && (
          <Empty title="Pick the spools to fill" order={2}>
            <p>
              Each is planned as it was filled last; change the line or the length beside it. What is cut from which
              filler, what must be bought and how long it takes follows as you pick.
            </p>
          </Empty>
        )}
        {day.error && (
          <p role="alert" className={classes.problem}>
            {day.error instanceof Problem ? day.error.message : 'That did not work. Try again.'}
          </p>
        )}
        {day.data && jobs.length > 0 && (
          <Proposal
            day={day.data}
            jobs={jobs}
            stale={day.isPlaceholderData || day.error !== null}
            pin={pin}
            forbid={forbid}
            onPin={(choice) => {
              const rest = pin.filter((each) => each.job !== choice.job || each.part !== choice.part);
              const has = pin.some(
                (each) => each.job === choice.job && each.part === choice.part && each.source === choice.source,
              );
              set({ pin: written(has ? rest : [...rest, choice]) });
            }}
            onForbid={(choice) => set({ forbid: written([...forbid, choice]) })}
            onAllow={() => set({ forbid: '' })}
          />
        )}
        {day.data && jobs.length > 0 && (
          <Timeline bars={day.data.bars} minutes={day.data.minutes} name={(job) => nameOf(job, reels.data)} />
        )}
        <Packs units={units} />
      </div>
    </div>
  );
}

const nameOf = (job: string, reels: Schemas['Reel'][]) => {
  const spool = Number(job.replace('spool:', ''));
  const reel = reels.find((each) => each.spools.some((other) => other.id === spool));
  return reel ? `${reel.name}, ${reel.spools.find((other) => other.id === spool)?.name ?? ''}` : job;
};

interface WishProps {
  wish: DayWish;
  picked: boolean;
  onPick: (on: boolean) => void;
  onWish: (change: Own) => void;
}

function Wish({ wish, picked, onPick, onWish }: WishProps) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const { data: lines = [] } = useLines();
  const reel = reels.find((each) => each.id === wish.reel);
  const spool = reel?.spools.find((each) => each.id === wish.spool);
  const name = `${reel?.name ?? ''}, ${spool?.name ?? ''}`;
  const choice = lines.map((line) => ({ value: `${line.id}`, label: line.name }));
  return (
    <li>
      <Checkbox
        label={
          <>
            {name}
            {wish.due && <span className={page.pick}>{wish.due}</span>}
          </>
        }
        checked={picked}
        onChange={(event) => onPick(event.currentTarget.checked)}
      />
      {picked && (
        <div className={classes.wish}>
          <NativeSelect
            size="xs"
            aria-label={`Main line for ${name}`}
            value={`${wish.main}`}
            data={choice}
            onChange={(event) => onWish({ main: Number(event.currentTarget.value) })}
          />
          <TypedField
            size="xs"
            aria-label={`Length for ${name}`}
            value={wish.length}
            unit={units.length}
            onChange={(typed) => onWish({ length: typed })}
          />
          <NativeSelect
            size="xs"
            aria-label={`Backing for ${name}`}
            value={`${wish.backing ?? ''}`}
            data={[{ value: '', label: 'no backing' }, ...choice]}
            onChange={(event) =>
              onWish({ backing: event.currentTarget.value ? Number(event.currentTarget.value) : null })
            }
          />
        </div>
      )}
    </li>
  );
}

interface ProposalProps {
  day: DayResult;
  jobs: DayWish[];
  stale: boolean;
  pin: Choice[];
  forbid: Choice[];
  onPin: (choice: Choice) => void;
  onForbid: (choice: Choice) => void;
  onAllow: () => void;
}

function Proposal({ day, jobs, stale, pin, forbid, onPin, onForbid, onAllow }: ProposalProps) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { data: lines = [] } = useLines();
  const money = day.packs.find((pack) => pack.price.money)?.price.money ?? '';
  const order = new Map(day.order.map((job, index) => [job, index + 1]));
  const sourceWords = (source: string) => {
    const filler = fillers.find((each) => `filler:${each.id}` === source);
    if (filler) return `${filler.line.name}, filler of ${filler.full_length}`;
    const pack = day.packs[Number(source.split(':')[1])];
    return pack ? `${lines.find((line) => line.id === pack.line)?.name}, new pack of ${pack.length}` : source;
  };
  const bad = day.jobs.filter((job) => job.problem !== null);
  return (
    <>
      <div className={classes.head}>
        <LargeFigure
          lead="The evening takes"
          figure={
            day.minutes < 60
              ? day.minutes.toFixed(0)
              : `${Math.floor(day.minutes / 60)} h ${Math.round(day.minutes % 60)}`
          }
          unit="min"
          trail={`${jobs.length - bad.length} ${jobs.length - bad.length === 1 ? 'spool' : 'spools'}, soaks beside the winding`}
          stale={stale}
        />
        <div className={classes.sum}>
          <p data-testid="cost">
            {day.cost > 0 ? (
              <>
                To buy: <strong>{price({ amount: day.cost, money })}</strong>
              </>
            ) : (
              'Nothing to buy.'
            )}
          </p>
          <p className={page.facts}>
            {day.waste_m > 0
              ? `${words(length(day.waste_m, units))} end up too short to use; `
              : 'No end is too short to use; '}
            {day.sources} {day.sources === 1 ? 'source' : 'sources'} opened.{' '}
            {day.optimal
              ? 'There is no better way.'
              : `No way costs less than ${price({ amount: day.cost_bound, money })}; of waste a little less may be possible.`}
          </p>
          {day.buy.length > 0 && (
            <ul className={classes.buy} aria-label="To buy">
              {day.buy.map((buy) => {
                const pack = day.packs[buy.pack];
                return (
                  pack && (
                    <li key={buy.pack}>
                      {buy.count} × {lines.find((line) => line.id === pack.line)?.name}, {pack.length}:{' '}
                      {price({ ...pack.price, amount: buy.count * pack.price.amount })}
                    </li>
                  )
                );
              })}
            </ul>
          )}
        </div>
      </div>
      {bad.map((job) => (
        <p key={job.id} role="status" className={classes.problem}>
          {nameOf(job.id, reels)}: {job.problem}
        </p>
      ))}
      <section aria-label="Cuts">
        <h2>Cut from what</h2>
        <ul className={classes.cuts}>
          {day.leftovers.map((left) => {
            const cuts = day.cuts.filter((cut) => cut.source === left.source);
            const line = lines.find((each) => `line:${each.id}` === left.line);
            const still = left.still.slice(0, 3).map((job) => nameOf(job, reels));
            return (
              <li key={left.source}>
                <p>
                  <strong>{sourceWords(left.source)}</strong>
                  <span className={page.facts}>
                    {' '}
                    {left.left_m < 0.5
                      ? 'used up'
                      : `${words(length(left.left_m, units, 0))} left${left.waste ? ', too short to use' : ''}`}
                    {still.length > 0 && `: enough for ${still.join('; ')} once more`}
                  </span>
                </p>
                <Tape
                  ends="filler"
                  whole={left.whole_m}
                  segments={cuts.map((cut, index) => ({
                    id: `${index}`,
                    material: line?.material ?? 'mono',
                    length: cut.length_m,
                    word: `${words(length(cut.length_m, units, 0))} ${cut.part === 'main' ? '' : 'under '}${nameOf(cut.job, reels)}`,
                    backing: cut.part === 'backing',
                  }))}
                  scaleUnit={{ m: metresPer(units), name: units.length }}
                  label={`${cuts.length} cuts of ${sourceWords(left.source)}`}
                />
              </li>
            );
          })}
        </ul>
      </section>
      <section aria-label="Spools">
        <h2>In this order</h2>
        <ol className={classes.jobs}>
          {jobs
            .toSorted((a, b) => (order.get(`spool:${a.spool}`) ?? 99) - (order.get(`spool:${b.spool}`) ?? 99))
            .map((wish) => {
              const id = `spool:${wish.spool}`;
              const job = day.jobs.find((each) => each.id === id);
              const cuts = day.cuts.filter((cut) => cut.job === id);
              const filler = (part: string) =>
                cuts.find((cut) => cut.part === part)?.source.match(/^filler:(\d+)$/)?.[1];
              return (
                <li key={id}>
                  <div className={classes.job}>
                    <strong>{nameOf(id, reels)}</strong>
                    {job?.note && <span>{job.note}</span>}
                    {job?.main_m != null && (
                      <span className={page.facts}>
                        {words(length(job.main_m, units, 0))} of main line
                        {job.backing_m !== null &&
                          `, ${words(length(job.backing_m, units, 0))} of backing (up to ${words(length(job.backing_high_m ?? 0, units, 0))} is reserved)`}
                        , {Math.round(job.work_min)} min
                        {job.soak_min >= 1 && `, ${Math.round(job.soak_min)} min in the water before`}
                      </span>
                    )}
                  </div>
                  <ul className={classes.from}>
                    {cuts.map((cut) => {
                      const source = sourceOf(cut.source);
                      const choice: Choice = { job: id, part: cut.part, source };
                      const pinned = pin.some(
                        (each) => each.job === id && each.part === cut.part && each.source === source,
                      );
                      return (
                        <li key={cut.part + cut.source}>
                          <span>
                            {cut.part === 'main' ? 'main line' : 'backing'} from {sourceWords(cut.source)}
                            {pinned && ', pinned'}
                          </span>
                          <span className={page.actions}>
                            <Button
                              size="compact-xs"
                              variant="default"
                              aria-pressed={pinned}
                              aria-label={`${pinned ? 'Unpin' : 'Pin'}: ${cut.part} of ${nameOf(id, reels)} from ${sourceWords(cut.source)}`}
                              onClick={() => onPin(choice)}
                            >
                              {pinned ? 'Unpin' : 'Pin'}
                            </Button>
                            {!pinned && (
                              <Button
                                size="compact-xs"
                                variant="subtle"
                                color="gray"
                                aria-label={`Not from there: ${cut.part} of ${nameOf(id, reels)} from ${sourceWords(cut.source)}`}
                                onClick={() => onForbid(choice)}
                              >
                                Not from there
                              </Button>
                            )}
                          </span>
                        </li>
                      );
                    })}
                  </ul>
                  {cuts.length > 0 && (
                    <Button
                      size="compact-sm"
                      component={Link}
                      to={planLink(wish, lines, filler('main'), filler('backing'))}
                      aria-label={`Plan and wind ${nameOf(id, reels)}`}
                    >
                      Plan and wind
                    </Button>
                  )}
                </li>
              );
            })}
        </ol>
        {forbid.length > 0 && (
          <p>
            <Button size="compact-sm" variant="default" onClick={onAllow}>
              Allow all sources again ({forbid.length})
            </Button>
          </p>
        )}
      </section>
    </>
  );
}

/** The Plan place with all of it filled in, from where the run begins. */
function planLink(
  wish: DayWish,
  lines: Schemas['Line'][],
  main: string | undefined,
  backing: string | undefined,
): string {
  const fields = new URLSearchParams({ reel: `${wish.reel}`, spool: `${wish.spool}`, day: '1' });
  const line = lines.find((each) => each.id === wish.main);
  const under = lines.find((each) => each.id === wish.backing);
  if (line) {
    fields.set('mainName', line.name);
    fields.set('mainMaterial', line.material);
    fields.set('mainSize', line.size);
    fields.set('mainFrom', line.size_from);
  }
  fields.set('mainLength', wish.length);
  if (main) fields.set('mainFiller', main);
  if (under) {
    fields.set('backingName', under.name);
    fields.set('backingMaterial', under.material);
    fields.set('backingSize', under.size);
    fields.set('backingFrom', under.size_from);
    if (backing) fields.set('backingFiller', backing);
  } else {
    fields.set('way', 'main_only');
    fields.set('open', 'level');
  }
  return `/plan?${fields}`;
}

/** What can be bought, and for how much: the angler's own list, and what was bought before. */
function Packs({ units }: { units: Schemas['Units'] }) {
  const { data: packs = [] } = usePacks();
  const { data: lines = [] } = useLines();
  const add = useAddPack();
  const change = useChangePack();
  const [open, setOpen] = useState(false);
  const name = (line: number) => lines.find((each) => each.id === line)?.name ?? '';
  return (
    <section aria-label="Packs on sale">
      <h2>Packs on sale</h2>
      <p className={page.facts}>
        What the proposal may buy: what you list here, and fillers bought before at their price then.
      </p>
      <ul className={classes.packs}>
        {packs.map((pack) => (
          <li key={`${pack.line}-${pack.length_m}`}>
            <span>
              {name(pack.line)}, {pack.length}: {pack.price}
            </span>
            {pack.id === null ? (
              <span className={page.facts}>bought before</span>
            ) : (
              <Button
                size="compact-xs"
                variant="subtle"
                color="gray"
                onClick={() => {
                  const id = pack.id ?? 0;
                  change
                    .mutateAsync({ id, archived: true })
                    .then(
                      () =>
                        done(`${name(pack.line)}, ${pack.length} off the list.`, () =>
                          change.mutateAsync({ id, archived: false }),
                        ),
                      failed,
                    );
                }}
              >
                Off the list
              </Button>
            )}
          </li>
        ))}
      </ul>
      {open ? (
        <FigureForm
          label="Another pack"
          fields={[
            {
              key: 'line',
              label: 'Line',
              choices: lines.map((line) => ({ value: `${line.id}`, label: line.name })),
              wide: true,
            },
            { key: 'length', label: 'Length', unit: units.length, placeholder: '300 m' },
            { key: 'price', label: 'Price', placeholder: '12.50' },
          ]}
          initial={{ line: `${lines[0]?.id ?? ''}`, length: '', price: '' }}
          submit="Onto the list"
          onSubmit={async (values) => {
            await add.mutateAsync({
              line: Number(values.line),
              length: values.length ?? '',
              price: values.price ?? '',
            });
            setOpen(false);
          }}
          onCancel={() => setOpen(false)}
        />
      ) : (
        <Button size="compact-sm" variant="default" disabled={lines.length === 0} onClick={() => setOpen(true)}>
          Another pack
        </Button>
      )}
    </section>
  );
}
