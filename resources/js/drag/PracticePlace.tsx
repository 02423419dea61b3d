import { Anchor, Button, Group, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useCalculator } from '../api/calculators';
import { Rod } from '../drawings/rod/Rod';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { useLinked } from '../parts/useLinked';
import { useBench } from '../shell/bench';
import { force, newtonsPer, withUnit, words } from '../units/units';
import classes from './Drag.module.css';
import { place } from './knob';
import { Next } from './Next';
import { PullTable } from './PullTable';

const Trace = lazy(async () => ({ default: (await import('./Trace')).Trace }));

const START = { seed: '', target: '18 N' };
const MOST_SEED = 100_000;

/** A made-up drag to set in as few pulls as can be. What it was really like is shown when it is over. */
export function PracticePlace() {
  const { units, singleKeys } = useBench();
  const [at, set] = useLinked(START);
  const [own] = useState(() => `${1 + Math.floor(Math.random() * MOST_SEED)}`);
  const seed = at.seed || own;
  // where the knob stood at each pull, as typed
  const [turns, setTurns] = useState<string[]>([]);
  const [typed, setTyped] = useState('0');
  const [over, setOver] = useState(false);
  const target = withUnit(at.target, units.force);
  const drag = useCalculator('drag_practice', {
    seed: Number(seed) || 1,
    target_N: target,
    pulls: turns.map((position) => ({ position })),
    over,
  });
  const pulls = turns.length === 0 ? [] : (drag.data?.pulls ?? []);
  const asked = useCalculator(
    'drag_next',
    pulls.length === 0 ? null : { target_N: target, knob: 'turn', pulls, law: over },
  );
  const next = { data: pulls.length === 0 ? undefined : asked.data, error: asked.error };
  const fresh = pulls.length === turns.length && !asked.isPlaceholderData;
  const wrong = drag.error ?? next.error;
  const pull = () => !over && setTurns((before) => [...before, typed || '0']);
  const stands = (position: number) => setTyped(place(position));
  const anew = () => {
    set({ seed: `${1 + Math.floor(Math.random() * MOST_SEED)}` });
    setTurns([]);
    stands(0);
    setOver(false);
  };
  useHotkeys(
    singleKeys
      ? [
          ['space', pull],
          ['enter', () => fresh && next.data?.position !== undefined && !over && stands(next.data.position)],
        ]
      : [],
    ['INPUT', 'BUTTON', 'A'],
  );
  const truth = drag.data?.truth ?? null;
  return (
    <div className={classes.practice}>
      <title>Practise on a drag · Undro</title>
      <div className={page.head}>
        <Title order={1}>Practise on a drag</Title>
        <p className={page.soft}>Its knob follows a law nobody told you. Nothing of it is written down.</p>
        <span className={page.grow} />
        <Anchor component={Link} to="/drag">
          Back to Drag
        </Anchor>
      </div>
      <div className={classes.set}>
        <div className={classes.work}>
          {next.data ? (
            <Next next={next.data} knob="turn" word="knob" units={units} onStands={over ? () => {} : stands} />
          ) : (
            <section className={classes.next} data-state="first">
              <p className={classes.doing} data-testid="drag-next">
                Pull once
              </p>
              <p className={classes.because}>Then turn the knob as you like, or as Undro says, and pull again.</p>
            </section>
          )}
          {wrong && (
            <div role="alert" className={classes.wrong}>
              <p>{wrong.message}</p>
              <Button size="compact-sm" variant="default" onClick={() => setTurns((before) => before.slice(0, -1))}>
                Take that pull back
              </Button>
            </div>
          )}
          <form
            className={classes.pull}
            aria-label="The made-up drag"
            onSubmit={(event) => {
              event.preventDefault();
              pull();
            }}
          >
            <TypedField
              label="Set it to"
              unit={units.force}
              value={at.target}
              disabled={turns.length > 0}
              onChange={(value) => set({ target: value })}
            />
            <TypedField label="Knob at, turns" value={typed} onChange={setTyped} />
            <span />
            <Button type="submit" disabled={over}>
              Pull slowly
            </Button>
          </form>
          {next.data && <PullTable next={next.data} units={units} />}
          <Group gap="xs">
            {turns.length > 0 && !over && (
              <Button variant={next.data?.state === 'accept' ? 'filled' : 'default'} onClick={() => setOver(true)}>
                I leave it there: what was it?
              </Button>
            )}
            <Button variant="default" onClick={anew}>
              Another drag
            </Button>
          </Group>
          {truth && (
            <p className={classes.because} data-testid="truth">
              {truth.says} You took {count(truth.moves, 'move')} and {count(turns.length, 'pull')}; it really runs at{' '}
              {words(force(truth.running_N, units))} and lets go at {words(force(truth.start_up_N, units))}. As Undro
              says, it takes {count(truth.by_rule.moves, 'move')} and {count(truth.by_rule.pulls, 'pull')}.
            </p>
          )}
        </div>
        <div className={classes.dial}>
          {next.data && (
            <Rod
              force={next.data.pulls.at(-1)?.counts_N ?? 0}
              target={next.data.target_N}
              within={next.data.within}
              stop={null}
              peak={null}
              pulls={next.data.pulls.filter((each) => each.here).map((each) => each.counts_N)}
              scaleUnit={{ n: newtonsPer(units), name: units.force }}
              label={`The last pull bent the rod to ${words(force(next.data.pulls.at(-1)?.counts_N ?? 0, units))}`}
            />
          )}
          {truth && next.data && (
            <Suspense fallback={null}>
              <Trace next={next.data} truth={truth.curve} />
            </Suspense>
          )}
        </div>
      </div>
    </div>
  );
}

const count = (many: number, what: string) => `${many} ${what}${many === 1 ? '' : 's'}`;
