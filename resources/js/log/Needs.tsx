import { Button } from '@mantine/core';
import type { Care, Reel, Spool } from '../api/types';
import { backingOf, mainOf } from '../parts/onSpool';
import { fromLine } from '../plan/records';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { length, minutes, price, type Units, words } from '../units/units';
import classes from './Log.module.css';

/** The advice, and every way with what it comes to. */
export function Needs({ care, spool, reel }: { care: Care | null; spool: Spool; reel: Reel }) {
  const { units } = useBench();
  if (!care) return null;
  return (
    <section className={classes.needs} aria-label="Advice">
      <p className={classes.pick} data-testid="advice" data-calls={care.calls}>
        <strong>{care.pick_word}.</strong> {sentence(care, units)}
      </p>
      {care.also.map((each) => (
        <p key={each.text} className={classes.also}>
          {sentence(each, units)}
        </p>
      ))}
      <table>
        <thead>
          <tr>
            <th scope="col">Option</th>
            <th scope="col">waste</th>
            <th scope="col">new line</th>
            <th scope="col">to wind</th>
            <th scope="col">time</th>
            <th scope="col">cost</th>
          </tr>
        </thead>
        <tbody>
          {care.options.map((option) => (
            <tr key={option.id} data-picked={option.picked} data-fits={option.fits}>
              <th scope="row">
                {option.word}
                {option.picked && <span className={classes.mark}>advised</span>}
                <span className={classes.why}>{sentence(option, units)}</span>
              </th>
              <td>{figure(option.off_m, units)}</td>
              <td>{figure(option.add_m, units)}</td>
              <td>{figure(option.wound_m, units)}</td>
              <td>{option.minutes > 0 ? minutes(option.minutes) : '—'}</td>
              <td>{option.cost ? price(option.cost) : '—'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {care.pick !== 'leave' && (
        <p>
          {care.pick === 'replace' && (
            <Button component={Link} to={replaceLink(reel, spool)}>
              Plan the new line
            </Button>
          )}{' '}
          <Button variant="default" component={Link} to={`/day?spools=${spool.id}`}>
            Plan a bench day
          </Button>
        </p>
      )}
    </section>
  );
}

/** Plan with the line it carries, new, over the backing that stays where there is any. */
function replaceLink(reel: Reel, spool: Spool): string {
  const main = mainOf(spool);
  const fields = {
    reel: `${reel.id}`,
    spool: `${spool.id}`,
    ...(main ? fromLine('main', main.line) : {}),
    ...(backingOf(spool).length > 0 ? { way: 'kept', open: 'main' } : {}),
  };
  return `/plan?${new URLSearchParams(Object.entries(fields).filter(([, typed]) => typed !== ''))}`;
}

const figure = (metres: number, units: Units) => (metres > 0 ? words(length(metres, units, metres < 10 ? 1 : 0)) : '—');
