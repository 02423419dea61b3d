/** Round steps for a scale that has room for so many numbers. */
export function step(range: number, most: number): number {
  const rough = range / Math.max(1, most);
  const power = 10 ** Math.floor(Math.log10(rough || 1));
  const lead = rough / power;
  return power * (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10);
}

/** Every multiple of the step from 0 to the range. */
export function ticks(range: number, by: number): number[] {
  return Array.from({ length: Math.floor(range / by + 1e-9) + 1 }, (_, index) => index * by);
}

export interface Place {
  x: number;
  /** the text ends at x rather than beginning there */
  end: boolean;
  /** 0 next to the tape, 1 above */
  row: 0 | 1;
}

/** Puts a word over each segment, px: at its start, or at its end where the page stops, and in a second row where it would cover the one before. */
export function placeWords(segments: { from: number; to: number; wide: number }[], width: number): Place[] {
  let taken = Number.NEGATIVE_INFINITY;
  return segments.map(({ from, to, wide }, index) => {
    const begin = index === 0 ? from : from + 4;
    const end = begin + wide > width;
    const left = end ? to - wide : begin;
    const row = left < taken + 8 ? 1 : 0;
    if (row === 0) taken = left + wide;
    return { x: end ? to : begin, end, row };
  });
}
