import { Button, Switch } from '@mantine/core';
import { useMediaQuery } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import { Problem } from '../api/client';
import { useReels } from '../api/records';
import { useDay, useDayUsual } from '../api/stock';
import type { DayWish } from '../api/types';
import beside from '../parts/Beside.module.css';
import { day as onDay } from '../parts/day';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link, useNavigate, useParams } from '../shell/route';
import { filledAnew, own, read, same, written } from './choices';
import classes from './Day.module.css';
import { Going } from './Going';
import { Packs } from './Packs';
import { Proposal } from './Proposal';
import { nameOf } from './refs';
import { Timeline } from './Timeline';
import { useDayWords } from './useDayWords';
import { useKeptDay } from './useKeptDay';
import { Wish } from './Wish';

/** Many reels in one evening: what is cut from what, what to buy, what is left, and in what order to work. */
export function DayPlace() {
  const { id } = useParams();
  return <OneDay key={id} />;
}

function OneDay() {
  const { angler, units } = useBench();
  const usual = useDayUsual();
  const reels = useReels();
  const { at, set, kept, days, gone, keep, end, keeping } = useKeptDay();
  const navigate = useNavigate();
  // on a phone a day that goes on shows what there is to do first
  const narrow = useMediaQuery('(max-width: 980px)', false, { getInitialValueInEffect: false });
  const [begun] = useState(at.spools !== '');
  const picked = useMemo(() => new Set(at.spools.split(',').filter(Boolean)), [at.spools]);
  const wishes = own(at.wish);
  const ticked = useMemo(() => new Set(at.done.split(',').filter(Boolean).map(Number)), [at.done]);
  const finished = new Set([...ticked, ...(kept?.done ?? [])]);
  const all: DayWish[] = (usual.data ?? [])
    .filter((wish) => picked.has(String(wish.spool)))
    .map((wish) => ({ ...wish, ...wishes[wish.spool] }));
  // what is wound already has its line: the rest is planned from what is left
  const open = all.filter((wish) => !finished.has(wish.spool));
  const unsaid = open.filter((wish) => wish.main == null && filledAnew(wish.task));
  const jobs = open.filter((wish) => !unsaid.includes(wish));
  const pin = read(at.pin);
  const forbid = read(at.forbid);
  const day = useDay(
    usual.data && jobs.length > 0
      ? { jobs, pin, forbid, pieces: at.pieces === '2' ? 2 : 1, angler: angler?.id ?? null }
      : null,
  );
  const words = useDayWords(day.data);
  const tick = (spool: number, on: boolean) => {
    const next = new Set(ticked);
    on ? next.add(spool) : next.delete(spool);
    set({ done: [...next].join(',') });
  };
  if (!usual.data || !reels.data || !days.data) return <Waiting query={usual.data ? reels : usual} what="the reels" />;
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
        {!kept && <Going days={days.data} />}
        {kept && (
          <p className={page.facts} data-testid="kept">
            {kept.name}: {all.length - open.length} of {all.length} done. This day is saved: continue here or on another
            device.{' '}
            <Button size="compact-xs" variant="default" onClick={() => void end()}>
              Archive this day
            </Button>
          </p>
        )}
        <div className={page.actions}>
          <Button
            size="compact-sm"
            variant="default"
            disabled={due.length === 0}
            onClick={() => set({ spools: due.map((wish) => wish.spool).join(',') })}
          >
            Select all that are due
          </Button>
          <Button
            size="compact-sm"
            variant="subtle"
            color="gray"
            disabled={picked.size === 0}
            onClick={() => set({ spools: '' })}
          >
            Clear
          </Button>
          {!kept && (
            <Button
              size="compact-sm"
              loading={keeping}
              disabled={picked.size === 0}
              onClick={() => void keep().then((id) => (id === null ? undefined : navigate(`/day/${id}`)))}
            >
              Save this day
            </Button>
          )}
          {day.data && jobs.length > 0 && (
            <Button size="compact-sm" variant="default" onClick={() => window.print()}>
              Print
            </Button>
          )}
        </div>
        <details className={classes.picking} open={!(kept && narrow)}>
          <summary>Spools and jobs</summary>
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
            label="Allow backing in two pieces, joined"
            checked={at.pieces === '2'}
            onChange={(event) => set({ pieces: event.currentTarget.checked ? '2' : '1' })}
          />
        </details>
      </aside>
      <div
        className={`${beside.main} ${classes.main}`}
        data-first={(begun && day.data && jobs.length > 0) || undefined}
      >
        <p className={classes.onPaper}>
          {kept?.name ?? 'Bench day'}, {onDay(new Date().toISOString())}
        </p>
        {gone && (
          <Empty title="This day is archived" order={2}>
            <p>You can start another one at any time: pick its spools.</p>
            <Button component={Link} to="/day" mt="sm">
              Start another bench day
            </Button>
          </Empty>
        )}
        {usual.data.length === 0 && (
          <Empty title="No spools yet" order={2}>
            <p>A bench day fills several spools in one evening. Add your reels in Locker first.</p>
            <Button component={Link} to="/locker" mt="sm">
              Go to Locker
            </Button>
          </Empty>
        )}
        {usual.data.length > 0 && all.length === 0 && !gone && (
          <Empty title="Pick the spools to fill" order={2}>
            <p>
              Each spool is planned as it was last filled, or with the line and length you choose. As you pick, Undro
              works out which filler spool to cut from, what to buy and how long it takes.
            </p>
          </Empty>
        )}
        {all.length > 0 && open.length === 0 && (
          <Empty title="All done" order={2}>
            <p>Every spool of this day is done. Bag the old line and print the labels.</p>
          </Empty>
        )}
        {unsaid.length > 0 && (
          <p role="status" className={classes.problem}>
            {unsaid.length === 1 ? 'One spool has' : `${unsaid.length} spools have`} never been filled. Pick a line and
            a length for {unsaid.length === 1 ? 'it' : 'them'} next to the name.
          </p>
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
              set({ pin: written(pin.some((each) => same(each, choice)) ? rest : [...rest, choice]) });
            }}
            onForbid={(choice) => set({ forbid: written([...forbid, choice]) })}
            onAllow={(choice) => set({ forbid: written(forbid.filter((each) => !same(each, choice))) })}
            onDone={(spool) => tick(spool, true)}
            onReuse={(spool, from) =>
              set({ wish: JSON.stringify({ ...wishes, [spool]: { ...wishes[spool], reuse: from } }) })
            }
            onWind={async (to) => {
              const id = await keep();
              if (id === null) return;
              // so that the way back from there leads to the day
              if (!kept) await navigate(`/day/${id}`, { replace: true });
              await navigate(to);
            }}
          />
        )}
        {finished.size > 0 && all.length > open.length && (
          <section aria-label="Done">
            <h2>Done</h2>
            <ul className={classes.doneList}>
              {all
                .filter((wish) => finished.has(wish.spool))
                .map((wish) => (
                  <li key={wish.spool}>
                    {words.job(nameOf({ kind: 'spool', id: wish.spool }))}
                    {ticked.has(wish.spool) && (
                      <Button size="compact-xs" variant="subtle" color="gray" onClick={() => tick(wish.spool, false)}>
                        Not yet
                      </Button>
                    )}
                  </li>
                ))}
            </ul>
          </section>
        )}
        {day.data && jobs.length > 0 && <Timeline bars={day.data.bars} minutes={day.data.minutes} name={words.job} />}
        <Packs units={units} />
      </div>
    </div>
  );
}
