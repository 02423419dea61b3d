import type { Filler } from '../api/types';
import { NOTHING_M } from '../units/units';

/** A filler by its line, and by its note; by its age where the rack has another just like it, with as much left. */
export function fillerName(filler: Filler, all: Filler[]): string {
  if (filler.name) return `${filler.line.name}, ${filler.name}`;
  const alike = all.filter(
    (each) => each.line.id === filler.line.id && !each.name && Math.round(each.left_m) === Math.round(filler.left_m),
  );
  return alike.length > 1
    ? `${filler.line.name}, ${
        ORDINAL[
          alike
            .map((each) => each.id)
            .sort((a, b) => a - b)
            .indexOf(filler.id)
        ] ?? `no. ${filler.id}`
      }`
    : filler.line.name;
}

/** Whether there is line on it. */
export const hasLine = (filler: Filler): boolean => filler.left_m >= NOTHING_M;

const ORDINAL = ['1st', '2nd', '3rd', '4th', '5th'];
