import type { DragResult } from '../api/types';
import { useBench } from '../shell/bench';
import { drag as dragForce, length, small } from '../units/units';
import classes from './Drag.module.css';

export const share = (of: number | undefined) => `${Math.round((of ?? 0) * 100)} %`;

/** What to ease off to, by line out: the knob's way back and the line's depth under the lip beside it, since nobody has a scale afloat. */
export function Ladder({ drag }: { drag: DragResult }) {
  const { units } = useBench();
  const show = (newtons: number) => dragForce(newtons, units).figure;
  const turns = drag.ladder.some((row) => row.back !== null);
  const limit = drag.limit_N ?? Number.POSITIVE_INFINITY;
  return (
    <table className={classes.ladder}>
      <caption>Ease off as the spool empties</caption>
      <thead>
        <tr>
          <th scope="col">{units.length} out</th>
          <th scope="col">below the lip, {units.small}</th>
          <th scope="col">
            {drag.at_least ? 'if left alone, at least' : 'left alone'}, {units.force}
          </th>
          <th scope="col">of the weakest</th>
          <th scope="col">
            {drag.at_least ? 'ease to, at most' : 'ease to'}, {units.force}
          </th>
          {turns && <th scope="col">turn back</th>}
        </tr>
      </thead>
      <tbody>
        {drag.ladder.map((row) => (
          <tr key={row.line_out_m} data-past={row.expected_N >= limit}>
            <th scope="row">{length(row.line_out_m, units, 0).figure}</th>
            <td>{small(row.depth_mm, units).figure}</td>
            <td>{show(row.expected_N)}</td>
            <td>{share(row.expected_share)}</td>
            <td>{show(row.ease_to_N)}</td>
            {turns && <td>{back(row)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const back = (row: DragResult['ladder'][number]) =>
  row.back === null ? 'farther than it goes' : row.back.amount === 0 ? 'none' : row.back.words;

/** Why there are no turns beside the forces; empty where there are. */
export const noTurns = (drag: DragResult): string =>
  drag.no_law
    ? 'Undro doesn’t know how far to turn the knob back, because you pulled at one position only. Pull at two or more, save the setting, and the turns appear here.'
    : '';
