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
      <h2 className={classes.heading}>What would narrow it</h2>
      {offered.length === 0 && (
        <p className={classes.reason}>
          {!result.fits && 'Nothing, until it fits.'}
          {result.fits &&
            (asked === 0
              ? 'No further reading would: it is as sure as it gets.'
              : 'The question about a reading, answered.')}
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
