import { memo } from 'react';
import classes from './Twisted.module.css';

interface TwistedProps {
  /** turns per metre, signed: which way the stripes lean */
  turns: number;
  /** loops that spring up in a metre of slack */
  loops: number;
  /** with an arrow that says which way it is twisted */
  sense?: boolean;
  label: string;
}

const WIDTH = 620;
const HEIGHT = 120;
/** A metre of line in the drawing is this many wide strips of it; closer stripes than the eye can tell are not drawn. */
const MOST_STRIPES = 60;

/** A metre of slack line with the twist in it: a stripe once round for each turn, and the loops it springs into. */
export const Twisted = memo(function Twisted({ turns, loops, sense = true, label }: TwistedProps) {
  const shown = Math.min(MOST_STRIPES, Math.abs(turns) * 3);
  const springs = Math.min(8, Math.round(loops));
  const course = bow(springs);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={classes.drawing} role="img" aria-label={label}>
      <path d={course} className={classes.edge} />
      <path d={course} className={classes.body} />
      <path
        d={course}
        className={classes.stripe}
        pathLength={Math.max(1, shown)}
        strokeDasharray={shown < 0.5 ? '0 1' : '0.28 0.72'}
      />
      {sense && <path d={lean(turns)} className={classes.sense} />}
    </svg>
  );
});

/** The bow of a hanging metre, with so many loops in it. */
function bow(loops: number): string {
  const y = (x: number) => 24 + 46 * Math.sin((Math.PI * (x - 20)) / (WIDTH - 40));
  let d = `M20 ${y(20)}`;
  const steps = 80;
  const at = Array.from({ length: loops }, (_, index) => Math.round(((index + 1) * steps) / (loops + 1)));
  for (let step = 1; step <= steps; step++) {
    const x = 20 + ((WIDTH - 40) * step) / steps;
    d += `L${x.toFixed(1)} ${y(x).toFixed(1)}`;
    if (at.includes(step)) {
      // a curl that stands out of the line and crosses itself
      d += `c14 8 16 30 4 34c-12 4 -14 -18 0 -30`;
      d += `L${x.toFixed(1)} ${y(x).toFixed(1)}`;
    }
  }
  return d;
}

/** An arrow that leans the way the twist goes. */
function lean(turns: number): string {
  if (Math.abs(turns) < 0.05) return '';
  return turns > 0 ? 'M26 108q16 -14 32 0m-8 -6l8 6l-9 3' : 'M58 108q-16 -14 -32 0m8 -6l-8 6l9 3';
}
