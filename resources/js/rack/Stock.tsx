import { useReels } from '../api/records';
import { useStock } from '../api/stock';
import page from '../parts/parts.module.css';
import { Sideways } from '../parts/Sideways';
import { useBench } from '../shell/bench';
import { length, metresPer, price, within, words } from '../units/units';
import classes from './Rack.module.css';

/** What each line is enough for, what a metre of it costs, and what is running out. */
export function Stock() {
  const { units } = useBench();
  const { data: lines = [] } = useStock();
  const { data: reels = [] } = useReels();
  const name = (spool: number) => reels.find((reel) => reel.spools.some((each) => each.id === spool))?.name ?? '';
  const out = lines.filter((line) => line.running_out);
  if (lines.length === 0) return null;
  return (
    <details className={classes.stock} open={out.length > 0}>
      <summary>
        {out.length === 0 ? 'No line is running out' : `Running out: ${out.map((each) => each.line.name).join(', ')}`}
      </summary>
      <Sideways label="Line by line">
        <table>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">in stock</th>
              <th scope="col">used per year</th>
              <th scope="col">lasts</th>
              <th scope="col">per {units.length}</th>
              <th scope="col">enough for</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((each) => (
              <tr key={each.line.id} data-out={each.running_out}>
                <th scope="row">{each.line.name}</th>
                <td data-word="in stock">{within(each.left_m, each.half_m, units, 0)}</td>
                <td data-word="used per year">{each.used_m > 0 ? words(length(each.used_m, units, 0)) : '—'}</td>
                <td data-word="lasts">
                  {each.months_left === null
                    ? '—'
                    : `${each.months_left < 1 ? 'under a month' : `${each.months_left.toFixed(0)} months`}`}
                  {each.running_out && <span className={page.pick}>running out</span>}
                </td>
                <td data-word={`per ${units.length}`}>
                  {each.per_metre
                    ? price({ ...each.per_metre, amount: each.per_metre.amount * metresPer(units) })
                    : '—'}
                </td>
                <td className={classes.enough} data-word="enough for">
                  {each.enough_for.length === 0
                    ? 'none of its spools'
                    : each.enough_for
                        .map(
                          (fill) =>
                            `${fill.role === 'main' ? '' : 'backing for '}${name(fill.spool)}${fill.times > 1 ? ` × ${fill.times}` : ''}`,
                        )
                        .join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
    </details>
  );
}
