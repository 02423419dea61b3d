import { Button, Switch } from '@mantine/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Problem } from '../api/client';
import { useReels } from '../api/records';
import { useDay, useDayUsual } from '../api/stock';
import type { DayWish } from '../api/types';
import beside from '../parts/Beside.module.css';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { own, read, written } from './choices';
import classes from './Day.module.css';
import { Packs } from './Packs';
import { Proposal } from './Proposal';
import { Timeline } from './Timeline';
import { useDayWords } from './useDayWords';
import { Wish } from './Wish';

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
  const words = useDayWords(day.data);
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
          <Button
            size="compact-sm"
            variant="subtle"
            color="gray"
            disabled={picked.size === 0}
            onClick={() => set({ ...START })}
          >
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
        {day.data && jobs.length > 0 && <Timeline bars={day.data.bars} minutes={day.data.minutes} name={words.job} />}
        <Packs units={units} />
      </div>
    </div>
  );
}
