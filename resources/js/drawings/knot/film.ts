/** A film as it is sent: poses in tenths of a unit, each coded as what differs from the one before. See docs/architecture.md. */
export interface SentFilm {
  lines: FilmLine[];
  props: FilmProp[];
  stages: SentStage[];
}

export interface FilmLine {
  line: 'a' | 'b';
  radius: number;
  from: string;
  to: string;
  /** laid as a fold: from both ends towards its middle */
  bight: boolean;
}

export interface FilmProp {
  kind: string;
  /** the move from which on it is there */
  from: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

type Ranges = Record<string, [number, number]>;
export type Box = [x: number, y: number, width: number, height: number];

interface SentStage {
  move: number;
  kind: 'lay' | 'draw' | 'trim';
  from: Ranges;
  to: Ranges;
  numbers: [line: string, point: number, number: number][];
  pulls: [line: string, end: 'from' | 'to'][];
  pinched: [line: string, point: number] | null;
  box: Box;
  poses: Record<string, [count: number, first: number[], letters: string]>[];
}

/** Points of a line one after the other: x, y, z, x, y, z … */
export type Chain = Float32Array;
export type Pose = Record<string, Chain>;

export interface Stage extends Omit<SentStage, 'poses'> {
  poses: Pose[];
  /** seconds from the beginning of the film */
  begins: number;
  ends: number;
}

export interface Film {
  lines: FilmLine[];
  props: FilmProp[];
  stages: Stage[];
  /** seconds */
  length: number;
}

const TENTHS = 10;
const FIRST = 35;
const MIDDLE = 45;

/** Units of line laid in a second, and seconds that one pose takes to become the next. */
const PACE = 62;
const POSE = 0.22;
const STILL = 0.7;

/** Letters read as whole tenths; as each pose is told by what differs from the one before, they are read in order. */
export function readFilm(sent: SentFilm): Film {
  const before: Record<string, Int16Array> = {};
  let at = 0;
  const stages = sent.stages.map((stage): Stage => {
    const poses = stage.poses.map((coded) =>
      Object.fromEntries(
        Object.entries(coded).map(([line, [count, first, letters]]) => {
          const points = decoded(count, first, letters, before[line]);
          before[line] = points;
          return [line, Float32Array.from(points, (each) => each / TENTHS)];
        }),
      ),
    );
    const begins = at;
    at += duration(stage, poses);
    return { ...stage, poses, begins, ends: at };
  });
  return { lines: sent.lines, props: sent.props, stages, length: at };
}

function decoded(count: number, first: number[], letters: string, before: Int16Array | undefined): Int16Array {
  const points = new Int16Array(3 * count);
  points.set(first);
  const same = before?.length === points.length ? before : null;
  for (let i = 3; i < points.length; ++i) {
    const code = letters.charCodeAt(i - 3);
    const more = (code > 92 ? code - 1 : code) - FIRST - MIDDLE;
    points[i] = (points[i - 3] ?? 0) + more + (same ? (same[i] ?? 0) - (same[i - 3] ?? 0) : 0);
  }
  return points;
}

function duration(stage: SentStage, poses: Pose[]): number {
  if (stage.kind !== 'lay') return stage.kind === 'trim' ? STILL : Math.max(1, POSE * poses.length);
  const laid = Object.entries(stage.to).map(([line, [from, to]]) => {
    const [a, b] = stage.from[line] ?? [from, to];
    const chain = poses[0]?.[line];
    return chain
      ? lengthOf(chain, Math.min(b, to), Math.max(b, to)) + lengthOf(chain, Math.min(a, from), Math.max(a, from))
      : 0;
  });
  return Math.max(STILL, ...laid.map((each) => each / PACE));
}

function lengthOf(chain: Chain, from: number, to: number): number {
  let length = 0;
  for (let i = Math.ceil(from) + 1; i <= to && 3 * i + 2 < chain.length; ++i) length += apart(chain, i - 1, i);
  return length;
}

const at3 = (chain: Chain, i: number): [number, number, number] => [
  chain[3 * i] ?? 0,
  chain[3 * i + 1] ?? 0,
  chain[3 * i + 2] ?? 0,
];

function apart(chain: Chain, i: number, j: number): number {
  const [a, b, c] = at3(chain, i);
  const [u, v, w] = at3(chain, j);
  return Math.hypot(a - u, b - v, c - w);
}

/** One line as it is to be seen. */
export interface Strand {
  line: 'a' | 'b';
  radius: number;
  chain: Chain;
  /** what its ends are; a fold has only one */
  from: string;
  to: string;
  /** stretches of it, in points, that were laid in this stage */
  fresh: [number, number][];
  /** where the moving ends go next, from the end on */
  ahead: Chain[];
  /** from and to in points of the pose; null for a fold, which is joined from two stretches */
  range: [number, number] | null;
  /** a piece that is cut off */
  off?: true;
}

export interface Frame {
  strands: Strand[];
  /** what is cut off and falls away */
  pieces: Strand[];
  stage: Stage;
  /** how much of the stage is over */
  share: number;
  /** where every point is, also of what is not laid yet */
  pose: Pose;
  /** the kept pose it comes from and the one it goes to; the same where nothing moves */
  between: [Pose, Pose];
  box: Box;
  /** what is pulled, in this order */
  pulls: Stage['pulls'];
}

/** The kept poses on both sides of a share of a stage, and how far it is from one to the other. */
function around(stage: Stage, share: number): [Pose, Pose, number] {
  const place = share * (stage.poses.length - 1);
  const index = Math.min(stage.poses.length - 1, Math.floor(place));
  const one = stage.poses[index] as Pose;
  return [one, stage.poses[index + 1] ?? one, place - index];
}

/** Points of a pose between two of a stage's. */
export function poseAt(stage: Stage, share: number): Pose {
  const [one, other, part] = around(stage, share);
  if (other === one || part === 0) return one;
  return Object.fromEntries(
    Object.entries(one).map(([line, a]) => {
      const b = other[line] ?? a;
      const mixed = new Float32Array(a.length);
      for (let i = 0; i < a.length; ++i) mixed[i] = (a[i] as number) + part * ((b[i] as number) - (a[i] as number));
      return [line, mixed];
    }),
  );
}

/** A stretch of a chain from and to between its points. */
export function stretch(chain: Chain, from: number, to: number): Chain {
  const last = chain.length / 3 - 1;
  const [a, b] = [Math.max(0, Math.min(last, from)), Math.max(0, Math.min(last, to))];
  const first = Math.floor(a) + 1;
  const end = Math.ceil(b) - 1;
  const out = new Float32Array(3 * (Math.max(0, end - first + 1) + 2));
  out.set(between(chain, a), 0);
  if (end >= first) out.set(chain.subarray(3 * first, 3 * end + 3), 3);
  out.set(between(chain, b), out.length - 3);
  return out;
}

function between(chain: Chain, place: number): [number, number, number] {
  const i = Math.min(chain.length / 3 - 1, Math.floor(place));
  const part = place - i;
  const a = at3(chain, i);
  if (part <= 0) return a;
  const b = at3(chain, i + 1);
  return [a[0] + part * (b[0] - a[0]), a[1] + part * (b[1] - a[1]), a[2] + part * (b[2] - a[2])];
}

/** Points of a moving end's way that are shown ahead of it. */
const AHEAD = 16;
/** And the least of it, units of the drawing. */
const REACH = 5;

/** What is to be seen at a time. */
export function frameAt(film: Film, seconds: number): Frame {
  const index = Math.max(
    0,
    film.stages.findIndex((each) => seconds <= each.ends + 1e-6),
  );
  const found = seconds >= film.length ? film.stages.length - 1 : index;
  const stage = film.stages[found] as Stage;
  const share = Math.max(0, Math.min(1, (seconds - stage.begins) / (stage.ends - stage.begins)));
  const before = film.stages[found - 1]?.box ?? stage.box;
  const eased = share * share * (3 - 2 * share);
  return {
    ...shown(film, stage, share),
    box: stage.box.map((each, i) => (before[i] as number) + eased * (each - (before[i] as number))) as Box,
  };
}

/** What of a stage is to be seen when a share of it is over. */
export function shown(film: Film, stage: Stage, share: number, pose: Pose = poseAt(stage, share)): Frame {
  const strands = film.lines.flatMap((line) => {
    const chain = pose[line.line];
    const to = stage.to[line.line];
    if (!chain || !to) return [];
    const from = stage.from[line.line] ?? to;
    // nothing of it is there yet
    if (from[1] + share * (to[1] - from[1]) - from[0] - share * (to[0] - from[0]) < 1) return [];
    return [strand(line, chain, from, to, share, stage.kind === 'lay')];
  });
  const [one, other, part] = around(stage, share);
  const moves = stage.poses.includes(pose) ? pose : null;
  return {
    strands: stage.kind === 'trim' ? strands.map((each) => ({ ...each, ...cutBack(stage, each.line, pose) })) : strands,
    pieces: stage.kind === 'trim' ? film.lines.flatMap((line) => cutOff(line, stage, share, pose)) : [],
    stage,
    share,
    pose,
    between: moves || part === 0 ? [pose, pose] : [one, other],
    box: stage.box,
    pulls: stage.pulls,
  };
}

function strand(
  { line, radius, bight, from, to }: FilmLine,
  chain: Chain,
  began: [number, number],
  ends: [number, number],
  share: number,
  laying: boolean,
): Strand {
  const last = chain.length / 3 - 1;
  const head = began[0] + share * (ends[0] - began[0]);
  const tail = began[1] + share * (ends[1] - began[1]);
  if (bight && tail < last / 2) {
    const out = stretch(chain, 0, tail);
    const back = stretch(chain, last - tail, last);
    const joined = new Float32Array(out.length + back.length + 3);
    joined.set(out);
    joined.set(tip(out, back), out.length);
    joined.set(back, out.length + 3);
    const middle = out.length / 3;
    const laid = laying ? tail - began[1] : 0;
    return {
      line,
      radius,
      chain: joined,
      from,
      to,
      fresh: laid > 0.5 ? [[Math.max(0, middle - laid), middle + laid]] : [],
      ahead:
        laid > 0.5 || share < 1
          ? [onwards(stretch(chain, tail, Math.min(ends[1], last / 2, tail + AHEAD)), stretch(chain, tail - 4, tail))]
          : [],
      range: null,
    };
  }
  const fresh: [number, number][] = [];
  const ahead: Chain[] = [];
  if (bight && began[1] < last / 2 && ends[1] > last / 2) {
    // the fold is closed: both legs are there, and what was laid of them lies in the middle, on from its tip
    const middle = Math.round(last / 2);
    const [ax, ay] = at3(chain, middle - 6);
    const [bx, by] = at3(chain, middle + 6);
    const [x, y, z] = at3(chain, middle);
    const on = onwards(new Float32Array(0), Float32Array.from([(ax + bx) / 2, (ay + by) / 2, z, x, y, z]));
    return { line, radius, chain, from, to, fresh: [[began[1], last - began[1]]], ahead: [on], range: [0, last] };
  }
  if (laying && ends[1] > began[1]) {
    fresh.push([Math.max(0, began[1] - head), tail - head]);
    ahead.push(onwards(stretch(chain, tail, Math.min(ends[1], tail + AHEAD)), stretch(chain, tail - 4, tail)));
  }
  if (laying && ends[0] < began[0]) {
    fresh.push([0, began[0] - head]);
    ahead.push(
      onwards(
        backwards(stretch(chain, Math.max(ends[0], head - AHEAD), head)),
        backwards(stretch(chain, head, head + 4)),
      ),
    );
  }
  return { line, radius, chain: stretch(chain, head, tail), from, to, fresh, ahead, range: [head, tail] };
}

/** What stays of a line when it is trimmed: it is cut at once, and not worn down to where the cut is. */
function cutBack(stage: Stage, line: string, pose: Pose): Partial<Strand> {
  const to = stage.to[line];
  const chain = pose[line];
  return to && chain ? { chain: stretch(chain, to[0], to[1]), range: [to[0], to[1]] } : {};
}

/** A piece is cut off with this gap, and falls so far, units of the drawing. */
const GAP = 2.5;
const FALL = 5;

/** What is cut off of a line: it goes on from the cut with a gap, and falls down the page. */
function cutOff({ line, radius, from, to }: FilmLine, stage: Stage, share: number, pose: Pose): Strand[] {
  const chain = pose[line];
  const [was, is] = [stage.from[line], stage.to[line]];
  if (!chain || !was || !is) return [];
  const pieces = [
    is[1] < was[1] - 1 ? stretch(chain, is[1], was[1]) : null,
    is[0] > was[0] + 1 ? backwards(stretch(chain, was[0], is[0])) : null,
  ];
  return pieces.flatMap((piece) => {
    if (!piece) return [];
    const [x, y] = at3(piece, 0);
    const [u, v] = at3(piece, Math.min(4, piece.length / 3 - 1));
    const length = Math.hypot(u - x, v - y) || 1;
    const gone = [(GAP * (u - x)) / length, (GAP * (v - y)) / length + share * FALL, 0];
    const fallen = piece.map((each, i) => each + (gone[i % 3] as number));
    return [{ line, radius, chain: fallen, from, to, fresh: [], ahead: [], range: null, off: true as const }];
  });
}

/** The way ahead; where there is hardly any left, straight on from where it came. */
function onwards(way: Chain, came: Chain): Chain {
  if (lengthOf(way, 0, way.length / 3 - 1) > REACH) return way;
  const n = came.length / 3;
  const [x, y, z] = at3(came, n - 1);
  const [px, py] = at3(came, 0);
  const length = Math.hypot(x - px, y - py) || 1;
  const [ux, uy] = [(x - px) / length, (y - py) / length];
  return Float32Array.from([0, 1, 2].flatMap((each) => [x + 0.5 * each * REACH * ux, y + 0.5 * each * REACH * uy, z]));
}

/** The end of a fold: a little beyond the middle of its two legs. */
function tip(out: Chain, back: Chain): [number, number, number] {
  const n = out.length / 3;
  const [ax, ay, az] = at3(out, n - 1);
  const [bx, by, bz] = at3(back, 0);
  const [px, py, pz] = at3(out, Math.max(0, n - 3));
  const length = Math.hypot(ax - px, ay - py, az - pz) || 1;
  const reach = 0.6 * Math.hypot(ax - bx, ay - by, az - bz);
  return [
    (ax + bx) / 2 + (reach * (ax - px)) / length,
    (ay + by) / 2 + (reach * (ay - py)) / length,
    (az + bz) / 2 + (reach * (az - pz)) / length,
  ];
}

function backwards(chain: Chain): Chain {
  const out = new Float32Array(chain.length);
  for (let i = 0, n = chain.length / 3; i < n; ++i) out.set(chain.subarray(3 * (n - 1 - i), 3 * (n - i)), 3 * i);
  return out;
}

/** The whole film for the other hand. */
export function mirrored(film: Film): Film {
  const flip = (chain: Chain) => chain.map((each, i) => (i % 3 === 0 ? 200 - each : each));
  return {
    ...film,
    props: film.props.map((each) => ({ ...each, x: 200 - each.x - each.width })),
    stages: film.stages.map((stage) => ({
      ...stage,
      box: [200 - stage.box[0] - stage.box[2], stage.box[1], stage.box[2], stage.box[3]],
      poses: stage.poses.map((pose) =>
        Object.fromEntries(Object.entries(pose).map(([line, chain]) => [line, flip(chain)])),
      ),
    })),
  };
}

/** When each move is over, in seconds. */
export const moveEnds = (film: Film, moves: number): number[] =>
  Array.from({ length: moves }, (_, move) =>
    Math.max(0, ...film.stages.filter((each) => each.move <= move).map((each) => each.ends)),
  );

/** A picture for each move, as it stands at its end, with what is pulled in it. */
export const keyFrames = (film: Film, moves: number): Frame[] =>
  moveEnds(film, moves).map((end, move) => {
    const frame = frameAt(film, end);
    const pulls = film.stages.findLast((each) => each.move === move && each.kind === 'draw')?.pulls ?? [];
    return { ...frame, pulls: pulls.filter(([line, which]) => !isCut(frame.stage, line, which)) };
  });

/** Whether an end of a line is cut off in a stage. */
function isCut({ kind, from, to }: Stage, line: string, which: 'from' | 'to'): boolean {
  const index = which === 'from' ? 0 : 1;
  return kind === 'trim' && Math.abs((from[line]?.[index] ?? 0) - (to[line]?.[index] ?? 0)) > 1;
}
