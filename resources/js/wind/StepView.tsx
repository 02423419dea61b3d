import { Button, TextInput, Title } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { type Key, useKeys } from '../parts/useKeys';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { CountTool } from './CountTool';
import { DragTool } from './DragTool';
import { LabelTool } from './LabelTool';
import { LevelTool } from './LevelTool';
import { SlackTool } from './SlackTool';
import { StillOn, StripTool, useLying } from './StripTool';
import { standing } from './standing';
import { TimerTool } from './TimerTool';
import { Unwritten } from './Unwritten';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

const TwistTool = lazy(() => import('./TwistTool').then(({ TwistTool }) => ({ default: TwistTool })));
const KnotTool = lazy(() => import('./KnotTool').then(({ KnotTool }) => ({ default: KnotTool })));

/** One step: what to do, what right looks like, what goes wrong, the caution, and its tool. */
export function StepView(running: Running) {
  const { run, step, tell, say, ahead } = running;
  const { singleKeys, units } = useBench();
  const [noting, setNoting] = useState(false);
  // a press that leads past line which is not written down yet waits until that is said
  const [waiting, setWaiting] = useState<Told[] | null>(null);
  const lying = useLying(run);
  const counts = step.tool === 'count';
  const index = run.state.steps.indexOf(step);
  const before = run.state.steps[index - 1];
  const last = index === run.state.steps.length - 1;
  const next = () =>
    last
      ? tell({ kind: 'done', step: step.id }, { kind: 'finished' })
      : step.tool === 'strip' && lying?.length !== 0
        ? setWaiting([{ kind: 'done', step: step.id }])
        : tell({ kind: 'done', step: step.id });
  const skip = () => {
    const marks: Told[] = [{ kind: 'skipped', step: step.id }, ...(last ? [{ kind: 'finished' } as const] : [])];
    if (step.kind === 'wind' && !run.state.progress.stop && standing(run, ahead).unwritten_m > 0) setWaiting(marks);
    else tell(...marks);
  };
  const back = () => before && tell({ kind: 'back', step: before.id });
  useKeys(
    singleKeys
      ? [
          ['s', skip],
          ['n', () => setNoting(true)],
          ...(step.tool === 'knots' ? [] : ([['ArrowLeft', () => back()]] as Key[])),
          ...(counts ? [] : ([['Enter', next]] as Key[])),
        ]
      : [],
  );
  return (
    <article className={classes.step} data-testid="step" data-counts={counts || undefined}>
      <header className={classes.stepHead}>
        <Title order={1} className={classes.title}>
          {step.title}
        </Title>
        <p className={classes.mini}>
          step {index + 1} of {run.state.steps.length}
        </p>
      </header>
      <p className={classes.do}>{sentence(step.do, units)}</p>
      {step.caution && (
        <p className={classes.caution} role="note">
          <strong>Caution:</strong> {step.caution}
        </p>
      )}
      <Suspense
        fallback={
          <div className={step.tool === 'knots' ? classes.knots : undefined} data-holds>
            <p aria-busy="true">One moment …</p>
          </div>
        }
      >
        <Tool {...running} />
      </Suspense>
      <dl className={classes.looks}>
        <dt>Looks right</dt>
        <dd>{step.right}</dd>
        <dt>Looks wrong</dt>
        <dd>{step.wrong}</dd>
      </dl>
      {step.notes.map((note) => (
        <p key={note} className={classes.note}>
          {note}
        </p>
      ))}
      {waiting &&
        (step.tool === 'strip' ? (
          <StillOn run={run} say={say} then={waiting} onDone={() => setWaiting(null)} />
        ) : (
          <Unwritten
            run={run}
            say={say}
            ahead={ahead}
            waits={running.waits}
            then={waiting}
            onDone={() => setWaiting(null)}
          />
        ))}
      {noting && <Note onDone={() => setNoting(false)} {...running} />}
      <footer className={classes.moves}>
        {!counts && (
          <Button size="lg" onClick={next}>
            {last ? 'Done, finish the run' : 'Done, next'}
          </Button>
        )}
        <Button size={counts ? 'sm' : 'lg'} variant="default" onClick={skip}>
          {counts ? 'Skip this step' : 'Skip'}
        </Button>
        {before && (
          <Button size={counts ? 'sm' : 'lg'} variant="default" onClick={back}>
            Back
          </Button>
        )}
        <Button size={counts ? 'sm' : 'lg'} variant="default" onClick={() => setNoting(true)}>
          Add a note
        </Button>
      </footer>
    </article>
  );
}

function Tool(running: Running) {
  switch (running.step.tool) {
    case 'count':
      return <CountTool {...running} />;
    case 'slack':
      return <SlackTool {...running} />;
    case 'timer':
      return <TimerTool {...running} />;
    case 'twist':
      return <TwistTool {...running} />;
    case 'knots':
      return <KnotTool {...running} />;
    case 'level':
      return <LevelTool {...running} />;
    case 'strip':
      return <StripTool {...running} />;
    case 'label':
      return <LabelTool {...running} />;
    case 'drag':
      return <DragTool {...running} />;
    default:
      return null;
  }
}

function Note({ step, tell, onDone }: Running & { onDone: () => void }) {
  const [words, setWords] = useState('');
  return (
    <form
      className={classes.noting}
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim()) tell({ kind: 'note', step: step.id, words: words.trim() });
        onDone();
      }}
    >
      <TextInput
        label="Note on this step"
        autoFocus
        maxLength={500}
        value={words}
        onChange={(event) => setWords(event.currentTarget.value)}
      />
      <Button type="submit" variant="default">
        Save note
      </Button>
    </form>
  );
}
