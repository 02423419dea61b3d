import { memo } from 'react';
import { BODY, FLANGE, type Frame, type ReelKind, type Shape } from './outline';
import classes from './Section.module.css';

interface HousingProps {
  frame: Frame;
  shape: Shape;
  kind: ReelKind;
  /** where the line's surface is, mm in diameter */
  surface: number;
}

/** What stands over the spool on two of the three kinds of reel: a spincaster's nose cone and pin, a baitcaster's level-wind. */
export const Housing = memo(function Housing({ frame, shape, kind, surface }: HousingProps) {
  if (kind === 'spincast') return <NoseCone frame={frame} shape={shape} />;
  if (kind === 'baitcasting') {
    return <LevelWind frame={frame} at={frame.top + ((shape.lip_mm - surface) / 2) * frame.scale} />;
  }
  return null;
});

function NoseCone({ frame: f, shape }: { frame: Frame; shape: Shape }) {
  const w = FLANGE * f.scale;
  const top = f.top - 26;
  const rear = f.left - w - 14;
  const front = f.right + w + 22;
  const bottom = f.top + (shape.bare_depth_mm + BODY) * f.scale;
  const nose = front + 40;
  const cone = `M${rear} ${top}H${front}C${front + 24} ${top} ${nose} ${top + 40} ${nose} ${bottom - 18}`;
  return (
    <g className={classes.housing}>
      <path d={cone} className={classes.shell} />
      <path d={`M${nose - 9} ${bottom - 10}h18v12h-18Z`} className={classes.eye} />
      <path d={`M${f.right + w + 5} ${f.top - 12}h10v${Math.max(20, shape.bare_depth_mm * f.scale * 0.5)}h-10Z`} />
      <path d={`M${f.right + w + 7} ${f.top - 10}v-7h6v7`} className={classes.pin} />
      <text x={rear + 4} y={top - 7} className={classes.word}>
        nose cone and pin
      </text>
    </g>
  );
}

function LevelWind({ frame: f, at }: { frame: Frame; at: number }) {
  const y = f.top - 40;
  const x = f.left + (f.right - f.left) * 0.62;
  const turns = Math.max(4, Math.round((f.right - f.left) / 16));
  const step = (f.right - f.left) / turns;
  const worm = Array.from(
    { length: turns },
    (_, turn) => `M${f.left + turn * step} ${y - 5}l${step} 10M${f.left + turn * step} ${y + 5}l${step} -10`,
  ).join('');
  return (
    <g className={classes.housing}>
      <path d={`M${f.left - 12} ${y - 5}H${f.right + 12}V${y + 5}H${f.left - 12}Z`} />
      <path d={worm} className={classes.worm} />
      <path d={`M${x} ${y}L${x - 6} ${Math.max(y + 14, at)}`} className={classes.running} />
      <path d={`M${x - 9} ${y - 9}h18v18h-18Z`} className={classes.shellFilled} />
      <circle cx={x} cy={y} r={3.6} className={classes.eye} />
      <text x={f.left - 10} y={y - 13} className={classes.word}>
        level-wind
      </text>
    </g>
  );
}
