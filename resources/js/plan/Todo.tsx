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
        ? 'under the lip the backing lies that stays; the main line begins there.'
        : 'under the lip the backing should lie that stays. Read it in three places once the main line is off.',
    });
  }
  if (result.build && !kept) {
    const outside = words(small(result.build.outside_mm, units));
    rows.push({
      id: 'build',
      figure: result.build.wraps > 0 ? `${result.build.wraps} ×` : outside,
      words:
        result.build.wraps > 0
          ? `tape round the arbor, ${outside} across then.`
          : 'across is the sleeve that goes on the arbor.',
    });
  }
  const word = result.open === 'backing' ? 'backing' : 'line';
  if (result.open === 'backing' && result.depth_mark) {
    rows.push({
      id: 'depth',
      figure: depth(result.depth_mark.depth_mm, units),
      words: 'under the lip the backing stops. Read it in three places.',
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
    rows.push({ id: 'turns', figure: 'turns?', words: 'Type the gear ratio, and the handle turns stand here.' });
  }
  if (result.open !== 'level' && result.spool) {
    rows.push({ id: 'full', figure: depth(result.gap.mm, units), words: 'under the lip it is full.' });
  }
  if (top?.retrieve_m !== undefined) {
    rows.push({
      id: 'retrieve',
      figure: words(retrieve(top.retrieve_m, units)),
      words: 'a handle turn takes in when full.',
    });
  }
  if (result.cost) {
    rows.push({ id: 'cost', figure: price(result.cost), words: 'is what this line cost.' });
  }
  return rows;
}
