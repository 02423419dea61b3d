import { Button, Group } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { driveCounter, useCounter } from '../api/devices';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { length, words } from '../units/units';
import type { Running } from './useRun';
import classes from './Wind.module.css';

const EVERY = 500;
/** Where no turn tells a length the stand-in rolls like this, m a minute. */
const USUAL_PACE = 40;

interface Told {
  session: string;
  metres: number;
  layer: number;
}

/** The line counter on the line: joined, followed, and let go when it is not heard any more. */
export function CounterTool({ run, tell }: Running) {
  const { units } = useBench();
  const { data: counter, isError } = useCounter(EVERY);
  const { counter: joined, counter_m: byCounter, counter_as_m: asLength } = run.state.progress;
  const mark = `undro-counter ${run.id}`;
  // where the counter stood when its metres were told last; this window tells them, another one only looks
  const { layer } = run.state;
  const told = useRef<Told | null>(JSON.parse(sessionStorage.getItem(mark) ?? 'null'));
  const keep = (at: Told | null) => {
    told.current = at;
    sessionStorage.setItem(mark, JSON.stringify(at));
  };
  const lost = joined && (isError || counter?.state === 'lost' || counter?.state === 'none');
  const [gone, setGone] = useState(false);
  useEffect(() => {
    if (!joined || !told.current || !counter || counter.metres === null || counter.state !== 'here') return;
    const now = { session: counter.session, metres: counter.metres, layer };
    // switched on anew, or line pulled through between two layers: counted from here
    if (now.session !== told.current.session || layer !== told.current.layer) {
      keep(now);
      return;
    }
    const more = counter.metres - told.current.metres;
    if (Math.abs(more) < 0.005) return;
    keep(now);
    tell({ kind: 'counted', metres: more });
  });
  useEffect(() => {
    if (!lost || !told.current) return;
    keep(null);
    setGone(true);
    tell({ kind: 'counter_lost' });
  });
  const join = () => {
    if (!counter || counter.metres === null) return;
    setGone(false);
    keep({ session: counter.session, metres: counter.metres, layer });
    tell({ kind: 'counter_joined' });
  };
  const leave = () => {
    keep(null);
    tell({ kind: 'counter_lost' });
  };
  const here = counter?.state === 'here';
  return (
    <div className={classes.counter}>
      {gone && !joined && (
        <p role="alert" className={classes.warn} data-testid="counter-lost">
          The line counter has stopped answering. Keep counting turns; what it counted so far is kept.
        </p>
      )}
      {here && counter.metres !== null && (
        <Group gap="xs">
          <span data-testid="counter">
            {counter.stand_in ? 'Simulated counter' : 'Line counter'}: <b>{words(length(counter.metres, units, 1))}</b>
          </span>
          {joined ? (
            <Button size="compact-sm" variant="default" onClick={leave}>
              Stop using it
            </Button>
          ) : (
            <Button size="compact-sm" onClick={join}>
              Use it to count
            </Button>
          )}
          {counter.stand_in && <Drive pace={run.state.progress.pace_m_per_min} />}
        </Group>
      )}
      {byCounter !== null && asLength !== null && byCounter > 0 && (
        <p className={classes.fine} data-testid="slip">
          The counter shows {words(length(byCounter, units, 1))} of this line, which counts as{' '}
          {words(length(asLength, units, 1))}. Line slips about 1 % on the roller.
        </p>
      )}
    </div>
  );
}

/** The stand-in's roller has to be turned by somebody. */
function Drive({ pace }: { pace: number | null }) {
  const go = (what: 'run' | 'stop' | 'stall', amount?: number) => () => driveCounter(what, amount).catch(failed);
  return (
    <>
      <Button size="compact-sm" variant="default" onClick={go('run', pace ?? USUAL_PACE)}>
        Turn at my pace
      </Button>
      <Button size="compact-sm" variant="default" onClick={go('stop')}>
        Stop turning
      </Button>
      <Button size="compact-sm" variant="default" onClick={go('stall', 6)}>
        Make it stick
      </Button>
    </>
  );
}
