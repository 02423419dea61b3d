/** A line of a knot as the server draws it: x, y on the page, z towards the eye. */
export interface KnotPath {
  line: 'a' | 'b';
  from: string;
  to: string;
  points: number[][];
}

export interface KnotCrossing {
  over: number;
  over_at: number;
  under: number;
  under_at: number;
}

export interface Over {
  path: number;
  /** from where to where on it, in points */
  from: number;
  to: number;
}

/** How much of the over line is drawn again at a crossing, units of the drawing on each side. */
const REACH = 6;

const point = (path: KnotPath, at: number): [number, number] => {
  const index = Math.min(path.points.length - 2, Math.max(0, Math.floor(at)));
  const [a, b] = [path.points[index] ?? [0, 0], path.points[index + 1] ?? [0, 0]];
  const part = at - index;
  return [(a[0] ?? 0) + part * ((b[0] ?? 0) - (a[0] ?? 0)), (a[1] ?? 0) + part * ((b[1] ?? 0) - (a[1] ?? 0))];
};

/** A stretch of a curve as an SVG path. */
export function stretch(path: KnotPath, from = 0, to = path.points.length - 1): string {
  const ends = [point(path, from), point(path, to)];
  const inner = path.points.slice(Math.ceil(from + 1e-9), Math.floor(to - 1e-9) + 1);
  return `M${[ends[0], ...inner, ends[1]].map((each) => `${(each?.[0] ?? 0).toFixed(1)} ${(each?.[1] ?? 0).toFixed(1)}`).join('L')}`;
}

/** How far along a curve a place some distance away is, in points, not beyond a limit. */
function away(path: KnotPath, from: number, distance: number, limit: number): number {
  const step = distance < 0 ? -0.25 : 0.25;
  let at = from;
  let gone = 0;
  let before = point(path, from);
  while (gone < Math.abs(distance) && (step < 0 ? at > limit : at < limit)) {
    at += step;
    const here = point(path, at);
    gone += Math.hypot(here[0] - before[0], here[1] - before[1]);
    before = here;
  }
  return step < 0 ? Math.max(at, limit) : Math.min(at, limit);
}

/**
 * The stretches that lie over something, to be drawn again on top, the lowest first: each from half way to the crossing before
 * to half way to the one after, where that is nearer than its reach, so that it covers nothing that lies over itself.
 */
export function overs(paths: KnotPath[], crossings: KnotCrossing[]): Over[] {
  const met = paths.map((_, index) =>
    crossings
      .flatMap((each) => [
        ...(each.over === index ? [{ at: each.over_at, over: true }] : []),
        ...(each.under === index ? [{ at: each.under_at, over: false }] : []),
      ])
      .sort((a, b) => a.at - b.at),
  );
  return paths
    .flatMap((path, index) =>
      (met[index] ?? []).flatMap((each, place, all) => {
        if (!each.over) return [];
        const before = all[place - 1];
        const after = all[place + 1];
        const from = before && !before.over ? (before.at + each.at) / 2 : 0;
        const to = after && !after.over ? (after.at + each.at) / 2 : path.points.length - 1;
        return [
          {
            path: index,
            from: away(path, each.at, -REACH, from),
            to: away(path, each.at, REACH, to),
            high: path.points[Math.round(each.at)]?.[2] ?? 0,
          },
        ];
      }),
    )
    .sort((a, b) => a.high - b.high);
}
