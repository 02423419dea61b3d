import { useState } from 'react';
import type { RunStep } from '../api/types';
import { Chooser, LineChoice } from '../knots/Chooser';
import { LeaderSeat } from '../knots/LeaderSeat';
import { Tying } from '../knots/Tying';
import { type Joined, type TypedLine, typedLine, useKnotChoice } from '../knots/useKnotChoice';
import { mainOf } from '../parts/onSpool';
import { useBench } from '../shell/bench';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The knot for this step: the first choice drawn, the others beside it. */
export function KnotTool({ run, step }: Running) {
  const { spool } = useBench();
  const [leader, setLeader] = useState<TypedLine>({ material: 'fluoro', size: '0.35' });
  const joined = joins(run.state, step, leader);
  const choice = useKnotChoice(joined);
  return (
    <div className={classes.knots}>
      {choice.knot && <Tying key={choice.knot} knot={choice.knot} {...choice.shown} />}
      <Chooser choice={choice} picked={choice.knot} onPick={choice.pick}>
        {step.kind === 'leader' && <LineChoice label="The leader" value={leader} onChange={setLeader} />}
      </Chooser>
      {step.kind === 'leader' && (
        <LeaderSeat
          key={run.spool}
          tie={
            run.spool && !run.practice
              ? {
                  spool: run.spool,
                  spoolMm: run.state.layers.at(-1)?.top_mm ?? null,
                  mainN: mainOf(spool)?.line.strength_N ?? null,
                  material: leader.material,
                  knot: choice.knot,
                }
              : undefined
          }
        />
      )}
    </div>
  );
}

/** What is joined at a step: the arbor, the line below, or the leader. */
function joins({ layers, grips, kept }: Running['run']['state'], step: RunStep, leader: TypedLine): Joined {
  const line = (index: number) => ({
    material: layers[index]?.material ?? 'mono',
    diameter_mm: layers[index]?.diameter_mm ?? null,
  });
  if (step.kind === 'tie') return { where: 'arbor', one: line(0), other: null, grips, backing: layers.length > 1 };
  const above = step.layer ?? layers.length - 1;
  const under =
    above === 0 && kept ? { material: kept.material ?? 'mono', diameter_mm: kept.diameter_mm } : line(above - 1);
  return step.kind === 'join'
    ? { where: 'buried', one: under, other: line(above) }
    : { where: 'guides', one: line(above), other: typedLine(leader) };
}
