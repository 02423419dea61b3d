import { Anchor } from '@mantine/core';
import type { PlanResult } from '../api/types';
import { MATERIAL_WORD } from '../drawings/material';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { length, small, thickness, words } from '../units/units';
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
      <Shop result={result} />
    </div>
  );
}

/** Somebody else winds it: what to ask for, what to check when the reel comes back, and what to log. */
function Shop({ result }: { result: PlanResult }) {
  const { units } = useBench();
  if (!result.fits) return null;
  const lines = result.fill.layers.map(
    (layer) =>
      `${words(length(layer.length_m, units, 0))} of ${thickness(layer.diameter_mm, units)} ${MATERIAL_WORD[layer.material]}${layer.role === 'backing' ? ' as backing' : ''}`,
  );
  return (
    <details>
      <summary>If a shop winds it</summary>
      <ul className={classes.method}>
        <li>
          Ask for {lines.join(', then ')}, wound firmly and level
          {result.spool && `, to ${words(small(result.gap.mm, units))} below the lip`}.
        </li>
        <li>
          When the reel comes back, measure the line level and press with your thumb: the line must not yield. Let some
          line hang from the tip: it must not spring into loops.
        </li>
        <li>
          Log what was wound and the level you measured. <Link to="/locker">Add the line on it in Locker</Link>
        </li>
      </ul>
    </details>
  );
}
