import { type Chain, type Film, type Frame, type Pose, type Stage, shown } from '../drawings/knot/film';

export type Kind = 'right' | 'swapped' | 'wrong_way';

/** One question: what is there, and three ways on, made by the curves. */
export interface Question {
  stage: Stage;
  before: Frame;
  choices: Record<Kind, Frame>;
}

/** A crossing as met along one line. */
interface Meeting {
  line: string;
  /** in points of the pose */
  at: number;
  otherLine: string;
  otherAt: number;
  over: boolean;
  /** how much higher this line lies */
  higher: number;
}

/** Lines that cross nearer than this would be one through the other. */
const CLEAR = 1.2;

/** What is asked of a film: every stage whose new stretch passes over or under something. */
export const questions = (film: Film): Question[] => film.stages.flatMap((stage) => question(film, stage) ?? []);

function question(film: Film, stage: Stage): Question | null {
  if (stage.kind !== 'lay') return null;
  const pose = stage.poses[0] as Pose;
  const met = freshOf(film, stage, pose);
  const is = said(met);
  // another answer than the right one, and one that can be drawn: no line in another
  const another = (each: Pose) => {
    const fresh = freshOf(film, stage, each);
    return said(fresh) !== is && fresh.every(({ higher }) => Math.abs(higher) > CLEAR);
  };
  // one crossing the other way about, the middle one where that will do
  const swapped = met.toSpliced(0, 0, ...met.slice(met.length >> 1, (met.length >> 1) + 1));
  const around = swapped.map((each) => withSwapped(pose, each)).find(another);
  if (!around) return null;
  // the whole stretch laid the other way round
  const ways = [mirroredFresh(film, stage, pose, 2), mirroredFresh(film, stage, pose, 1)];
  const wrongWay = ways.find((each) => another(each) && differs(each, around));
  if (!wrongWay) return null;
  return {
    stage,
    before: shown(film, stage, 0),
    choices: {
      right: shown(film, stage, 1),
      swapped: shown(film, stage, 1, around),
      wrong_way: shown(film, stage, 1, wrongWay),
    },
  };
}

const freshOf = (film: Film, stage: Stage, pose: Pose) =>
  meetings(film, stage, pose).filter((each) => isFresh(film, stage, pose, each.line, each.at));

/** Over and under in the order in which the lines meet them. */
export const said = (met: Meeting[]): string =>
  met
    .toSorted((a, b) => (a.line === b.line ? a.at - b.at : a.line < b.line ? -1 : 1))
    .map((each) => (each.over ? 'O' : 'U'))
    .join('');

/** Every crossing of what is laid by the end of a stage, met from both of its lines. */
export function meetings(film: Film, stage: Stage, pose: Pose): Meeting[] {
  const seen = film.lines.flatMap(({ line, bight }) => {
    const chain = pose[line];
    const range = stage.to[line];
    if (!chain || !range) return [];
    const last = chain.length / 3 - 1;
    const folded = bight && range[1] < last / 2;
    return folded
      ? [
          { line, chain, from: 0, to: range[1] },
          { line, chain, from: last - range[1], to: last },
        ]
      : [{ line, chain, from: range[0], to: range[1] }];
  });
  const found: Meeting[] = [];
  seen.forEach((one, i) => {
    seen.slice(i).forEach((other, k) => {
      for (const [p, q] of near(one, other, k === 0)) {
        const hit = crossing(one.chain, p, other.chain, q);
        if (!hit) continue;
        const [s, t, higher] = hit;
        const [at, otherAt] = [p + s, q + t];
        found.push({ line: one.line, at, otherLine: other.line, otherAt, over: higher > 0, higher });
        found.push({
          line: other.line,
          at: otherAt,
          otherLine: one.line,
          otherAt: at,
          over: higher < 0,
          higher: -higher,
        });
      }
    });
  });
  return found;
}

interface Seen {
  line: string;
  chain: Chain;
  from: number;
  to: number;
}

/** Points looked at together. */
const BLOCK = 12;

/** The stretches between points of two lines that might cross; blocks of them that lie apart are passed over whole. */
function* near(one: Seen, other: Seen, same: boolean): Generator<[number, number]> {
  const others = blocks(other);
  for (const a of blocks(one)) {
    for (const b of others) {
      if (a.left > b.right || b.left > a.right || a.top > b.bottom || b.top > a.bottom) continue;
      for (let p = a.from; p < a.to; ++p) {
        for (let q = same ? Math.max(b.from, p + 2) : b.from; q < b.to; ++q) yield [p, q];
      }
    }
  }
}

function blocks({ chain, from, to }: Seen) {
  const found: { from: number; to: number; left: number; right: number; top: number; bottom: number }[] = [];
  const end = Math.ceil(to - 1);
  for (let begin = Math.ceil(from); begin < end; begin += BLOCK) {
    const last = Math.min(end, begin + BLOCK);
    const box = { from: begin, to: last, left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
    for (let i = begin; i <= last; ++i) {
      const [x, y] = [chain[3 * i] as number, chain[3 * i + 1] as number];
      box.left = Math.min(box.left, x);
      box.right = Math.max(box.right, x);
      box.top = Math.min(box.top, y);
      box.bottom = Math.max(box.bottom, y);
    }
    found.push(box);
  }
  return found;
}

function crossing(one: Chain, i: number, other: Chain, j: number): [number, number, number] | null {
  const at = (chain: Chain, k: number, axis: number) => chain[3 * k + axis] as number;
  const [ax, ay, bx, by] = [at(one, i, 0), at(one, i, 1), at(one, i + 1, 0), at(one, i + 1, 1)];
  const [cx, cy, dx, dy] = [at(other, j, 0), at(other, j, 1), at(other, j + 1, 0), at(other, j + 1, 1)];
  if (Math.min(ax, bx) > Math.max(cx, dx) || Math.max(ax, bx) < Math.min(cx, dx)) return null;
  if (Math.min(ay, by) > Math.max(cy, dy) || Math.max(ay, by) < Math.min(cy, dy)) return null;
  const cross = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx);
  if (Math.abs(cross) < 1e-9) return null;
  const s = ((cx - ax) * (dy - cy) - (cy - ay) * (dx - cx)) / cross;
  const t = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / cross;
  if (s < 0 || s >= 1 || t < 0 || t >= 1) return null;
  const z = (chain: Chain, k: number, part: number) => at(chain, k, 2) + part * (at(chain, k + 1, 2) - at(chain, k, 2));
  return [s, t, z(one, i, s) - z(other, j, t)];
}

/** Whether a point of a line was laid in this stage. */
function isFresh(film: Film, stage: Stage, pose: Pose, line: string, at: number): boolean {
  const from = stage.from[line];
  const to = stage.to[line];
  if (!from || !to) return false;
  const last = (pose[line] as Chain).length / 3 - 1;
  const folded = film.lines.some((each) => each.line === line && each.bight);
  return at > from[1] || at < from[0] || (folded && from[1] < last / 2 && at > from[1] && at < last - from[1]);
}

/** The same with one crossing the other way about: the line passes as far under as it lay over. */
function withSwapped(pose: Pose, { line, at, higher }: Meeting): Pose {
  const chain = Float32Array.from(pose[line] as Chain);
  const reach = 7;
  for (let i = Math.max(0, Math.ceil(at - reach)); i <= at + reach && 3 * i + 2 < chain.length; ++i) {
    const part = Math.cos((Math.PI / 2) * Math.min(1, Math.abs(i - at) / reach)) ** 2;
    chain[3 * i + 2] = (chain[3 * i + 2] as number) - part * (2 * higher);
  }
  return { ...pose, [line]: chain };
}

/** The same with everything new turned over: in front where it lay behind, or above where it lay below. */
function mirroredFresh(film: Film, stage: Stage, pose: Pose, axis: 1 | 2): Pose {
  return Object.fromEntries(
    Object.entries(pose).map(([line, before]) => {
      const chain = Float32Array.from(before);
      const from = stage.from[line];
      const n = chain.length / 3;
      if (from) {
        const began = Math.min(n - 1, Math.round(from[1]));
        const middle = axis === 2 ? 0 : (chain[3 * began + 1] as number);
        for (let i = 0; i < n; ++i) {
          if (!isFresh(film, stage, pose, line, i)) continue;
          const part = axis === 2 ? Math.min(1, Math.min(Math.abs(i - from[1]), i < from[0] ? from[0] - i : n) / 4) : 1;
          const is = chain[3 * i + axis] as number;
          chain[3 * i + axis] = is + part * (2 * middle - 2 * is);
        }
      }
      return [line, chain];
    }),
  );
}

/** Whether two poses would be drawn differently. */
const differs = (one: Pose, other: Pose): boolean =>
  Object.entries(one).some(([line, chain]) =>
    chain.some((each, i) => Math.abs(each - ((other[line] as Chain)[i] as number)) > 1.5),
  );
