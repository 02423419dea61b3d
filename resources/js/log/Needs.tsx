import { Button } from '@mantine/core';
import { useLines } from '../api/records';
import type { Care, Reel, Spool } from '../api/types';
import { backingOf, mainOf } from '../parts/onSpool';
import { fromLine, planWith, underneath } from '../plan/records';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { length, minutes, price, type Units, words } from '../units/units';
import classes from './Log.module.css';

/** The advice, and every way with what it comes to. */
export function Needs({ care, spool, reel }: { care: Care | null; spool: Spool; reel: Reel }) {
  const { units } = useBench();
  const { data: lines = [] } = useLines();
  if (!care) return null;
  const backing = lines.find((each) => each.id === care.backing);
  // where backing lies already, more of it is added and logged, not wound as a run
  const under = backingOf(spool).length === 0 && care.options.some((each) => each.id === 'top_up' && each.fits);
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
      {(care.pick !== 'leave' || under) && (
        <p>
          {care.pick === 'replace' && (
            <Button component={Link} to={replaceLink(reel, spool)}>
              Plan the new line
            </Button>
          )}
          {under && (
            <Button
              variant={care.pick === 'top_up' ? 'filled' : 'default'}
              component={Link}
              to={planWith(underneath(reel, spool, units, backing))}
            >
              Plan backing under it
            </Button>
          )}{' '}
          {care.pick !== 'leave' && (
            <Button variant="default" component={Link} to={`/day?spools=${spool.id}`}>
              Plan a bench day
            </Button>
          )}
        </p>
      )}
    </section>
  );
}

/** Plan with the line it carries, new, over the backing that stays where there is any. */
function replaceLink(reel: Reel, spool: Spool): string {
  const main = mainOf(spool);
  return planWith({
    reel: `${reel.id}`,
    spool: `${spool.id}`,
    ...(main ? fromLine('main', main.line) : {}),
    ...(backingOf(spool).length > 0 ? { way: 'kept', open: 'main' } : {}),
  });
}

const figure = (metres: number, units: Units) => (metres > 0 ? words(length(metres, units, metres < 10 ? 1 : 0)) : '—');
