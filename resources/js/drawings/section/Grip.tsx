import { memo } from 'react';
import { arborProfile, BODY, type Frame, type ReelKind, type Shape } from './outline';
import classes from './Section.module.css';

const WORD: Record<ReelKind, string> = {
  spinning: 'strip that grips',
  baitcasting: 'cut-out for the knot',
  spincast: 'pin for the knot',
};

/** What holds the line on the arbor where it grips: a strip let in, a cut-out, or a pin, as the kind of reel has it. */
export const Grip = memo(function Grip({ frame: f, shape, kind }: { frame: Frame; shape: Shape; kind: ReelKind }) {
  const profile = arborProfile(shape, f, kind);
  // at the thinnest place, where the first wraps lie; to the left of a piece cut out of the middle
  const [deepX, deepY] = profile.reduce((deepest, each) => (each[1] > deepest[1] ? each : deepest));
  const x = profile.length === 2 ? f.left + (f.right - f.left) * (deepX > f.left ? 0.86 : 0.2) : deepX;
  const s = f.scale;
  const at = {
    spinning: `M${x - 1.5 * s} ${deepY}h${3 * s}v${0.3 * s}h${-3 * s}Z`,
    baitcasting: `M${x - 0.8 * s} ${deepY}v${0.8 * s}h${1.6 * s}v${-0.8 * s}Z`,
    spincast: `M${x - 0.3 * s} ${deepY}v${-0.9 * s}h${0.6 * s}v${0.9 * s}Z`,
  };
  return (
    <g className={classes.grip} data-kind={kind}>
      <path d={at[kind]} />
      {BODY * s > 26 && (
        <text x={x} y={deepY + BODY * s - 7} textAnchor="middle" className={classes.word}>
          {WORD[kind]}
        </text>
      )}
    </g>
  );
});
