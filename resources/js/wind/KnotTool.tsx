import { useState } from 'react';
import type { JoinsCase, KnotId } from '../api/queries';
import { useJoins } from '../api/queries';
import { Chooser } from '../knots/Chooser';
import { LeaderSeat } from '../knots/LeaderSeat';
import { Tying } from '../knots/Tying';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The knot for this step: the first choice drawn, the others beside it. */
export function KnotTool({ run, step }: Running) {
  const { layers } = run.state;
  const line = (index: number) => ({
    material: layers[index]?.material ?? 'mono',
    diameter_mm: layers[index]?.diameter_mm ?? 0.3,
  });
  const last = layers.length - 1;
  const given: Pick<JoinsCase, 'where' | 'one' | 'other' | 'grips' | 'backing'> =
    step.kind === 'tie'
      ? { where: 'arbor', one: line(0), other: null, grips: false, backing: layers.length > 1 }
      : step.kind === 'join'
        ? { where: 'buried', one: line((step.layer ?? 1) - 1), other: line(step.layer ?? 1) }
        : { where: 'guides', one: line(last), other: { material: 'fluoro', diameter_mm: 0.35 } };
  const first = useJoins(given).data?.knots[0]?.id;
  const [picked, setPicked] = useState<KnotId | null>(null);
  const knot = picked ?? first;
  const [one, other] = [Number(given.one.diameter_mm), Number(given.other?.diameter_mm ?? 0)];
  return (
    <div className={classes.knots}>
      {knot && <Tying key={knot} knot={knot} thick={given.other && other > one ? 'b' : 'a'} />}
      <Chooser given={given} picked={knot ?? 'double_uni'} onPick={setPicked} />
      {step.kind === 'leader' && <LeaderSeat />}
    </div>
  );
}
