import type { DragNext } from '../api/types';
import { drag, type Units } from '../units/units';
import classes from './Drag.module.css';
import { place } from './knob';

/** The pulls in their order, those at the present place apart. */
export function PullTable({ next, units }: { next: DragNext; units: Units }) {
  const show = (newtons: number | null) => (newtons === null ? '–' : drag(newtons, units).figure);
  return (
    <table className={classes.pulls} aria-label="Pulls">
      <thead>
        <tr>
          <th scope="col">Knob at</th>
          <th scope="col">Start-up</th>
          <th scope="col">Running, {units.force}</th>
          <th scope="col">Off</th>
        </tr>
      </thead>
      <tbody>
        {next.pulls.map((pull, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a pull is known by its turn
          <tr key={index} data-here={pull.here}>
            <th scope="row">{place(pull.position)}</th>
            <td data-counts={next.sticky === true || next.peaks_only}>{show(pull.start_up_N)}</td>
            <td data-counts={!next.sticky && !next.peaks_only}>{show(pull.running_N)}</td>
            <td>{off(pull.off)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{next.pulls_here} here</th>
          <td colSpan={2}>
            median <b data-testid="median">{drag(next.median_N, units).figure}</b>
            {next.pulls_here > 1 && `, ${Math.round(next.spread * 100)} % apart`}
            {next.scattered && ': scattered'}
          </td>
          <td>{off(next.off)}</td>
        </tr>
      </tfoot>
    </table>
  );
}

const off = (share: number) => {
  const percent = Math.round(share * 100);
  return `${percent > 0 ? '+' : percent < 0 ? '−' : ''}${Math.abs(percent)} %`;
};
