import type { DayWish, Line } from '../api/types';
import type { Draft } from '../plan/draft';
import { fromLine } from '../plan/records';

/** The Plan place with all of it filled in, from where the run begins. */
export function planLink(
  wish: DayWish,
  lines: Line[],
  mainFiller: number | undefined,
  backingFiller: number | undefined,
): string {
  const line = lines.find((each) => each.id === wish.main);
  const under = lines.find((each) => each.id === wish.backing);
  const fields: Partial<Draft> = {
    reel: `${wish.reel}`,
    spool: `${wish.spool}`,
    ...(line ? fromLine('main', line) : {}),
    mainLength: wish.length,
    mainFiller: `${mainFiller ?? ''}`,
    ...(wish.task === 'replace'
      ? { way: 'kept', open: 'level' }
      : under
        ? { ...fromLine('backing', under), backingFiller: `${backingFiller ?? ''}` }
        : { way: 'main_only', open: 'level' }),
  };
  const filled = Object.entries(fields).filter(([, typed]) => typed !== '');
  return `/plan?${new URLSearchParams([...filled, ['day', '1']])}`;
}
