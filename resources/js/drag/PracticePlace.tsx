import { Anchor, Button, Checkbox, Group, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { Gauge, Knob } from '../drawings/rod/Gauge';
import { Rod } from '../drawings/rod/Rod';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { useKeys } from '../parts/useKeys';
import { useLinked } from '../parts/useLinked';
import { Noted } from '../practice/Noted';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { force, newtonsPer, withUnit, words } from '../units/units';
import classes from './Drag.module.css';
import { place } from './knob';
import { Next } from './Next';
import { PullTable } from './PullTable';

const Trace = lazy(async () => ({ default: (await import('./Trace')).Trace }));

type Made = { position: string; fast: boolean; zeroed: boolean; past: boolean };

const START = { seed: '', target: '18 N' };
const MOST_SEED = 100_000;

/** A made-up drag to set in as few pulls as can be. What it was really like is shown when it is over. */
export function PracticePlace() {
  const { units, singleKeys } = useBench();
  const [at, set] = useLinked(START);
  const [own] = useState(() => `${1 + Math.floor(Math.random() * MOST_SEED)}`);
  const seed = at.seed || own;
  // each pull as it was made: where the knob stood, as typed, and how
  const [made, setMade] = useState<Made[]>([]);
  const [typed, setTyped] = useState('0');
  const [over, setOver] = useState(false);
  const [zeroed, setZeroed] = useState(true);
  const [past, setPast] = useState(false);
  const target = withUnit(at.target, units.force);
  const drag = useCalculator('drag_practice', {
    seed: Number(seed) || 1,
    target_N: target,
    pulls: made,
    over,
  });
  const answered = made.length === 0 ? [] : (drag.data?.pulls ?? []);
  // of a line that broke nothing is read; what is read stands as it is, since here it is the lesson
  const pulls = answered.filter((each) => !each.broke).map((each) => ({ ...each, sure: true }));
  const asked = useCalculator(
    'drag_next',
    pulls.length === 0 ? null : { target_N: target, knob: 'turn', pulls, law: over },
  );
  const next = { data: pulls.length === 0 ? undefined : asked.data, error: asked.error };
  const fresh = answered.length === made.length && !asked.isPlaceholderData;
  const wrong = drag.error ?? next.error;
  const last = made.at(-1);
  const lower = last !== undefined && Number.parseFloat(typed) < Number.parseFloat(last.position);
  const pull = (fast: boolean) => {
    if (over) return;
    setMade((before) => [...before, { position: typed || '0', fast, zeroed, past: !lower || past }]);
    setZeroed(false);
    setPast(false);
  };
  const zero = () => setZeroed(true);
  /** as Undro says it, back past a lower place and up to it */
  const stands = (position: number) => {
    setTyped(place(position));
    setPast(true);
  };
  const anew = () => {
    set({ seed: `${1 + Math.floor(Math.random() * MOST_SEED)}` });
    setMade([]);
    setTyped('0');
    setZeroed(true);
    setPast(false);
    setOver(false);
  };
  const shown = answered.at(-1);
  const broke = shown?.broke === true;
  const read = shown?.running_N ?? shown?.start_up_N ?? 0;
  const rests = drag.data && !zeroed ? drag.data.rests_N : 0;
  const line = drag.data?.line_N ?? 0;
  const mistakes = made.length === 0 ? [] : (drag.data?.mistakes ?? []);
  const now = mistakes.filter((each) => each.pull === made.length - 1);
  const unit = { n: newtonsPer(units), name: units.force };
  useKeys(
    singleKeys
      ? [
          ['space', () => pull(false)],
          ['z', zero],
          ['enter', () => fresh && next.data?.position !== undefined && !over && stands(next.data.position)],
        ]
      : [],
  );
  const truth = drag.data?.truth ?? null;
  return (
    <div className={classes.practice}>
      <title>Practice: set a drag · Undro</title>
      <div className={page.head}>
        <Title order={1}>Practice: set a drag</Title>
        <p className={page.soft}>You don’t know yet how fast this knob tightens. Nothing is saved.</p>
        <span className={page.grow} />
        <Anchor component={Link} to="/practice" data-alone>
          All lessons
        </Anchor>
        <Anchor component={Link} to="/drag" data-alone>
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
              <p className={classes.because}>Then turn the knob as you like, or as Undro suggests, and pull again.</p>
            </section>
          )}
          {wrong && (
            <div role="alert" className={classes.wrong}>
              <p>{wrong.message}</p>
              <Button size="compact-sm" variant="default" onClick={() => setMade((before) => before.slice(0, -1))}>
                Undo that pull
              </Button>
            </div>
          )}
          <form
            className={classes.pull}
            aria-label="The practice drag"
            onSubmit={(event) => {
              event.preventDefault();
              pull(false);
            }}
          >
            <TypedField
              label="Set it to"
              unit={units.force}
              value={at.target}
              disabled={made.length > 0}
              onChange={(value) => set({ target: value })}
            />
            <TypedField label="Knob at, turns" value={typed} onChange={setTyped} />
            <Button type="submit" disabled={over}>
              Pull slowly
            </Button>
          </form>
          <Group gap="xs">
            <Button size="compact-sm" variant={zeroed ? 'default' : 'light'} disabled={zeroed || over} onClick={zero}>
              {zeroed ? 'The needle is at zero' : 'Put the needle back to zero'}
            </Button>
            <Button size="compact-sm" variant="default" color="gray" disabled={over} onClick={() => pull(true)}>
              Jerk it
            </Button>
            {lower && (
              <Checkbox
                size="sm"
                label="back past it, and up to it"
                checked={past}
                onChange={(change) => setPast(change.currentTarget.checked)}
              />
            )}
          </Group>
          {broke && (
            <div role="alert" className={classes.wrong}>
              <p>
                <b>The line broke.</b> The pull went over {words(force(line, units))}, which is all this line holds, so
                there is no reading. Keep your eyes away from the rod tip and nobody in line with the rod: a broken line
                springs back.
              </p>
            </div>
          )}
          {now.length > 0 && (
            <ul className={classes.mistakes} aria-label="What went wrong with this pull" aria-live="polite">
              {now.map((each) => (
                <li key={each.id}>{each.says}</li>
              ))}
            </ul>
          )}
          {next.data && <PullTable next={next.data} units={units} />}
          <Group gap="xs">
            {made.length > 0 && !over && !broke && (
              <Button variant={next.data?.state === 'accept' ? 'filled' : 'default'} onClick={() => setOver(true)}>
                Finish and show the result
              </Button>
            )}
            <Button variant="default" onClick={anew}>
              Another drag
            </Button>
          </Group>
          {truth && <Noted key={seed} lesson="drag" seed={Number(seed) || 1} moves={asMoves(target, made)} />}
          {truth && (
            <p className={classes.because} data-testid="truth">
              {truth.says} You took {count(truth.moves, 'move')} and {count(made.length, 'pull')}; it really runs at{' '}
              {words(force(truth.running_N, units))} and lets go at {words(force(truth.start_up_N, units))}. As Undro
              says, it takes {count(truth.by_rule.moves, 'move')} and {count(truth.by_rule.pulls, 'pull')}.{' '}
              {mistakes.length === 0
                ? 'None of the five mistakes that beginners make was among them.'
                : `Of the five mistakes that beginners make: ${[...new Set(mistakes.map((each) => each.word))].join(', ')}.`}
            </p>
          )}
        </div>
        <div className={classes.dial}>
          {drag.data && (
            <>
              <Rod
                force={broke ? 0 : read}
                target={drag.data.target_N}
                within={drag.data.within}
                stop={null}
                peak={null}
                pulls={next.data?.pulls.filter((each) => each.here).map((each) => each.counts_N) ?? []}
                scaleUnit={unit}
                parted={broke}
                label={
                  broke ? 'The line broke and the rod is straight' : `The rod bends to ${words(force(read, units))}`
                }
              />
              <div className={classes.dials}>
                <Gauge
                  force={broke ? 0 : rests}
                  peak={broke ? 0 : read}
                  target={drag.data.target_N}
                  within={drag.data.within}
                  line={line}
                  scaleUnit={unit}
                  label={`The gauge showed ${words(force(broke ? 0 : read, units))}; its needle rests at ${words(force(rests, units))}`}
                />
                <Knob turns={Number.parseFloat(typed) || 0} label={`The knob is at ${typed || '0'} turns`} />
              </div>
              <p className={classes.soft}>
                The line holds {words(force(line, units))}; the target is a quarter of that.
              </p>
            </>
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

/** The same as a lesson tells it, one thing after the other. */
function asMoves(target: string, made: Made[]): Schemas['LessonMoves'] {
  return [
    { do: 'target', amount: target },
    ...made.flatMap(({ position, fast, zeroed, past }, index) => [
      ...(position === (made[index - 1]?.position ?? '0') ? [] : [{ do: past ? 'past' : 'turn', amount: position }]),
      ...(zeroed ? [{ do: 'zero' }] : []),
      { do: fast ? 'jerk' : 'pull' },
    ]),
  ];
}

const count = (many: number, what: string) => `${many} ${what}${many === 1 ? '' : 's'}`;
