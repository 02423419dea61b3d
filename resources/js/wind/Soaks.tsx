import { Button } from '@mantine/core';
import type { Run, RunStep } from '../api/types';
import { clock, useSecondsLeft } from './TimerTool';
import type { Tell } from './useRun';
import classes from './Wind.module.css';

/** Soaks that go on while another step is done. */
export function Soaks({ run, tell }: { run: Run; tell: Tell }) {
  const going = run.state.steps.filter((step) => run.state.soaks[step.id] && step.id !== run.state.current);
  return going.map((step) => <Soak key={step.id} step={step} startedAt={run.state.soaks[step.id] ?? ''} tell={tell} />);
}

function Soak({ step, startedAt, tell }: { step: RunStep; startedAt: string; tell: Tell }) {
  const left = useSecondsLeft(startedAt, step.seconds ?? 0) ?? 0;
  return (
    <p className={classes.soaking} data-over={left <= 0 || undefined} role={left <= 0 ? 'alert' : undefined}>
      <span>
        {step.title}: <b>{left > 0 ? clock(left) : 'long enough, take it out'}</b>
      </span>
      <Button size="compact-sm" variant="default" onClick={() => tell({ kind: 'soak_over', step: step.id })}>
        It is out
      </Button>
    </p>
  );
}
