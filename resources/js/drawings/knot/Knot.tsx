import { memo, useMemo } from 'react';
import classes from './Knot.module.css';
import { type KnotCrossing, type KnotPath, overs, stretch } from './weave';

interface Prop {
  kind: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

interface KnotProps {
  paths: KnotPath[];
  props: Prop[];
  crossings: KnotCrossing[];
  label: string;
  /** which line is the thicker */
  thick: 'a' | 'b';
  /** words at the ends */
  words?: boolean;
}

const WIDTH = 200;
const HEIGHT = 112;
const THICK = 5;
const THIN = 3;

/** One move of a knot: two lines in two textures, what lies over drawn over, ends marked. */
export const Knot = memo(function Knot({ paths, props, crossings, label, thick, words = true }: KnotProps) {
  const on = useMemo(() => overs(paths, crossings), [paths, crossings]);
  const alone = new Set(paths.map((path) => path.line)).size === 1;
  const strand = (index: number, d: string, key: string) => {
    const line = paths[index]?.line ?? 'a';
    return <Strand key={key} d={d} thick={alone || line === thick} />;
  };
  const tape = props.find((prop) => prop.kind === 'tape');
  const solid = props.filter((prop) => prop.kind !== 'tape');
  return (
    <svg viewBox={`-4 -6 ${WIDTH + 8} ${HEIGHT + 12}`} className={classes.drawing} role="img" aria-label={label}>
      {solid.some((prop) => prop.kind === 'core') &&
        paths.map((path, index) => strand(index, stretch(path), `behind-${path.line}-${path.from}`))}
      {solid.map((prop) => (
        <Solid key={prop.kind} {...prop} />
      ))}
      {paths.map((path, index) =>
        solid.some((prop) => prop.kind === 'core')
          ? inFront(path).map((d) => strand(index, d, `front-${d}`))
          : strand(index, stretch(path), `whole-${path.line}-${path.from}`),
      )}
      {on.map((over) => {
        const path = paths[over.path];
        return path ? strand(over.path, stretch(path, over.from, over.to), `${over.path}-${over.from}`) : null;
      })}
      {tape && <rect {...box(tape)} className={classes.tape} />}
      {tape && paths.map((path, index) => inFront(path, 10).map((d) => strand(index, d, `over-${d}`)))}
      {words && <Ends paths={paths} />}
    </svg>
  );
});

/** The stretches of a curve nearer to the eye than a height. */
function inFront(path: KnotPath, height = 0): string[] {
  const found: string[] = [];
  let from = -1;
  path.points.forEach((each, index) => {
    const front = (each[2] ?? 0) > height - 0.01;
    if (front && from < 0) from = index;
    if ((!front || index === path.points.length - 1) && from >= 0) {
      if (index - from > 1) found.push(stretch(path, from, front ? index : index - 1));
      from = -1;
    }
  });
  return found;
}

/** One strand: a rim of paper that cuts what it lies over, its outline, its body, and a texture by which line it is. */
function Strand({ d, thick }: { d: string; thick: boolean }) {
  const width = thick ? THICK : THIN;
  return (
    <g className={thick ? classes.thick : classes.thin}>
      <path d={d} className={classes.rim} strokeWidth={width + 3.2} />
      <path d={d} className={classes.outline} strokeWidth={width + 1.2} />
      <path d={d} className={classes.body} strokeWidth={width - 0.4} />
      <path d={d} className={classes.texture} strokeWidth={thick ? 0.9 : width - 0.6} />
    </g>
  );
}

const box = ({ x, y, width, height }: Prop) => ({ x, y, width, height });

function Solid(prop: Prop) {
  if (prop.kind === 'arbor') {
    return (
      <g className={classes.solid}>
        <circle cx={prop.x + prop.width / 2} cy={prop.y + prop.height / 2} r={prop.width / 2} />
        <circle cx={prop.x + prop.width / 2} cy={prop.y + prop.height / 2} r={3} />
      </g>
    );
  }
  return (
    <g className={classes.solid}>
      <rect {...box(prop)} />
      <rect x={prop.x - 8} y={prop.y - 24} width={8} height={prop.height + 48} />
      <rect x={prop.x + prop.width} y={prop.y - 24} width={8} height={prop.height + 48} />
    </g>
  );
}

/** About the room a word at an end takes, units of the drawing. */
const WORD = { width: 26, height: 7 };

interface End {
  name: string;
  key: string;
  /** where it is, and which way it leads */
  x: number;
  y: number;
  ux: number;
  uy: number;
}

function endsOf(path: KnotPath): End[] {
  return [
    { name: path.from, at: path.points[0], towards: path.points[3] },
    { name: path.to, at: path.points.at(-1), towards: path.points.at(-4) },
  ].flatMap(({ name, at, towards }) => {
    if (!at || !towards || name === 'bight') return [];
    const [x, y] = [at[0] ?? 0, at[1] ?? 0];
    const [dx, dy] = [x - (towards[0] ?? 0), y - (towards[1] ?? 0)];
    const length = Math.hypot(dx, dy) || 1;
    return [{ name, key: `${path.line}-${name}`, x, y, ux: dx / length, uy: dy / length }];
  });
}

/** Ends that lead on get an arrow out of the drawing; tags a cut mark. Each says what it is, no word over another. */
function Ends({ paths }: { paths: KnotPath[] }) {
  const taken: { x: number; y: number }[] = [];
  return paths.flatMap(endsOf).map(({ name, key, x, y, ux, uy }) => {
    const tag = name === 'tag';
    const right = x > WIDTH / 2;
    const tx = Math.min(WIDTH - 2, Math.max(2, x + (tag ? 5 * ux : 0)));
    let ty = Math.min(HEIGHT, Math.max(4, y + (tag ? 7 * uy + 2 : -6)));
    const way = ty > HEIGHT / 2 ? 1 : -1;
    while (taken.some((each) => Math.abs(each.x - tx) < WORD.width && Math.abs(each.y - ty) < WORD.height)) ty += way;
    taken.push({ x: tx, y: ty });
    return (
      <g key={key} className={tag ? classes.tag : classes.standing}>
        {tag ? (
          <path d={`M${x - 4 * uy} ${y + 4 * ux}L${x + 4 * uy} ${y - 4 * ux}`} />
        ) : (
          <path
            d={`M${x - 6 * ux - 3.4 * uy} ${y - 6 * uy + 3.4 * ux}L${x} ${y}L${x - 6 * ux + 3.4 * uy} ${y - 6 * uy - 3.4 * ux}`}
          />
        )}
        <text x={tx} y={ty} textAnchor={right ? 'end' : 'start'}>
          {name}
        </text>
      </g>
    );
  });
}
