import type { DayResult, DayWish, Line } from '../api/types';
import type { Draft } from '../plan/draft';
import { fromLine, planWith } from '../plan/records';
import { nameOf } from './refs';

/** The Plan place with all of it filled in, from where the run begins. */
export function planLink(
  wish: DayWish,
  lines: Line[],
  mainFiller: number | undefined,
  backingFiller: number | undefined,
  day: DayResult,
): string {
  const job = day.jobs.find((each) => each.id === nameOf({ kind: 'spool', id: wish.spool }));
  const old = wish.reuse == null ? undefined : day.off.find((each) => each.spool === wish.reuse);
  const line = lines.find((each) => each.id === wish.main);
  const under = lines.find((each) => each.id === (old?.line ?? wish.backing));
  const fields: Partial<Draft> = {
    reel: `${wish.reel}`,
    spool: `${wish.spool}`,
    ...(line ? fromLine('main', line) : {}),
    // what goes on to Plan is what fits
    mainLength: job?.main_goes_m != null ? `${job.main_goes_m} m` : wish.length,
    mainFiller: `${mainFiller ?? ''}`,
    ...(wish.task === 'replace'
      ? { way: 'kept', open: 'level' }
      : under && job?.backing_m !== null
        ? {
            ...fromLine('backing', under),
            backingFiller: `${backingFiller ?? ''}`,
            ...(old && { backingWith: 'old_line' }),
          }
        : { way: 'main_only', open: 'level' }),
  };
  return planWith({ ...fields, day: '1' });
}
