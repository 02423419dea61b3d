import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Care } from '../api/types';
import { day } from '../parts/day';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { length, minutes, words } from '../units/units';
import classes from './Log.module.css';

/** What to do about one spool, in one line: the advice, the time it takes. */
export const minutesOf = (care: Care) => care.options.find((option) => option.picked)?.minutes ?? 0;

/** So many stand there at first. */
const FIRST = 24;

/** Spools by how urgent they are, each with what to do. */
export function DueList({ cares, chosen }: { cares: Care[]; chosen?: number | undefined }) {
  const { units } = useBench();
  const [most, setMost] = useState(FIRST);
  // the one that is looked at is always among them
  const shown = cares.filter((care, index) => index < most || care.spool === chosen);
  return (
    <>
      <ul className={classes.due}>
        {shown.map((care) => (
          <li key={`${care.reel}-${care.spool}`} data-state={care.state} data-calls={care.calls}>
            <Link to={`/log?spool=${care.spool}`} aria-current={chosen === care.spool ? 'true' : undefined}>
              <span className={classes.name}>{care.reel_name}</span>
              <span className={classes.state}>{care.word}</span>
              <span className={classes.soft}>
                {care.spool_name}, {words(length(care.length_m, units, 0))} {care.line}
              </span>
              {care.calls || care.pick !== 'leave' ? (
                <span className={classes.advice}>
                  {care.pick_word}
                  {minutesOf(care) > 0 && `, ${minutes(minutesOf(care))}`}
                  <span className={classes.why}>{sentence(care, units)}</span>
                </span>
              ) : (
                <span className={classes.soft}>
                  {care.turn_on !== null ? `reverse by ${day(care.turn_on)}` : `until ${day(care.due_on)}`}
                </span>
              )}
            </Link>
          </li>
        ))}
      </ul>
      {shown.length < cares.length && (
        <Button variant="default" size="compact-sm" mt="xs" onClick={() => setMost(cares.length)}>
          All {cares.length}
        </Button>
      )}
    </>
  );
}
