import type { Chain, Frame, Strand } from './film';

/** A short stretch of a line, to be drawn in one go. */
export interface Chunk {
  line: 'a' | 'b';
  radius: number;
  /** a little longer than the stretch at both ends, so that no seam shows; and just the stretch, for the rim */
  d: string;
  inner: string;
  /** towards the eye */
  z: number;
  /** it passes behind */
  behind: boolean;
  /** laid just now */
  fresh: boolean;
  /** along its line, units of the drawing: where its texture goes on */
  along: number;
}

/** A chunk reaches so many points, or so far towards the eye. */
const POINTS = 14;
const DEEP = 0.9;
/** What lies further behind than this is tinted. */
const BEHIND = -1.1;

const round = (value: number) => Math.round(10 * value) / 10;

/** The lines in short stretches, the furthest from the eye first: drawn one over the other they show what passes over what. */
export function chunks(frame: Frame): Chunk[] {
  return frame.strands.flatMap(cut).sort((a, b) => a.z - b.z);
}

function cut({ line, radius, chain, fresh }: Strand): Chunk[] {
  const n = chain.length / 3;
  const found: Chunk[] = [];
  let along = 0;
  const isFresh = (i: number) => fresh.some(([from, to]) => i >= from && i <= to);
  for (let from = 0; from < n - 1; ) {
    const began = chain[3 * from + 2] as number;
    const laid = isFresh(from + 1);
    let to = from + 1;
    let low = began;
    let high = began;
    while (to < n - 1 && to - from < POINTS && isFresh(to + 1) === laid) {
      const z = chain[3 * to + 5] as number;
      low = Math.min(low, z);
      high = Math.max(high, z);
      if (high - low > DEEP) break;
      ++to;
    }
    const z = (low + high) / 2;
    found.push({
      line,
      radius,
      d: curve(chain, from - 1, to + 1),
      inner: curve(chain, from, to),
      z,
      behind: z < BEHIND,
      fresh: laid,
      along: round(along),
    });
    for (let i = from; i < to; ++i) {
      along += Math.hypot(
        (chain[3 * i + 3] as number) - (chain[3 * i] as number),
        (chain[3 * i + 4] as number) - (chain[3 * i + 1] as number),
      );
    }
    from = to;
  }
  return found;
}

/** From one point of a chain to another as a smooth path. */
export function curve(chain: Chain, from = 0, to = chain.length / 3 - 1): string {
  const n = chain.length / 3;
  const first = Math.max(0, from);
  const last = Math.min(n - 1, to);
  let [px, py] = [chain[3 * first] as number, chain[3 * first + 1] as number];
  let d = `M${round(px)} ${round(py)}`;
  for (let i = first + 1; i < last; ++i) {
    const [x, y] = [chain[3 * i] as number, chain[3 * i + 1] as number];
    const [nx, ny] = [chain[3 * i + 3] as number, chain[3 * i + 4] as number];
    d += `Q${round(x)} ${round(y)} ${round((x + nx) / 2)} ${round((y + ny) / 2)}`;
    [px, py] = [x, y];
  }
  return `${d}L${round(chain[3 * last] as number)} ${round(chain[3 * last + 1] as number)}`;
}

/** Something beside the lines: an arrow, a number, a break, a pinch, a ghost. */
export type Mark =
  | { kind: 'break' | 'tag'; x: number; y: number; ux: number; uy: number; radius: number }
  | { kind: 'arrow'; d: string; x: number; y: number; ux: number; uy: number }
  | { kind: 'pull'; x: number; y: number; ux: number; uy: number; number: number; nx: number; ny: number }
  | { kind: 'number'; number: number; x: number; y: number }
  | { kind: 'pinch'; x: number; y: number; ux: number; uy: number; radius: number }
  | { kind: 'ring'; x: number; y: number; radius: number }
  | { kind: 'ghost'; d: string; radius: number };

/** Units of the box's width to which marks are drawn. */
export const grain = (frame: Frame) => frame.box[2] / 100;

interface End {
  x: number;
  y: number;
  ux: number;
  uy: number;
}

function endOf(chain: Chain, beginning: boolean): End {
  const n = chain.length / 3;
  const i = beginning ? 0 : n - 1;
  const j = beginning ? Math.min(n - 1, 4) : Math.max(0, n - 5);
  const [x, y] = [chain[3 * i] as number, chain[3 * i + 1] as number];
  const [dx, dy] = [x - (chain[3 * j] as number), y - (chain[3 * j + 1] as number)];
  const length = Math.hypot(dx, dy) || 1;
  return { x, y, ux: dx / length, uy: dy / length };
}

/** Where a line's end is, or where it leaves what is looked at. */
function seenEnd(
  chain: Chain,
  beginning: boolean,
  [x, y, width, height]: Frame['box'],
  edge: number,
): End & { inside: boolean } {
  const n = chain.length / 3;
  const inside = (i: number) => {
    const [px, py] = [chain[3 * i] as number, chain[3 * i + 1] as number];
    return px > x + edge && px < x + width - edge && py > y + edge && py < y + height - edge;
  };
  for (let k = 0; k < n - 1; ++k) {
    const i = beginning ? k : n - 1 - k;
    if (inside(i)) {
      const end = endOf(beginning ? chain.subarray(3 * i) : chain.subarray(0, 3 * i + 3), beginning);
      return { ...end, inside: k === 0 };
    }
  }
  return { ...endOf(chain, beginning), inside: true };
}

/** All the marks of a frame. Those with room of their own keep off the lines. */
export function marks(frame: Frame, numbered = true): Mark[] {
  const unit = grain(frame);
  const found: Mark[] = [];
  const { stage, share } = frame;
  const moved = stage.kind === 'lay';
  for (const { chain, radius, fresh, from, to, ahead } of frame.strands) {
    for (const [beginning, name] of [
      [true, from],
      [false, to],
    ] as const) {
      const end = seenEnd(chain, beginning, frame.box, 4 * unit);
      const moving = moved && fresh.some(([a, b]) => (beginning ? a <= 0 : b >= chain.length / 3 - 1.5));
      if (moving && name !== 'standing') found.push({ kind: 'tag', ...end, radius });
      else if (name === 'standing' || !end.inside) found.push({ kind: 'break', ...end, radius });
      else found.push({ kind: 'tag', ...end, radius });
    }
    for (const [a, b] of fresh) {
      const began = a <= 0 ? Math.floor(b) : Math.floor(a);
      if (began > 2)
        found.push({
          kind: 'ring',
          x: chain[3 * began] as number,
          y: chain[3 * began + 1] as number,
          radius: radius + 1.6 * unit,
        });
    }
    for (const way of ahead) if (way.length > 6) found.push({ kind: 'arrow', d: curve(way), ...endOf(way, false) });
  }
  if (stage.kind === 'draw' && share > 0.02) {
    const first = stage.poses[0];
    for (const { line, radius } of frame.strands) {
      const chain = first?.[line];
      const range = stage.from[line];
      if (chain && range)
        found.push({ kind: 'ghost', d: curve(chain, Math.ceil(range[0]), Math.floor(range[1])), radius });
    }
  }
  if (stage.pinched && share < 1) {
    const [line, point] = stage.pinched;
    const strand = frame.strands.find((each) => each.line === line);
    const chain = frame.pose[line];
    if (strand && chain && 3 * point + 5 < chain.length) {
      const around = endOf(chain.subarray(0, 3 * point + 3), false);
      found.push({ kind: 'pinch', ...around, radius: strand.radius });
    }
  }
  const taken: [number, number][] = [];
  if (numbered && stage.kind === 'lay') {
    for (const [line, point, number] of stage.numbers) {
      const range = stage.to[line];
      const before = stage.from[line];
      const strand = frame.strands.find((each) => each.line === line);
      const chain = frame.pose[line];
      if (!range || !before || !strand || !chain) continue;
      const reached = before[1] + share * (range[1] - before[1]);
      if (point > reached || point <= before[1] || (number > 5 && number % 5 > 0 && stage.numbers.length > 12))
        continue;
      const [px, py] = [chain[3 * point] as number, chain[3 * point + 1] as number];
      const spot = freeSpot(frame, px, py, 2.6 * unit, taken, outwards(chain, point));
      if (spot) {
        taken.push(spot);
        found.push({ kind: 'number', number, x: spot[0], y: spot[1] });
      }
    }
  }
  if (stage.kind === 'draw') {
    stage.pulls.forEach(([line, which], index) => {
      const strand = frame.strands.find((each) => each.line === line);
      if (!strand) return;
      const end = seenEnd(strand.chain, which === 'from', frame.box, 9 * unit);
      const spot = freeSpot(frame, end.x + 3 * unit * end.ux, end.y + 3 * unit * end.uy, 3.4 * unit, taken) ?? [
        end.x,
        end.y,
      ];
      taken.push(spot);
      found.push({ kind: 'pull', ...end, number: index + 1, nx: spot[0], ny: spot[1] });
    });
  }
  return found;
}

/** Whether a turn's outermost point lies above the middle of its turn or below: up the page, or down. */
function outwards(chain: Chain, point: number): -1 | 1 {
  let sum = 0;
  let count = 0;
  for (let i = Math.max(0, point - 20); i <= point + 20 && 3 * i + 2 < chain.length; ++i) {
    sum += chain[3 * i + 1] as number;
    ++count;
  }
  return (chain[3 * point + 1] as number) < sum / count ? -1 : 1;
}

/** Degrees from straight away from the lines: first a little aslant, at any distance, then all the others. */
const FANS = [
  [0, 18, -18, 36, -36],
  [180, 60, -60, 120, -120, 150, -150, 90, -90],
];

/**
 * The nearest place beside a point where a word of this size lies on no line, on no other word, and inside of the picture.
 *
 * @param way up or down the page first
 */
function freeSpot(
  frame: Frame,
  x: number,
  y: number,
  size: number,
  taken: [number, number][],
  way: -1 | 1 = -1,
): [number, number] | null {
  for (const fan of FANS) {
    const spot = spotIn(fan, frame, x, y, size, taken, way);
    if (spot) return spot;
  }
  return null;
}

function spotIn(
  fan: number[],
  frame: Frame,
  x: number,
  y: number,
  size: number,
  taken: [number, number][],
  way: -1 | 1,
): [number, number] | null {
  const [bx, by, width, height] = frame.box;
  for (let away = 1.2 * size; away < 9 * size; away += 0.4 * size) {
    for (const degrees of fan) {
      const angle = (degrees * Math.PI) / 180;
      const [px, py] = [x + away * Math.sin(angle), y + way * away * Math.cos(angle)];
      if (px < bx + size || px > bx + width - size || py < by + size || py > by + height - size) continue;
      if (taken.some(([u, v]) => Math.hypot(u - px, v - py) < 1.45 * size)) continue;
      if (frame.strands.every(({ chain, radius }) => clear(chain, px, py, size * 0.9 + radius))) return [px, py];
    }
  }
  return null;
}

function clear(chain: Chain, x: number, y: number, room: number): boolean {
  for (let i = 0; i < chain.length; i += 6) {
    const [dx, dy] = [(chain[i] as number) - x, (chain[i + 1] as number) - y];
    if (dx * dx + dy * dy < room * room) return false;
  }
  return true;
}
