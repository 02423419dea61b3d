import type { Schemas } from '../api/client';
import { Sideways } from '../parts/Sideways';
import { length, small, type Units, words } from '../units/units';
import classes from './Twist.module.css';

/** Every way to place the filler side by side, with its twist on the reel and in the water, so that one sees why each camp is right. */
export function Placings({ result, units }: { result: Schemas['PlacingsResult']; units: Units }) {
  const across = (mm: number) => words(small(mm, units, 0));
  return (
    <div className={classes.ways}>
      <Sideways label="Every way to place the filler spool">
        <table className={classes.table}>
          <caption>
            Twist in turns per metre from the first metre to the last, and over all{' '}
            {words(length(result.length_m, units))}. Filler spool {across(result.filler.start_mm)} to{' '}
            {across(result.filler.end_mm)}
            {result.filler.assumed ? ' (assumed; add its diameter in Rack)' : ''}, spool {across(result.spool.start_mm)}{' '}
            to {across(result.spool.end_mm)}
            {result.spool.assumed ? ' (assumed)' : ''}.
          </caption>
          <thead>
            <tr>
              <th scope="col">Filler spool</th>
              <th scope="col">On the reel</th>
              <th scope="col">In the water</th>
              <th scope="col">Slack</th>
            </tr>
          </thead>
          <tbody>
            {result.ways.map((way) => (
              <tr key={way.id} data-sound={way.sound}>
                <th scope="row">
                  {way.words}
                  {!way.sound && <strong className={classes.no}> no</strong>}
                </th>
                <Twist from={way.start.winding_turns_per_m} to={way.end.winding_turns_per_m} all={way.winding_turns} />
                <Twist from={way.start.water_turns_per_m} to={way.end.water_turns_per_m} all={way.water_turns} />
                <td>{way.loops === null ? 'unknown' : way.loops ? 'loops' : 'straight'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <dl className={classes.verdicts}>
        {result.ways.map((way) => (
          <div key={way.id}>
            <dt>{way.words}</dt>
            <dd>{way.verdict}</dd>
          </div>
        ))}
      </dl>
      <p className={classes.soft}>
        Ways to hold the filler spool:{' '}
        {result.holds
          .map(
            (hold) =>
              `${hold.word} (${hold.feed === 'over_end' ? 'line comes over the end' : 'spool turns'}; ${hold.tension})`,
          )
          .join(' · ')}
        .
      </p>
    </div>
  );
}

function Twist({ from, to, all }: { from: number; to: number; all: number }) {
  return (
    <td>
      {signed(from)} to {signed(to)}
      <br />
      <span className={classes.soft}>{signed(all, 0)} in all</span>
    </td>
  );
}

/** With its sign; nothing is nothing. */
export function signed(value: number, digits = 1): string {
  const shown = Math.abs(value).toFixed(digits);
  return Number(shown) === 0 ? '0' : `${value < 0 ? '−' : '+'}${shown}`;
}
