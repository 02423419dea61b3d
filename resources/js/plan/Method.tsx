import { Anchor } from '@mantine/core';
import type { PlanResult } from '../api/types';
import { Link } from '../shell/route';
import classes from './Plan.module.css';

const FOUND: Record<PlanResult['how_much'], string> = {
  calculate: 'Stop by line level and turns, as worked out above.',
  turn_over:
    'You usually fill and reverse. Then these figures are a check; the method “fill and reverse” lists the passes.',
  counter: 'Stop by your line counter at the length above. Check it against the line level.',
  eye: 'You usually stop by eye. The mark shows where to stop.',
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
            {advice.own && !advice.departs && <span className={classes.soft}> Your usual.</span>}
          </li>
        ))}
        <li>{FOUND[result.how_much]}</li>
      </ol>
      <p className={classes.reason}>
        Hooks off while winding.{' '}
        <Anchor component={Link} to="/preferences" size="sm">
          Preferences
        </Anchor>
      </p>
    </div>
  );
}
