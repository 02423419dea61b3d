import { memo } from 'react';
import classes from './Hanging.module.css';

interface HangingProps {
  /** drawn in the slack, at most 5 */
  loops: number;
  /** knots of the wind, at most 5 are drawn */
  knots?: number;
  /** of the free end; null: it was not let go */
  spins?: boolean | null;
  label?: string;
}

const TIP = { x: 96, y: 16 };
const MOST = 5;
/** Points on each loop. */
const STEPS = 24;

/** A metre of slack from the tip: straight it hangs in one bow, twisted or set in coils it springs into loops. */
export const Hanging = memo(function Hanging({ loops, knots = 0, spins = null, label }: HangingProps) {
  const free = spins !== null;
  const many = Math.min(MOST, loops);
  const low = free ? 150 : 128;
  return (
    <svg
      width="210"
      height="170"
      viewBox="0 0 210 170"
      className={classes.hanging}
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
    >
      <path d={`M4 26L${TIP.x} ${TIP.y}`} className={classes.rod} />
      <circle cx={TIP.x + 2} cy={TIP.y} r="4" className={classes.ring} />
      <path d={slack(many, low, free)} className={classes.line} />
      {free && spins && <path d="M84 154a14 5 0 1 0 28 0m-5 -4l5 4l-6 3" className={classes.turn} />}
      {Array.from({ length: Math.min(MOST, knots) }, (_, index) => (
        <path
          // biome-ignore lint/suspicious/noArrayIndexKey: they are told apart by their place alone
          key={index}
          d={`M${142 + (index % 2) * 34} ${34 + index * 24}c10 -14 24 0 8 8c-16 8 -14 -14 2 -8c14 6 4 20 -8 10`}
          className={classes.knot}
        />
      ))}
    </svg>
  );
});

/** The line: down from the tip and, unless its end is free, back to the hand, with so many loops in it. */
function slack(loops: number, low: number, free: boolean): string {
  const { x, y } = TIP;
  if (loops === 0) {
    return free
      ? `M${x + 2} ${y + 4}C${x + 4} 70 ${x} 110 ${x} ${low}`
      : `M${x + 2} ${y + 4}C${x + 6} 96 64 ${low} 22 ${low}`;
  }
  // a coil seen a little from above: it goes round as it comes down, and crosses itself once in each turn
  const [from, to, across] = [y + 14, low - 8, 17];
  const step = (to - from) / loops;
  const points = Array.from({ length: loops * STEPS + 1 }, (_, index) => {
    const round = (index / STEPS) * 2 * Math.PI;
    const down =
      from + (step * round) / (2 * Math.PI) - 0.42 * step * (1 - Math.cos(round)) * Math.min(1, index / STEPS);
    return `${(x + across * Math.sin(round)).toFixed(1)} ${down.toFixed(1)}`;
  });
  return `M${x + 2} ${y + 4}L${points.join('L')}${free ? `L${x} ${low}` : `C${x - 12} ${low + 6} 60 ${low + 4} 22 ${low}`}`;
}
