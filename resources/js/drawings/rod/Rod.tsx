import { useElementSize } from '@mantine/hooks';
import shared from '../drawing.module.css';
import { step, ticks } from '../tape/ticks';
import { across, blank, type Frame, path } from './bend';
import classes from './Rod.module.css';

interface RodProps {
  /** N */
  force: number;
  target: number;
  /** the band round it, least and most, N */
  within: number[];
  /** from here on it is a stop, N */
  stop: number | null;
  /** the highest of this pull, N */
  peak: number | null;
  /** pulls at this place of the knob, N */
  pulls: number[];
  /** N in one unit of the scale, and its name */
  scaleUnit: { n: number; name: string };
  /** the line has broken: the rod springs straight, and what is left of the line hangs off it */
  parted?: boolean;
  label: string;
}

const ANGLE = 1.25;
/** As high as its room allows, px. */
const HIGH = [300, 420] as const;
/** A rod fits its height so. */
const LONG = 0.893;

/** The dial: a rod that bends as it is pulled. Its tip runs along the scale; the band on it is the target. */
export function Rod({ force, target, within, stop, peak, pulls, scaleUnit, parted = false, label }: RodProps) {
  const { ref, width } = useElementSize();
  const height = Math.min(HIGH[1], Math.max(HIGH[0], width * 0.6));
  const length = Math.min(height * LONG, width * 0.68);
  const frame: Frame = { butt: { x: 24, y: height - 22 }, length, full: target * 1.75 };
  const most = frame.full;
  const by = step(most / scaleUnit.n, 5);
  const shown = Math.min(most * 1.05, force);
  const points = blank(frame, shown, ANGLE);
  const end = points.at(-1) ?? frame.butt;
  const mark = (at: number, inside: number, outside: number) => {
    const [a, b] = across(frame, at, ANGLE, inside, outside);
    return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  };
  const past = stop !== null && stop < most && force >= stop;
  return (
    <div ref={ref} className={shared.room}>
      {width > 0 && (
        <svg width={width} height={height} className={classes.drawing} role="img" aria-label={label}>
          <path d={path(frame, 0, most, ANGLE)} className={classes.way} />
          <path d={path(frame, within[0] ?? target, within[1] ?? target, ANGLE)} className={classes.band} />
          {stop !== null && stop < most && <path d={path(frame, stop, most, ANGLE)} className={classes.stop} />}
          {ticks(most / scaleUnit.n, by).map((tick) => {
            const at = tick * scaleUnit.n;
            const [, out] = across(frame, at, ANGLE, 0, 22);
            return (
              <g key={tick} className={classes.scale}>
                <path d={mark(at, 0, 9)} />
                <text x={out.x} y={out.y + 4} textAnchor="middle">
                  {tick === 0 ? `0 ${scaleUnit.name}` : Math.round(tick * 100) / 100}
                </text>
              </g>
            );
          })}
          <path d={mark(target, 12, 14)} className={classes.target} />
          {pulls.map((pull, index) => {
            const at = across(frame, Math.min(pull, most), ANGLE, 9, 0)[0];
            // biome-ignore lint/suspicious/noArrayIndexKey: pulls have no name but their turn
            return <circle key={index} cx={at.x} cy={at.y} r={4} className={classes.pull} />;
          })}
          {peak !== null && peak > force * 1.02 && (
            <path d={mark(Math.min(peak, most), 16, 4)} className={classes.peak} />
          )}
          <path d={points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('')} className={classes.blank} />
          <path d={grip(points)} className={classes.grip} />
          {[7, 12, 16, 19, 22].map((i) => {
            const at = points[i];
            return at && <circle key={i} cx={at.x} cy={at.y + 3} r={2.6} className={classes.guide} />;
          })}
          <path
            d={
              parted
                ? `M${end.x} ${end.y}q18 14 8 34t14 26q10 8 4 16`
                : `M${end.x} ${end.y}L${Math.min(width - 14, end.x + 26)} ${height - 18}`
            }
            className={classes.line}
          />
          <circle cx={end.x} cy={end.y} r={4.5} className={past ? classes.tipPast : classes.tip} />
        </svg>
      )}
    </div>
  );
}

/** Cork from the butt up. */
function grip(points: { x: number; y: number }[]): string {
  const [from] = points;
  const to = points[4];
  return from && to ? `M${from.x} ${from.y}L${to.x} ${to.y}` : '';
}
