import { memo } from 'react';
import { FLANGE, type Frame } from './outline';
import classes from './Section.module.css';

interface RulerProps {
  frame: Frame;
  /** mm */
  deepest: number;
  unit: { mm: number; name: string };
}

/** A depth rod let down from the lip: how far under it everything lies. */
export const Ruler = memo(function Ruler({ frame: f, deepest, unit }: RulerProps) {
  const inches = unit.mm > 1;
  const step = inches ? unit.mm / 16 : 1;
  const numbered =
    [1, 2, 5, 10, 20].find((every) => (inches || every > 1 || deepest <= 14) && every * step * f.scale >= 11) ?? 50;
  const every = step * f.scale >= 3 ? 1 : numbered;
  const ticks = Array.from({ length: Math.floor(deepest / step / every) + 1 }, (_, index) => index * every);
  const x = f.left - FLANGE * f.scale - 14;
  return (
    <g className={classes.ruler}>
      <rect x={x - 9} y={f.top} width={9} height={deepest * f.scale} className={classes.rod} />
      <text x={x - 30} y={f.top - 14}>
        {inches ? '16ths in below the lip' : 'mm below the lip'}
      </text>
      {ticks.map((tick) => {
        const y = f.top + tick * step * f.scale;
        const long = tick % numbered === 0;
        return (
          <g key={tick}>
            <path d={`M${x} ${y}h${long ? -9 : -5}`} />
            {long && (
              <text x={x - 14} y={y + 4} textAnchor="end">
                {tick}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});
