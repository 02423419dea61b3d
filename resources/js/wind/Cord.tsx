import { UnstyledButton } from '@mantine/core';
import type { Run, RunStep } from '../api/types';
import classes from './Wind.module.css';

const SAY = { done: 'done', skipped: 'left out', open: 'to do' } as const;

/** The steps as knots on a cord: tied ones are done, loops were left out, the one in hand is large. */
export function Cord({ run, onGo }: { run: Run; onGo: (step: RunStep) => void }) {
  const { steps, current, soaks } = run.state;
  return (
    <ol className={classes.cord} aria-label="Steps of the run">
      {steps.map((step) => {
        const state = step.id === current ? 'now' : step.state;
        return (
          <li key={step.id} data-state={state}>
            <UnstyledButton
              className={classes.bead}
              onClick={() => onGo(step)}
              disabled={run.state.over !== null}
              aria-current={state === 'now' ? 'step' : undefined}
              aria-label={`${step.title}, ${state === 'now' ? 'now' : SAY[step.state]}`}
            >
              <Bead state={state} />
              <span>{step.title}</span>
              {soaks[step.id] && <span className={classes.mini}>soaking</span>}
              {step.notes.length > 0 && <span className={classes.mini}>note</span>}
            </UnstyledButton>
          </li>
        );
      })}
    </ol>
  );
}

function Bead({ state }: { state: string }) {
  return (
    <svg width="22" height="30" viewBox="0 0 22 30" aria-hidden="true" className={classes.knot}>
      <path d="M11 0V30" />
      {state === 'done' && <path className={classes.tied} d="M11 8c7 0 7 8 0 7s-7 8 0 8M11 8c-6 1-6 7 0 7s6 7 0 8" />}
      {state === 'skipped' && <path className={classes.loose} d="M11 9c6 0 6 11 0 11" />}
      {state === 'now' && <circle cx="11" cy="15" r="8" className={classes.inHand} />}
      {state === 'open' && <circle cx="11" cy="15" r="2.5" className={classes.toDo} />}
    </svg>
  );
}
