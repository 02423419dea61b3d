import { Anchor, Button } from '@mantine/core';
import { useMediaQuery } from '@mantine/hooks';
import { lazy, Suspense, useEffect, useState } from 'react';
import type { Run, RunStep } from '../api/types';
import { woundWords } from '../parts/known';
import { Pocket } from '../parts/Pocket';
import { useTall } from '../parts/useTall';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link, useParams } from '../shell/route';
import { useArriveAt } from '../shell/useArrival';
import { Cord } from './Cord';
import { emptyUnder, isPast, NothingUnder } from './NothingUnder';
import { OutOfReach } from './OutOfReach';
import { RunSection, RunTape } from './RunDrawing';
import { RunOver } from './RunOver';
import { Soaks } from './Soaks';
import { StepView } from './StepView';
import { roleOf, standing, toWrite } from './standing';
import { Unwritten } from './Unwritten';
import { useAwake } from './useAwake';
import { type Running, type Silence, type Told, useRun } from './useRun';
import classes from './Wind.module.css';

const Truth = lazy(() => import('./Truth').then(({ Truth }) => ({ default: Truth })));

/** A run at the bench: one step at a time, the spool filling beside it. */
export function RunPlace() {
  const { uuid = '' } = useParams();
  const running = useRun(uuid);
  const awake = useAwake();
  const { query, run } = running;
  if (!run) return <Waiting query={query} what="the run" />;
  return <Bench {...running} run={run} awake={awake} />;
}

type BenchProps = Omit<Running, 'step'> & { untold: boolean; silence: Silence; lateDepth: boolean; awake: boolean };

function Bench({ run, tell, say, ahead, waits, untold, silence, lateDepth, awake }: BenchProps) {
  const { units, put } = useBench();
  const { state } = run;
  // the reel of the run is the one on the bench
  useEffect(() => {
    if (run.reel && run.spool) put(run.reel, run.spool);
  }, [run.reel, run.spool, put]);
  // each step opens at its top, with focus on its heading
  useArriveAt(state.over ?? state.current ?? 'end');
  const narrow = useMediaQuery('(max-width: 760px)') ?? false;
  const tall = useTall();
  const [steps, setSteps] = useState(false);
  const noted = useShownOnce('undro-screen-note', state.current, !awake);
  const step = state.steps.find((each) => each.id === state.current);
  const [waiting, setWaiting] = useState<Told[] | null>(null);
  const [asked, setAsked] = useState<{ to: RunStep; at: string | null } | null>(null);
  // the question goes once the run has gone on, or the layer is no longer empty
  const leaves = asked?.at === state.current ? emptyUnder(run, ahead, asked.to) : null;
  const go = (to: RunStep) => {
    setSteps(false);
    if (to.id === state.current) return;
    setAsked({ to, at: state.current });
    if (emptyUnder(run, ahead, to) !== null) return;
    if (isPast(state, to) && state.progress.stop === null && standing(run, ahead).unwritten_m > 0) {
      setWaiting([{ kind: 'back', step: to.id }]);
    } else tell({ kind: 'back', step: to.id });
  };
  return (
    <div className={classes.run} data-testid="run" data-current={state.current ?? state.over ?? 'end'}>
      <title>{step ? `${step.title} · Undro` : 'Wind · Undro'}</title>
      <aside className={classes.side} aria-label="Run">
        <Head run={run} />
        {narrow && (
          <Button size="compact-sm" variant="default" aria-expanded={steps} onClick={() => setSteps(!steps)}>
            {place(run, step)}
          </Button>
        )}
        {(!narrow || steps) && <Cord run={run} onGo={go} />}
        {state.over === null && <Leave tell={tell} run={run} ahead={ahead} />}
      </aside>
      <section className={classes.main} aria-label="Step">
        <OutOfReach run={run} silence={silence} waits={waits} lateDepth={lateDepth} />
        {state.over === null && <Soaks run={run} tell={tell} />}
        {asked && leaves !== null && state.over === null && (
          <NothingUnder
            run={run}
            layer={leaves}
            onWind={() => {
              setAsked(null);
              // the step in hand leads there; who is past it goes back
              const wind = state.steps.findIndex((each) => each.kind === 'wind' && each.layer === leaves);
              const to = state.steps[wind];
              if (to && wind < state.steps.findIndex((each) => each.id === state.current))
                tell({ kind: 'back', step: to.id });
            }}
            onSkip={() => {
              setAsked(null);
              tell({ kind: 'back', step: asked.to.id });
            }}
          />
        )}
        {waiting && state.over === null && (
          <Unwritten run={run} say={say} ahead={ahead} waits={waits} then={waiting} onDone={() => setWaiting(null)} />
        )}
        {step && state.over === null ? (
          <StepView key={step.id} run={run} step={step} tell={tell} say={say} ahead={ahead} waits={waits} />
        ) : (
          <RunOver run={run} tell={tell} untold={untold} waits={waits} />
        )}
        {!awake && state.current === noted && (
          <p className={classes.fine}>
            This browser can’t keep the screen on{window.isSecureContext ? '' : ' without https'}. Turn off sleep on
            your device.
          </p>
        )}
      </section>
      <aside className={classes.picture} aria-label="Spool and line">
        <RunSection run={run} units={units} height={narrow ? 220 : tall ? 480 : 330} />
        <RunTape run={run} units={units} />
        <WrittenSoFar run={run} untold={untold} />
        {run.truth && (
          <Suspense fallback={null}>
            <Truth run={run} truth={run.truth} shown={state.over !== null || state.current === 'level'} />
          </Suspense>
        )}
      </aside>
    </div>
  );
}

/** The step at which something is shown that this browser has not shown before; null: it has. */
function useShownOnce(key: string, step: string | null, shown: boolean): string | null {
  const [at] = useState(() => (window.localStorage.getItem(key) === null ? step : null));
  useEffect(() => {
    if (!shown) return;
    // with a full storage it is shown again
    try {
      window.localStorage.setItem(key, 'said');
    } catch {}
  }, [key, shown]);
  return at;
}

function Leave({ tell, run, ahead }: Pick<Running, 'tell' | 'run' | 'ahead'>) {
  const { units } = useBench();
  const now = standing(run, ahead);
  const { length, how } = toWrite(now, units);
  return (
    <Pocket size="compact-sm" variant="subtle" color="gray" name="End the run early" label="End the run early">
      {(close) => (
        <div className={classes.leave}>
          <p>
            This ends the run.{' '}
            {run.practice
              ? 'You’ll see how it went.'
              : now.unwritten_m > 0
                ? `It saves ${length} of ${now.role} (${how}), which you can undo.`
                : 'It saves nothing more.'}{' '}
            To come back later instead, just close the page.
          </p>
          <Button
            size="sm"
            onClick={() => {
              close();
              tell({ kind: 'left' });
            }}
          >
            End the run
          </Button>
        </div>
      )}
    </Pocket>
  );
}

function Head({ run }: { run: Run }) {
  return (
    <div className={classes.head}>
      <p className={classes.name}>{run.name}</p>
      <p className={classes.mini}>
        {run.practice ? 'Practice: nothing is saved in the log. ' : ''}
        {Object.keys(run.draft).length > 0 && (
          <>
            <Anchor component={Link} to={`/plan?${new URLSearchParams(run.draft)}`}>
              Plan
            </Anchor>{' '}
          </>
        )}
        <Anchor component={Link} to="/wind">
          All runs
        </Anchor>{' '}
        <Anchor component={Link} to="/trouble">
          Troubleshooting
        </Anchor>
      </p>
    </div>
  );
}

/** What the run has written into the log by now, each with its ± and how it is known. */
function WrittenSoFar({ run, untold }: { run: Run; untold: boolean }) {
  const { units } = useBench();
  if (run.written.length === 0 || run.practice || run.state.over !== null) return null;
  return (
    <div className={classes.fine} data-testid="written-so-far">
      <b>{untold ? 'Saved so far, or when the server answers:' : 'Saved so far:'}</b>{' '}
      {run.written.map((each) => woundWords(each, units, `of ${roleOf(run, each.layer)}`)).join('; ')}
    </div>
  );
}

const place = (run: Run, step: RunStep | undefined) =>
  step
    ? `Step ${run.state.steps.indexOf(step) + 1} of ${run.state.steps.length} · ${step.title}`
    : `All ${run.state.steps.length} steps`;
