import type { Care } from '../api/types';
import { day } from '../parts/day';
import { LargeFigure } from '../parts/LargeFigure';
import { useBench } from '../shell/bench';
import { retrieve, small, words } from '../units/units';
import classes from './Log.module.css';

/** A stretch of time as people say it. */
const span = (days: number) =>
  days < 60 ? { figure: `${days}`, unit: 'days' } : { figure: (days / 30.44).toFixed(0), unit: 'months' };

const outings = (care: Care) => care.counted_outings.toFixed(care.hard_outings % 2 === 1 ? 1 : 0);

/** How long the line is still good: what somebody comes here for. */
export function Until({ care }: { care: Care | null }) {
  const { units } = useBench();
  if (!care) return <h1 className={classes.soft}>There is no main line on this spool.</h1>;
  // a loss that rounds to nothing is none
  const lost = Math.round((care.level?.drop ?? 0) * 100);
  if (care.state === 'low' && care.level) {
    return (
      <>
        <LargeFigure
          lead="The line is"
          {...small(care.level.depth_mm, units)}
          trail={`below the lip; full is ${words(small(care.level.wanted_mm, units))}${lost > 0 ? `. You get ${lost} % less line per turn than when it was filled` : ''}`}
          stale={false}
        />
        <Worn care={care} />
      </>
    );
  }
  if (care.state === 'nicked' || care.state === 'short') {
    return (
      <>
        <h1 className={classes.now}>{care.state === 'nicked' ? 'Nicked: due now' : 'Too short: due now'}</h1>
        <Worn care={care} />
      </>
    );
  }
  const days = care.days_left;
  const used = care.by_age
    ? `${care.age_months.toFixed(0)} of ${care.limit_months.toFixed(0)} months${care.shelf_months >= 1 ? `, and ${care.shelf_months.toFixed(0)} on the shelf before, which count for a third` : ''}`
    : `${outings(care)} of ${care.limit_outings.toFixed(0)} trips`;
  return (
    <>
      <LargeFigure
        lead={days >= 0 ? 'The line is good for' : 'The line has been due for'}
        {...span(Math.abs(days))}
        trail={`${days >= 0 ? 'until' : 'since'} ${day(care.due_on)}: ${used}${care.hard_outings > 0 ? `; ${care.hard_outings} of the trips were in heavy sun or over rough ground and count one and a half each` : ''}`}
        stale={false}
      />
      {care.turn_on !== null && <p className={classes.soft}>Reverse the line by {day(care.turn_on)}.</p>}
      {care.level && (
        <p className={classes.soft}>
          By now it should be {words(small(care.level.depth_mm, units))} below the lip
          {care.level.retrieve_m !== null && `, ${words(retrieve(care.level.retrieve_m, units))} per turn`}
          {lost > 0 && `, ${lost} % less than when filled`}; full is {words(small(care.level.wanted_mm, units))}.
        </p>
      )}
    </>
  );
}

function Worn({ care }: { care: Care }) {
  return <p className={classes.soft}>Going by age and trips alone, the line is good until {day(care.worn_on)}.</p>;
}
