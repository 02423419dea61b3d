import type { Filler } from '../api/types';

/** A filler by its line, and by its note or its number where the rack has more than one of that line. */
export function fillerName(filler: Filler, all: Filler[]): string {
  if (filler.name) return `${filler.line.name}, ${filler.name}`;
  const alike = all.filter((each) => each.line.id === filler.line.id && !each.name);
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

const ORDINAL = ['the oldest', 'the second', 'the third', 'the fourth', 'the fifth'];
