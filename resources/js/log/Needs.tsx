import { Button } from '@mantine/core';
import { Link } from 'react-router';
import type { Care, Reel, Spool } from '../api/types';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, minutes, price, type Units, words } from '../units/units';
import classes from './Log.module.css';

/** The advice, and every way with what it comes to. */
export function Needs({ care, spool, reel }: { care: Care | null; spool: Spool; reel: Reel }) {
  const { units } = useBench();
  if (!care) return null;
  return (
    <section className={classes.needs} aria-label="What it needs">
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
            <th scope="col">Way</th>
            <th scope="col">to waste</th>
            <th scope="col">new line</th>
            <th scope="col">wound</th>
            <th scope="col">time</th>
            <th scope="col">money</th>
          </tr>
        </thead>
        <tbody>
          {care.options.map((option) => (
            <tr key={option.id} data-picked={option.picked} data-fits={option.fits}>
              <th scope="row">
                {option.word}
                {option.picked && <span className={classes.mark}>the advice</span>}
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
      {care.pick === 'replace' && (
        <p>
          <Button component={Link} to={`/day?spools=${spool.id}`}>
            Plan it on a bench day
          </Button>{' '}
          <Button variant="default" component={Link} to={`/plan?reel=${reel.id}&spool=${spool.id}`}>
            Plan this one
          </Button>
        </p>
      )}
    </section>
  );
}

const figure = (metres: number, units: Units) => (metres > 0 ? words(length(metres, units, metres < 10 ? 1 : 0)) : '—');
