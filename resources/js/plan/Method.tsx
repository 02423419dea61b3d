import { Anchor } from '@mantine/core';
import type { PlanResult } from '../api/types';
import { Link } from '../shell/route';
import classes from './Plan.module.css';

const FOUND: Record<PlanResult['how_much'], string> = {
  calculate: 'Stop by depth and turns, as worked out above.',
  turn_over:
    'Your habit is to turn it over: the figures are a check, and the way “backing, turned over” lists the passes.',
  counter: 'Stop by your line counter at the length above; the depth mark is the check.',
  eye: 'Your habit is by eye: the depth mark shows where the eye should stop.',
};

/** How to wind it, by the angler's habits; where a habit cannot be kept here, why. */
export function Method({ result }: { result: PlanResult }) {
  return (
    <div className={classes.part}>
      <ol className={classes.method}>
        {result.method.map((advice) => (
          <li key={advice.question}>
            {advice.words}
            {advice.departs && <em> {advice.departs}</em>}
            {advice.own && !advice.departs && <span className={classes.soft}> Your habit.</span>}
          </li>
        ))}
        <li>{FOUND[result.how_much]}</li>
      </ol>
      <p className={classes.reason}>
        Hooks off while winding.{' '}
        <Anchor component={Link} to="/habits" size="sm">
          Habits
        </Anchor>
      </p>
    </div>
  );
}
