import { memo } from 'react';
import type { PlanResult } from '../api/queries';
import { useBench } from '../shell/bench';
import { length } from '../units/units';
import classes from './Plan.module.css';

/** What one more measurement would buy in tolerance. */
export const Narrowings = memo(function Narrowings({ result }: { result: PlanResult }) {
  const { units } = useBench();
  const offered = result.narrowings.slice(0, 4);
  if (offered.length === 0) return null;
  return (
    <section className={classes.part}>
      <h2 className={classes.heading}>What would narrow it</h2>
      <ul className={classes.list}>
        {offered.map((each) => (
          <li key={each.id} className={classes.row}>
            <span className={classes.rowFigure}>± {length(each.half_m, units).figure}</span>
            <span className={classes.rowWords}>{each.words}</span>
          </li>
        ))}
      </ul>
    </section>
  );
});
