import { Button } from '@mantine/core';
import type { Schemas } from '../api/client';
import type { Run, RunStep } from '../api/types';
import { clock, useSecondsLeft } from './TimerTool';
import type { Tell } from './useRun';
import classes from './Wind.module.css';

/** From so many minutes before it has to begin a soak is announced. */
const SOON_MIN = 3;

/** Soaks that go on while another step is done, and those that have to begin now so that they end at their join. */
export function Soaks({ run, tell }: { run: Run; tell: Tell }) {
  const { steps, soaks, soaks_due, current } = run.state;
  const going = steps.filter((step) => soaks[step.id] && step.id !== current);
  return (
    <>
      {going.map((step) => (
        <Soak key={step.id} step={step} startedAt={soaks[step.id] ?? ''} tell={tell} />
      ))}
      {soaks_due
        .filter((due) => due.in_min <= SOON_MIN)
        .map((due) => (
          <Due key={due.step} title={steps.find((step) => step.id === due.step)?.title ?? ''} {...due} tell={tell} />
        ))}
    </>
  );
}

/** A soak that has to begin: its own length before its join is due. */
function Due({
  title,
  step,
  in_min: inMinutes,
  tell,
}: Schemas['RunState']['soaks_due'][number] & { title: string; tell: Tell }) {
  const now = inMinutes <= 0;
  return (
    <p className={classes.soaking} data-over={now || undefined} role={now ? 'alert' : undefined} data-testid="soak-due">
      <span>
        {title}:{' '}
        <b>{now ? 'put it in now, so it’s ready for the knot' : `put it in within ${Math.ceil(inMinutes)} min`}</b>
      </span>
      <Button
        size="compact-sm"
        variant={now ? 'filled' : 'default'}
        onClick={() => tell({ kind: 'soak_started', step })}
      >
        It’s in the water
      </Button>
    </p>
  );
}

function Soak({ step, startedAt, tell }: { step: RunStep; startedAt: string; tell: Tell }) {
  const left = useSecondsLeft(startedAt, step.seconds ?? 0) ?? 0;
  return (
    <p className={classes.soaking} data-over={left <= 0 || undefined} role={left <= 0 ? 'alert' : undefined}>
      <span>
        {step.title}: <b>{left > 0 ? clock(left) : 'soaked long enough, take it out'}</b>
      </span>
      <Button size="compact-sm" variant="default" onClick={() => tell({ kind: 'soak_over', step: step.id })}>
        It’s out of the water
      </Button>
    </p>
  );
}
