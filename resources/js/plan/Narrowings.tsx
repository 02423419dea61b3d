import { memo } from 'react';
import type { PlanResult } from '../api/types';
import { useBench } from '../shell/bench';
import { length } from '../units/units';
import classes from './Plan.module.css';

/** What one more measurement would buy in tolerance. */
export const Narrowings = memo(function Narrowings({ result, asked }: { result: PlanResult; asked: number }) {
  const { units } = useBench();
  const offered = result.narrowings.slice(0, 4);
  return (
    <section className={classes.part}>
      <h2 className={classes.heading}>How to get a surer figure</h2>
      {offered.length === 0 && (
        <p className={classes.reason}>
          {!result.fits && 'First make it fit.'}
          {result.fits &&
            (asked === 0
              ? 'More measuring won’t help: this is as sure as it gets.'
              : 'Answer the question about a reading.')}
        </p>
      )}
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
