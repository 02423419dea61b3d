import type { DragResult } from '../api/types';
import { useBench } from '../shell/bench';
import { drag as dragForce, length } from '../units/units';
import classes from './Drag.module.css';

export const share = (of: number | undefined) => `${Math.round((of ?? 0) * 100)} %`;

/** What to ease off to, by line out. */
export function Ladder({ drag }: { drag: DragResult }) {
  const { units } = useBench();
  const show = (newtons: number) => dragForce(newtons, units).figure;
  const limit = drag.limit_N ?? Number.POSITIVE_INFINITY;
  return (
    <table className={classes.ladder}>
      <caption>Ease off as the spool empties</caption>
      <thead>
        <tr>
          <th scope="col">{units.length} out</th>
          <th scope="col">left alone, {units.force}</th>
          <th scope="col">of the weakest</th>
          <th scope="col">ease to, {units.force}</th>
        </tr>
      </thead>
      <tbody>
        {drag.ladder.map((row) => (
          <tr key={row.line_out_m} data-past={row.expected_N >= limit}>
            <th scope="row">{length(row.line_out_m, units, 0).figure}</th>
            <td>{show(row.expected_N)}</td>
            <td>{share(row.expected_share)}</td>
            <td>{show(row.ease_to_N)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
