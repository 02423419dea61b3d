/** A rod that bends under a force: where its tip comes to, and the line of its blank. Drawing only: nothing is worked out from it. */
export interface Point {
  x: number;
  y: number;
}

export interface Frame {
  butt: Point;
  /** px */
  length: number;
  /** the force that bends it fully, N */
  full: number;
}

/** How far round the tip goes at the full force, radians. */
const MOST = 2.9;
const STEPS = 24;

const bendOf = (force: number, full: number) => (MOST * Math.max(0, force)) / full;

/** The blank from the butt to the tip: most of the bend is in its upper half, as in a rod. */
export function blank({ butt, length, full }: Frame, force: number, angle: number): Point[] {
  const bend = bendOf(force, full);
  const points: Point[] = [butt];
  let { x, y } = butt;
  for (let i = 1; i <= STEPS; i++) {
    const s = (i - 0.5) / STEPS;
    const heading = angle - bend * s ** 1.5;
    x += (Math.cos(heading) * length) / STEPS;
    y -= (Math.sin(heading) * length) / STEPS;
    points.push({ x, y });
  }
  return points;
}

export const tip = (frame: Frame, force: number, angle: number): Point =>
  blank(frame, force, angle).at(-1) ?? frame.butt;

/** The way the tip goes from one force to another, as the figures of a scale lie on it. */
export const path = (frame: Frame, from: number, to: number, angle: number): string =>
  Array.from({ length: 25 }, (_, i) => tip(frame, from + ((to - from) * i) / 24, angle))
    .map((point, i) => `${i === 0 ? 'M' : 'L'}${point.x.toFixed(1)} ${point.y.toFixed(1)}`)
    .join('');

/** A mark across the way of the tip at a force, from so far inside to so far outside, px. */
export function across(frame: Frame, force: number, angle: number, inside: number, outside: number): [Point, Point] {
  const at = tip(frame, force, angle);
  const next = tip(frame, force + frame.full / 200, angle);
  const length = Math.hypot(next.x - at.x, next.y - at.y) || 1;
  const normal = { x: -(next.y - at.y) / length, y: (next.x - at.x) / length };
  return [
    { x: at.x + normal.x * inside, y: at.y + normal.y * inside },
    { x: at.x - normal.x * outside, y: at.y - normal.y * outside },
  ];
}
