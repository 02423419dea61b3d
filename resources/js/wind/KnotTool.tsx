import { useState } from 'react';
import { Chooser, LineChoice } from '../knots/Chooser';
import { LeaderSeat } from '../knots/LeaderSeat';
import { NAMES } from '../knots/names';
import { Tying } from '../knots/Tying';
import { useKnotChoice } from '../knots/useKnotChoice';
import { mainOf } from '../parts/onSpool';
import { useBench } from '../shell/bench';
import { atHook, joins, USUAL_LEADER } from './joined';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The knot for this step: the first choice drawn, the others beside it. */
export function KnotTool({ run, step }: Running) {
  const { spool } = useBench();
  const [leader, setLeader] = useState(USUAL_LEADER);
  const [hooked, setHooked] = useState(() => atHook(run.state));
  const joined = joins(run.state, step, leader, hooked);
  const choice = useKnotChoice(joined);
  return (
    <div className={classes.knots} data-holds={choice.problem === null || undefined}>
      {step.kind === 'leader' && <LineChoice label="Leader" value={leader} onChange={setLeader} />}
      {step.kind === 'hook_knot' && <LineChoice label="Line at the hook" value={hooked} onChange={setHooked} />}
      {choice.knot && (
        <>
          <h2 className={classes.knotName}>{NAMES[choice.knot]}</h2>
          <Tying key={choice.knot} knot={choice.knot} {...choice.shown} />
        </>
      )}
      {/* the drawing has the width: what else could be tied is folded away, unless a figure for it is wrong */}
      <details open={choice.problem !== null}>
        <summary>Choose another knot</summary>
        <Chooser choice={choice} picked={choice.knot} onPick={choice.pick} />
      </details>
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
