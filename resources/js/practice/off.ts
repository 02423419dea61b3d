import type { Schemas } from '../api/client';
import { length, small, type Units, words } from '../units/units';

/** How far off a lesson came out, in the angler's units. */
export function offWords(off: number, unit: Schemas['LessonOutcome']['unit'], units: Units): string {
  if (unit === 'mm') return `${words(small(off, units))} off`;
  if (unit === 'm') return off === 0 ? 'none wrong' : `${words(length(off, units, 1))} off`;
  if (unit === 'percent') return `${Math.round(off)} % off`;
  return off === 0 ? 'all right' : `${off} wrong`;
}

export const movesWords = (many: number): string => `${many} ${many === 1 ? 'move' : 'moves'}`;
