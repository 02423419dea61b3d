import type { Chain, Frame, Stage, Strand } from './film';

/** A short stretch of a line, to be drawn in one go. */
export interface Chunk {
  /** the same from frame to frame of a stage */
  key: string;
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
  /** along its line, in points: where its texture goes on */
  along: number;
  /** cut off: it falls away */
  off: boolean;
}

/** A chunk reaches so many points at most, and so far towards the eye, in radii. */
const POINTS = 14;
const DEEP = 1.1;
/** What lies further behind than this is tinted. */
const BEHIND = -1.1;

/** Paths are written in tenths: whole numbers are written far faster. Whoever draws one scales it by a tenth. */
export const TENTH = 0.1;
const round = (value: number) => Math.round(10 * value);

/** The lines in short stretches, the furthest from the eye first: drawn one over the other they show what passes over what. */
export function chunks(frame: Frame): Chunk[] {
  return [...frame.strands, ...frame.pieces].flatMap((strand) => cut(strand, frame)).sort((a, b) => a.z - b.z);
}

/** Where each line is cut is settled once for a stage, so that a chunk stays one from frame to frame. */
const cuts = new WeakMap<Stage, Map<string, number[]>>();

function cutsOf({ stage, between }: Frame, line: 'a' | 'b', radius: number): number[] {
  // a pose that is not the film's own, such as a wrong answer, lies at heights of its own
  if (!stage.poses.includes(between[0])) return cutBy([between[0][line] as Chain], radius);
  const known = cuts.get(stage) ?? new Map<string, number[]>();
  cuts.set(stage, known);
  const found =
    known.get(line) ??
    cutBy(
      stage.poses.map((pose) => pose[line] as Chain),
      radius,
    );
  known.set(line, found);
  return found;
}

/** As long as in every pose a stretch lies about as near to the eye all along. */
function cutBy(chains: Chain[], radius: number): number[] {
  const last = (chains[0] as Chain).length / 3 - 1;
  const found = [0];
  for (let from = 0; from < last; ) {
    const low = chains.map((chain) => chain[3 * from + 2] as number);
    const high = [...low];
    let to = from + 1;
    const flat = (at: number) =>
      chains.every((chain, k) => {
        const z = chain[3 * at + 2] as number;
        low[k] = Math.min(low[k] as number, z);
        high[k] = Math.max(high[k] as number, z);
        return (high[k] as number) - (low[k] as number) <= DEEP * radius;
      });
    flat(to);
    while (to < last && to - from < POINTS && flat(to + 1)) ++to;
    found.push(to);
    from = to;
  }
  return found;
}

/** Chunks of poses that are kept, by the line's points: what stands still is not written anew. */
const still = new WeakMap<Chain, Map<string, Chunk>>();

function cut(strand: Strand, frame: Frame): Chunk[] {
  const { line, radius, chain, fresh, range } = strand;
  const edges = range ? cutsOf(frame, line, radius) : cutBy([chain], radius);
  const [head, tail] = range ?? [0, chain.length / 3 - 1];
  const offset = Math.floor(head);
  const [one, other] = range ? frame.between.map((pose) => pose[line] as Chain) : [];
  const found: Chunk[] = [];
  for (let k = 0; k < edges.length - 1; ++k) {
    const [from, to] = [edges[k] as number, edges[k + 1] as number];
    if (to <= head || from >= tail) continue;
    // the last of what is fresh ends within a chunk, which is fresh then
    const laid = fresh.some(([a, b]) => to - offset > a && from - offset < b);
    const whole = from - 2 >= head && to + 2 <= tail;
    const kept = whole && one && other && resting(one, other, from - 2, to + 2) ? one : null;
    const key = `${k}${laid ? 'f' : ''}`;
    const known = kept && still.get(kept)?.get(key);
    if (known) {
      found.push(known);
      continue;
    }
    const [i, j] = [Math.max(0, from - offset), Math.min(chain.length / 3 - 1, to - offset)];
    const chunk = written(strand, `${strand.off ? 'off ' : ''}${line}${k}`, i, j, laid, from);
    if (kept) {
      const all = still.get(kept) ?? new Map<string, Chunk>();
      still.set(kept, all.set(key, chunk));
    }
    found.push(chunk);
  }
  return found;
}

/** Whether a stretch is at the same place in two poses. */
function resting(one: Chain, other: Chain, from: number, to: number): boolean {
  if (one === other) return true;
  for (let i = 3 * from; i < 3 * to + 3; ++i) if (one[i] !== other[i]) return false;
  return true;
}

function written(
  { line, radius, chain, off }: Strand,
  key: string,
  from: number,
  to: number,
  fresh: boolean,
  along: number,
): Chunk {
  let low = Number.POSITIVE_INFINITY;
  let high = Number.NEGATIVE_INFINITY;
  for (let i = from; i <= to; ++i) {
    const z = chain[3 * i + 2] as number;
    if (z < low) low = z;
    if (z > high) high = z;
  }
  const z = (low + high) / 2;
  return {
    key,
    line,
    radius,
    d: curve(chain, from - 1, to + 1),
    inner: curve(chain, from, to),
    z,
    behind: z < BEHIND,
    fresh,
    along,
    off: off === true,
  };
}

/** From one point of a chain to another as a smooth path. */
export function curve(chain: Chain, from = 0, to = chain.length / 3 - 1): string {
  const n = chain.length / 3;
  const first = Math.max(0, from);
  const last = Math.min(n - 1, to);
  let d = `M${round(chain[3 * first] as number)} ${round(chain[3 * first + 1] as number)}`;
  for (let i = first + 1; i < last; ++i) {
    const [x, y] = [chain[3 * i] as number, chain[3 * i + 1] as number];
    const [nx, ny] = [chain[3 * i + 3] as number, chain[3 * i + 4] as number];
    d += `Q${round(x)} ${round(y)} ${round((x + nx) / 2)} ${round((y + ny) / 2)}`;
  }
  return `${d}L${round(chain[3 * last] as number)} ${round(chain[3 * last + 1] as number)}`;
}

/** Something beside the lines: an arrow, a number, a break, a pinch, scissors, a ghost. */
export type Mark =
  | { kind: 'break' | 'tag'; x: number; y: number; ux: number; uy: number; radius: number }
  | { kind: 'arrow'; d: string; x: number; y: number; ux: number; uy: number }
  | { kind: 'pull' | 'scissors'; x: number; y: number; ux: number; uy: number }
  | { kind: 'number'; number: number; x: number; y: number }
  | { kind: 'pinch'; x: number; y: number; ux: number; uy: number; radius: number }
  | { kind: 'ghost'; d: string; radius: number };

/** Width to height of a picture. */
const PROPORTION = 1.72;

/** All that a picture shows: what is looked at, widened to the proportion of the page. */
export function shownBox([x, y, width, height]: Frame['box']): Frame['box'] {
  const w = Math.max(width, height * PROPORTION);
  const h = w / PROPORTION;
  return [x + width / 2 - w / 2, y + height / 2 - h / 2, w, h];
}

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

const ghosts = new WeakMap<Chain, string>();

/** Where a line was when it began to be drawn tight. */
function ghostOf(chain: Chain, from: number, to: number): string {
  const known = ghosts.get(chain) ?? curve(chain, from, to);
  ghosts.set(chain, known);
  return known;
}

/** All the marks of a frame. Those with room of their own keep off the lines. */
export function marks(frame: Frame, numbered = true): Mark[] {
  const unit = grain(frame);
  const found: Mark[] = [];
  const { stage, share } = frame;
  const box = shownBox(frame.box);
  const pulled = new Set(frame.pulls.map(([line, end]) => `${line} ${end}`));
  for (const { line, chain, radius, fresh, from, to, ahead } of frame.strands) {
    for (const [beginning, name] of [
      [true, from],
      [false, to],
    ] as const) {
      const end = seenEnd(chain, beginning, box, 4 * unit);
      if (name === 'standing') {
        // an arrow says by itself that it leads on, and so does the end that is being laid
        const laid = fresh.some(([a, b]) => (beginning ? a <= 0 : b >= chain.length / 3 - 1.5));
        if (!laid && !pulled.has(`${line} ${beginning ? 'from' : 'to'}`)) found.push({ kind: 'break', ...end, radius });
      } else if (end.inside) found.push({ kind: 'tag', ...end, radius });
    }
    for (const way of ahead) if (way.length > 6) found.push({ kind: 'arrow', d: curve(way), ...endOf(way, false) });
  }
  if (stage.kind === 'draw' && share > 0.02) {
    const first = stage.poses[0];
    for (const { line, radius } of frame.strands) {
      const chain = first?.[line];
      const range = stage.from[line];
      if (chain && range)
        found.push({ kind: 'ghost', d: ghostOf(chain, Math.ceil(range[0]), Math.floor(range[1])), radius });
    }
  }
  if (stage.pinched) {
    const [line, point] = stage.pinched;
    const strand = frame.strands.find((each) => each.line === line);
    const chain = frame.pose[line];
    if (strand && chain && 3 * point + 5 < chain.length) {
      const around = endOf(chain.subarray(0, 3 * point + 3), false);
      found.push({ kind: 'pinch', ...around, radius: strand.radius });
    }
  }
  for (const { chain } of frame.pieces) found.push({ kind: 'scissors', ...endOf(chain, true) });
  if (numbered && stage.kind === 'lay') {
    for (const { line, point, ...number } of numbersOf(frame)) {
      const [before, range] = [stage.from[line], stage.to[line]];
      if (before && range && point <= before[1] + share * (range[1] - before[1]))
        found.push({ kind: 'number', ...number });
    }
  }
  for (const [line, which] of frame.pulls) {
    const strand = frame.strands.find((each) => each.line === line);
    if (strand) found.push({ kind: 'pull', ...seenEnd(strand.chain, which === 'from', box, 9 * unit) });
  }
  return found;
}

interface Counted {
  line: string;
  point: number;
  number: number;
  x: number;
  y: number;
}

const counted = new WeakMap<Stage, Counted[]>();

/** Where the numbers of a stage stand, once all of it is laid: they have their places from the beginning. */
function numbersOf({ stage, pose, strands }: Frame): Counted[] {
  const known = counted.get(stage);
  if (known) return known;
  const laid = Object.entries(stage.to).map(([line, [from, to]]) => ({
    chain: (pose[line] as Chain).subarray(3 * Math.ceil(from), 3 * Math.floor(to) + 3),
    radius: strands.find((each) => each.line === line)?.radius ?? 1.5,
  }));
  const unit = stage.box[2] / 100;
  const taken: [number, number][] = [];
  const found = stage.numbers.flatMap(([line, point, number]): Counted[] => {
    const before = stage.from[line];
    const chain = pose[line];
    if (!before || !chain || point <= before[1]) return [];
    const last = Math.max(
      ...stage.numbers.filter((each) => each[0] === line && each[1] > before[1]).map((each) => each[2]),
    );
    // of many turns the first five are counted, then every fifth and the last
    if (last > 12 && number > 5 && number % 5 > 0 && number < last) return [];
    const [px, py] = [chain[3 * point] as number, chain[3 * point + 1] as number];
    const spot = freeSpot({ strands: laid, box: stage.box }, px, py, 2.6 * unit, taken, outwards(chain, point));
    if (!spot) return [];
    taken.push(spot);
    return [{ line, point, number, x: spot[0], y: spot[1] }];
  });
  counted.set(stage, found);
  return found;
}

/** What a word keeps off. */
interface Room {
  strands: { chain: Chain; radius: number }[];
  box: Frame['box'];
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
  frame: Room,
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
  frame: Room,
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
