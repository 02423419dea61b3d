import type { DayResult, DayWish, Line } from '../api/types';
import type { Draft } from '../plan/draft';
import { fromLine } from '../plan/records';

/** The Plan place with all of it filled in, from where the run begins. */
export function planLink(
  wish: DayWish,
  lines: Line[],
  mainFiller: number | undefined,
  backingFiller: number | undefined,
  job: DayResult['jobs'][number] | undefined,
): string {
  const line = lines.find((each) => each.id === wish.main);
  const under = lines.find((each) => each.id === wish.backing);
  const fields: Partial<Draft> = {
    reel: `${wish.reel}`,
    spool: `${wish.spool}`,
    ...(line ? fromLine('main', line) : {}),
    // what goes on to Plan is what fits
    mainLength:
      job?.main_m != null && (job.main_fits_m ?? job.main_m) < job.main_m - 0.5
        ? `${Math.floor(job.main_fits_m ?? job.main_m)} m`
        : job?.note && job.main_m !== null
          ? `${Math.floor(job.main_m)} m`
          : wish.length,
    mainFiller: `${mainFiller ?? ''}`,
    ...(wish.task === 'replace'
      ? { way: 'kept', open: 'level' }
      : under && job?.backing_m !== null
        ? { ...fromLine('backing', under), backingFiller: `${backingFiller ?? ''}` }
        : { way: 'main_only', open: 'level' }),
  };
  const filled = Object.entries(fields).filter(([, typed]) => typed !== '');
  return `/plan?${new URLSearchParams([...filled, ['day', '1']])}`;
}
