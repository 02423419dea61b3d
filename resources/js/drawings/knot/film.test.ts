import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { meetings, questions, said } from '../../knots/quiz';
import {
  type Chain,
  type Film,
  type Frame,
  frameAt,
  mirrored,
  moveEnds,
  type Pose,
  poseAt,
  readFilm,
  type Stage,
  shown,
} from './film';
import { chunks, marks } from './paint';
import { still } from './svg';

const FILMS = 'resources/films';
const read = (file: string): Film => readFilm(JSON.parse(gunzipSync(readFileSync(`${FILMS}/${file}`)).toString()));
const files = readdirSync(FILMS);
const films = Object.fromEntries(files.map((file) => [file.replace('.json.gz', ''), read(file)]));

/** The share of their thickness that two lines keep from each other at least; rounding to tenths takes a little. */
const WHOLE = 0.95;

/** How far the point goes that goes furthest. */
function furthest(one: Pose, other: Pose): number {
  let most = 0;
  for (const [line, a] of Object.entries(one)) {
    const b = other[line] as Chain;
    for (let i = 0; i < a.length; i += 3) {
      most = Math.max(most, Math.hypot(at(a, i) - at(b, i), at(a, i + 1) - at(b, i + 1), at(a, i + 2) - at(b, i + 2)));
    }
  }
  return most;
}

const at = (chain: Chain, i: number) => chain[i] as number;

/** The least distance between two stretches of lines, as a share of their thickness; neighbours along a line are passed over. */
function clearance(film: Film, pose: Pose): number {
  const lines = film.lines.filter(({ line }) => pose[line]);
  const reach = 2 * Math.max(...lines.map((each) => each.radius)) + 1.6;
  const all = lines.flatMap(({ line }, index) => {
    const chain = pose[line] as Chain;
    let along = 0;
    return Array.from({ length: chain.length / 3 - 1 }, (_, k) => {
      const i = 3 * k;
      const part = { index, i, along, x: at(chain, i) };
      along += Math.hypot(
        at(chain, i + 3) - at(chain, i),
        at(chain, i + 4) - at(chain, i + 1),
        at(chain, i + 5) - at(chain, i + 2),
      );
      return part;
    });
  });
  all.sort((a, b) => a.x - b.x);
  let least = Number.POSITIVE_INFINITY;
  for (let k = 0; k < all.length; ++k) {
    const one = all[k] as (typeof all)[number];
    const { line, radius } = lines[one.index] as (typeof lines)[number];
    const a = pose[line] as Chain;
    const [y, z] = [at(a, one.i + 1), at(a, one.i + 2)];
    for (let m = k + 1; m < all.length; ++m) {
      const other = all[m] as (typeof all)[number];
      if (other.x - one.x > reach) break;
      const second = lines[other.index] as (typeof lines)[number];
      const b = pose[second.line] as Chain;
      if (Math.abs(y - at(b, other.i + 1)) > reach || Math.abs(z - at(b, other.i + 2)) > reach) continue;
      const thick = radius + second.radius;
      if (one.index === other.index && Math.abs(one.along - other.along) < 2 * thick) continue;
      least = Math.min(least, apart(a, one.i, b, other.i) / thick);
    }
  }
  return least;
}

/** Between two straight stretches in space. */
function apart(a: Chain, i: number, b: Chain, j: number): number {
  const [ux, uy, uz] = [at(a, i + 3) - at(a, i), at(a, i + 4) - at(a, i + 1), at(a, i + 5) - at(a, i + 2)];
  const [vx, vy, vz] = [at(b, j + 3) - at(b, j), at(b, j + 4) - at(b, j + 1), at(b, j + 5) - at(b, j + 2)];
  const [wx, wy, wz] = [at(a, i) - at(b, j), at(a, i + 1) - at(b, j + 1), at(a, i + 2) - at(b, j + 2)];
  const uu = ux * ux + uy * uy + uz * uz;
  const uv = ux * vx + uy * vy + uz * vz;
  const vv = vx * vx + vy * vy + vz * vz;
  const uw = ux * wx + uy * wy + uz * wz;
  const vw = vx * wx + vy * wy + vz * wz;
  const det = uu * vv - uv * uv;
  let s = det > 1e-9 ? Math.max(0, Math.min(1, (uv * vw - vv * uw) / det)) : 0;
  const t = vv > 1e-12 ? Math.max(0, Math.min(1, (uv * s + vw) / vv)) : 0;
  s = uu > 1e-12 ? Math.max(0, Math.min(1, (uv * t - uw) / uu)) : 0;
  return Math.hypot(wx + s * ux - t * vx, wy + s * uy - t * vy, wz + s * uz - t * vz);
}

/** The least clearance of a stage, in steps under half a line's radius. */
function soundness(film: Film, stage: Stage): number {
  const thin = Math.min(...film.lines.map((each) => each.radius));
  let least = clearance(film, stage.poses[0] as Pose);
  for (let k = 1; k < stage.poses.length; ++k) {
    const [one, other] = [stage.poses[k - 1] as Pose, stage.poses[k] as Pose];
    const steps = Math.ceil(furthest(one, other) / (0.5 * thin));
    for (let step = 1; step <= steps; ++step) {
      least = Math.min(least, clearance(film, poseAt(stage, (k - 1 + step / steps) / (stage.poses.length - 1))));
    }
  }
  return least;
}

/** Crossings at which what lies over is drawn before what lies under. */
function wrongly(film: Film, frame: Frame): string[] {
  if (frame.strands.some((each) => each.range === null)) return [];
  const drawn = chunks(frame).map((each, order) => ({ ...each, order }));
  const byLine = Object.fromEntries(
    film.lines.map(({ line }) => [line, drawn.filter((each) => each.line === line).sort((a, b) => a.along - b.along)]),
  );
  const place = (line: string, point: number) => byLine[line]?.findLast((each) => each.along <= point)?.order ?? -1;
  return meetings(film, frame.stage, frame.pose)
    .filter((each) => each.over && place(each.line, each.at) < place(each.otherLine, each.otherAt))
    .map(
      (each) =>
        `${each.line} ${each.at.toFixed(1)} over ${each.otherLine} ${each.otherAt.toFixed(1)} by ${each.higher.toFixed(1)}`,
    );
}

describe.each(Object.entries(films))('%s', (_, film) => {
  it('is one film in which no line ever passes through another, at full thickness', () => {
    for (const [index, stage] of film.stages.entries()) {
      expect(soundness(film, stage), `stage ${index}`).toBeGreaterThan(WHOLE);
    }
  }, 60_000);

  it('lays its lines without a jump, and goes on where it was', () => {
    for (let seconds = 0.05; seconds < film.length; seconds += 0.05) {
      const [before, now] = [frameAt(film, seconds - 0.05), frameAt(film, seconds)];
      const laid = (frame: typeof now) => frame.strands.reduce((sum, each) => sum + each.chain.length / 3, 0);
      // a fold that closes becomes one line: its tip is no longer added
      if (before.stage === now.stage && now.stage.kind === 'lay') expect(laid(now)).toBeGreaterThan(laid(before) - 8);
      for (const end of now.box) expect(Number.isFinite(end)).toBe(true);
    }
  });

  it('has its marks: what is laid is told from what was there, standing ends break off, cuts are seen, numbers lie on no line', () => {
    for (const stage of film.stages) {
      const frame = { ...shown(film, stage, 1), box: stage.box };
      const all = marks(frame);
      if (stage.kind === 'draw') {
        expect(all.filter((each) => each.kind === 'pull')).toHaveLength(stage.pulls.length);
      }
      // only what goes on is broken off; a tag shows its tip until it is cut, and then the cut and the piece
      const standing = frame.strands.flatMap(({ from, to }) => [from, to]).filter((each) => each === 'standing').length;
      expect(all.filter((each) => each.kind === 'break').length).toBeLessThanOrEqual(standing);
      if (stage.kind === 'trim') {
        const cuts = all.filter((each) => each.kind === 'scissors').length;
        expect(cuts).toBeGreaterThan(0);
        expect(frame.pieces).toHaveLength(cuts);
        for (const { chain } of frame.pieces) {
          for (const strand of frame.strands.filter((each) => each.line === frame.pieces[0]?.line)) {
            expect(Math.hypot(at(chain, 0) - at(strand.chain, 0), at(chain, 1) - at(strand.chain, 1))).toBeGreaterThan(
              2,
            );
          }
        }
      }
      // whatever is laid has an arrow that leads on
      if (frame.strands.some((each) => each.fresh.some(([from, to]) => to - from > 4))) {
        expect(all.map((each) => each.kind)).toEqual(expect.arrayContaining(['arrow']));
      }
      expect(chunks(frame).some((each) => each.fresh)).toBe(frame.strands.some((each) => each.fresh.length > 0));
      for (const mark of all) {
        if (mark.kind !== 'number') continue;
        for (const { chain, radius } of frame.strands) {
          for (let i = 0; i < chain.length; i += 3) {
            expect(Math.hypot(at(chain, i) - mark.x, at(chain, i + 1) - mark.y)).toBeGreaterThan(radius);
          }
        }
      }
    }
  });

  it('draws at every crossing what lies over after what lies under', () => {
    for (const stage of film.stages) {
      for (const share of stage.kind === 'draw' ? [0.3, 0.7, 1] : [1]) {
        const frame = shown(film, stage, share);
        expect(wrongly(film, frame), `${stage.kind} of move ${stage.move} at ${share}`).toEqual([]);
      }
    }
  });

  it('asks for its next move with three different pictures, one right', () => {
    for (const { choices, stage } of questions(film)) {
      const paths = Object.values(choices).map((frame) =>
        chunks(frame)
          .map((each) => `${each.d} ${each.z.toFixed(1)}`)
          .join(),
      );
      expect(new Set(paths).size, `stage of move ${stage.move}`).toBe(3);
      for (const frame of Object.values(choices))
        expect(wrongly(film, frame), `choices of move ${stage.move}`).toEqual([]);
      expect(paths[0]).toBe(
        chunks({ ...shown(film, stage, 1), box: stage.box })
          .map((each) => `${each.d} ${each.z.toFixed(1)}`)
          .join(),
      );
    }
  });

  it('is a picture for paper, without words', () => {
    const end = moveEnds(film, 1)[0] as number;
    const picture = still(film, frameAt(film, end), '');
    expect(picture).toMatch(/^<svg .*<\/svg>$/s);
    // its lines lie in what it shows, but for a long line that is looked at closely
    const [x, y, width, height] = (picture.match(/viewBox="([^"]*)"/)?.[1] ?? '').split(' ').map(Number) as [
      number,
      number,
      number,
      number,
    ];
    const scaled = [...picture.matchAll(/<g transform="scale\(0\.1\)">(.*?<\/g>)<\/g>/gs)]
      .map((each) => each[1])
      .join('');
    const cords = [...scaled.matchAll(/class="body" d="M(-?\d+) (-?\d+)/g)].map((each) => [
      Number(each[1]) / 10,
      Number(each[2]) / 10,
    ]);
    expect(cords.length).toBeGreaterThan(0);
    for (const [u = 0, v = 0] of cords) {
      expect(u).toBeGreaterThan(x - width);
      expect(u).toBeLessThan(x + 4 * width);
      expect(v).toBeGreaterThan(y - height);
      expect(v).toBeLessThan(y + 2 * height);
    }
    expect(cords.some(([u = 0, v = 0]) => u > x && u < x + width && v > y && v < y + height)).toBe(true);
    expect(picture.replace(/<[^>]*>/g, '').replace(/\d/g, '')).toBe('');
  });
});

describe('the film', () => {
  it('fails where a stretch is swapped', () => {
    const film = films.blood as Film;
    const stage = film.stages.find((each) => each.kind === 'draw') as Stage;
    const poses = stage.poses.map((pose, index) =>
      index === 0
        ? pose
        : { ...pose, a: (pose.a as Chain).map((each, i) => (i % 3 === 2 && i > 300 && i < 420 ? -each : each)) },
    );
    expect(soundness(film, { ...stage, poses })).toBeLessThan(0.5);
  });

  it('is the other way round for the other hand: every crossing keeps what lies over', () => {
    const film = films['double_uni-5-7'] as Film;
    const other = mirrored(film);
    const stage = 2;
    const of = (each: Film) => questions(each).map((question) => question.stage.move);
    expect(of(other)).toEqual(of(film));
    const [a, b] = [film, other].map((each) => {
      const pose = each.stages[stage]?.poses[0] as Pose;
      return (pose.a as Chain)[3 * 200];
    });
    expect((a ?? 0) + (b ?? 0)).toBeCloseTo(200, 3);
  });

  it('asks about every knot that has a crossing', () => {
    const asked = Object.entries(films).map(([name, film]) => [name, questions(film).length] as const);
    for (const [name, count] of asked) expect(count, name).toBeGreaterThan(0);
    expect(said([])).toBe('');
  });
});
