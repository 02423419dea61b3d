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
