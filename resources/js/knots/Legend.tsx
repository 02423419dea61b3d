import type { Film } from '../drawings/knot/film';
import classes from './Knots.module.css';

interface LegendProps {
  film: Film;
  /** the thicker line first */
  names: [string, string] | undefined;
}

/** What the marks of a knot's pictures mean, and which line is which. */
export function Legend({ film, names }: LegendProps) {
  const [a, b] = names ?? ['the thicker line', 'thinner line or braid'];
  return (
    <ul className={classes.legend} aria-label="Key to the drawing">
      <li>
        <Cord kind="a" /> {film.lines.length === 1 ? 'the line' : a}
      </li>
      {film.lines.length > 1 && (
        <li>
          <Cord kind="b" /> {b}
        </li>
      )}
      <li>
        <Cord kind="a fresh" /> moves in this step
      </li>
      <li>
        <svg viewBox="0 0 26 10" aria-hidden="true" className="knot">
          <path className="break" d="M9 1L12 9M13 1L16 9" strokeWidth="1.4" />
        </svg>
        continues
      </li>
    </ul>
  );
}

function Cord({ kind }: { kind: string }) {
  return (
    <svg viewBox="0 0 26 10" aria-hidden="true" className="knot">
      <g className={kind}>
        <path className="outline" d="M0 5H26" strokeWidth="7" />
        <path className="body" d="M0 5H26" strokeWidth="5" />
        <path
          className="texture"
          d="M0 5H26"
          strokeWidth={kind === 'b' ? 4 : 0.8}
          strokeDasharray={kind === 'b' ? '1.4 1.8' : undefined}
        />
      </g>
    </svg>
  );
}
