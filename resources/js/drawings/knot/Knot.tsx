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
      {words && paths.map((path) => <Ends key={`${path.line}-${path.from}`} path={path} />)}
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

/** Ends that lead on get an arrow out of the drawing; tags a cut mark. Each says what it is. */
function Ends({ path }: { path: KnotPath }) {
  const ends = [
    { name: path.from, at: path.points[0], towards: path.points[3] },
    { name: path.to, at: path.points.at(-1), towards: path.points.at(-4) },
  ];
  return ends.map(({ name, at, towards }) => {
    if (!at || !towards || name === 'bight') return null;
    const [x, y] = [at[0] ?? 0, at[1] ?? 0];
    const [dx, dy] = [x - (towards[0] ?? 0), y - (towards[1] ?? 0)];
    const length = Math.hypot(dx, dy) || 1;
    const [ux, uy] = [dx / length, dy / length];
    const right = x > WIDTH / 2;
    const tx = Math.min(WIDTH - 2, Math.max(2, x + (name === 'tag' ? 5 * ux : 0)));
    const ty = Math.min(HEIGHT, Math.max(4, y + (name === 'tag' ? 7 * uy + 2 : -6)));
    return (
      <g key={name} className={name === 'tag' ? classes.tag : classes.standing}>
        {name === 'tag' ? (
          <path d={`M${x - 4 * uy} ${y + 4 * ux}L${x + 4 * uy} ${y - 4 * ux}`} />
        ) : (
          <path
            d={`M${x - 6 * ux - 3.4 * uy} ${y - 6 * uy + 3.4 * ux}L${x} ${y}L${x - 6 * ux + 3.4 * uy} ${y - 6 * uy - 3.4 * ux}`}
          />
        )}
        <text x={tx} y={ty} textAnchor={right ? 'end' : 'start'}>
          {name === 'tag' ? 'tag' : 'standing'}
        </text>
      </g>
    );
  });
}
