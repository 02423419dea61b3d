import { memo } from 'react';
import type { PlanResult } from '../api/types';
import { useBench } from '../shell/bench';
import { fraction, price, retrieve, small, type Units, words } from '../units/units';
import classes from './Plan.module.css';

interface Row {
  id: string;
  figure: string;
  words: string;
}

/** What to do with the answer: where to stop, by depth and by turns. */
export const Todo = memo(function Todo({ result }: { result: PlanResult }) {
  const { units } = useBench();
  const rows = todo(result, units);
  if (rows.length === 0) return null;
  return (
    <dl className={classes.todo}>
      {rows.map((row) => (
        <div key={row.id} className={classes.row} data-testid={`todo-${row.id}`}>
          <dt className={classes.rowFigure}>{row.figure}</dt>
          <dd className={classes.rowWords}>{row.words}</dd>
        </div>
      ))}
    </dl>
  );
});

function depth(millimetres: number, units: Units): string {
  return units.small === 'in' ? fraction(millimetres, units) : words(small(millimetres, units));
}

function todo(result: PlanResult, units: Units): Row[] {
  if (!result.fits) return [];
  const rows: Row[] = [];
  const [first] = result.fill.layers;
  const top = result.fill.layers.at(-1);
  const kept = result.build?.kept;
  if (kept && kept.depth_mm !== null) {
    rows.push({
      id: 'kept',
      figure: depth(kept.depth_mm, units),
      words: kept.read
        ? 'below the lip is the top of the backing that stays. The main line starts there.'
        : 'below the lip is where the remaining backing should end. Measure in three places once the main line is off.',
    });
  }
  if (result.build && !kept) {
    const outside = words(small(result.build.outside_mm, units));
    rows.push({
      id: 'build',
      figure: result.build.wraps > 0 ? `${result.build.wraps} ×` : outside,
      words:
        result.build.wraps > 0
          ? `tape around the arbor, then ${outside} in diameter.`
          : 'in diameter: the sleeve for the arbor.',
    });
  }
  const word = result.open === 'backing' ? 'backing' : 'line';
  if (result.open === 'backing' && result.depth_mark) {
    rows.push({
      id: 'depth',
      figure: depth(result.depth_mark.depth_mm, units),
      words: 'below the lip is where the backing stops. Measure in three places.',
    });
  }
  const counted = result.open === 'backing' ? first : result.open === 'main' ? top : undefined;
  if (counted?.handle_turns !== undefined) {
    rows.push({
      id: 'turns',
      figure: String(Math.round(counted.handle_turns)),
      words: `handle turns for the ${word}, from the first firm one.`,
    });
  }
  if (result.open !== 'level' && result.spool && counted && counted.handle_turns === undefined) {
    rows.push({ id: 'turns', figure: 'turns?', words: 'Enter the gear ratio to see the handle turns.' });
  }
  if (result.open !== 'level' && result.spool) {
    rows.push({ id: 'full', figure: depth(result.gap.mm, units), words: 'below the lip is full.' });
  }
  if (top?.retrieve_m !== undefined) {
    rows.push({
      id: 'retrieve',
      figure: words(retrieve(top.retrieve_m, units)),
      words: 'of line per handle turn when full.',
    });
  }
  if (result.cost) {
    rows.push({ id: 'cost', figure: price(result.cost), words: 'is what this line cost.' });
  }
  return rows;
}
