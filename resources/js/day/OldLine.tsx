import type { DayResult } from '../api/types';
import page from '../parts/parts.module.css';
import { useBench } from '../shell/bench';
import { words as inWords, length } from '../units/units';
import classes from './Day.module.css';
import { nameOf, refOf } from './refs';
import { useDayWords } from './useDayWords';

/** All old line comes off first, as one block: how much of what, and what becomes of it. */
export function OldLine({ day }: { day: DayResult }) {
  const { units } = useBench();
  const words = useDayWords(day);
  const jobs = day.jobs.filter((job) => (job.off_m ?? 0) > 0 && job.problem === null);
  if (jobs.length === 0) return null;
  const minutes = jobs.reduce((sum, job) => sum + job.strip_min, 0);
  const taken = day.cuts.filter((cut) => refOf(cut.source)?.kind === 'spool');
  const bag = jobs.filter((job) => !taken.some((cut) => cut.source === job.id));
  return (
    <section aria-label="Strip the old line first">
      <h2>Strip all old line first: {Math.round(minutes)} min</h2>
      <ul className={classes.from}>
        {jobs.map((job) => {
          const use = taken.find((cut) => cut.source === job.id);
          const main = day.off.find((each) => nameOf({ kind: 'spool', id: each.spool }) === job.id);
          return (
            <li key={job.id}>
              <span>
                {words.job(job.id)}: {inWords(length(job.off_m ?? 0, units, 0))}
                {main && ` (${words.line(main.line)?.name})`}
                {use && `, onto an empty spare spool: it becomes backing on ${words.job(use.job)}`}
              </span>
            </li>
          );
        })}
      </ul>
      <p className={page.facts}>
        Cut{' '}
        {inWords(
          length(
            bag.reduce((sum, job) => sum + (job.off_m ?? 0), 0),
            units,
            0,
          ),
        )}{' '}
        of old line into short pieces and bag it for line recycling, or as local rules say. Waste line kills wildlife.
      </p>
    </section>
  );
}
