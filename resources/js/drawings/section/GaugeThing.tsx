import { memo } from 'react';
import type { Frame } from './outline';
import classes from './Section.module.css';

export interface Gauge {
  thing: 'card' | 'coin' | 'match' | 'pencil';
  count: number;
  /** thickness of all of them, mm */
  mm: number;
}

/** An everyday thing held from the full line up to the lip, at the scale of the drawing. */
export const GaugeThing = memo(function GaugeThing({
  frame: f,
  gauge,
  full,
}: {
  frame: Frame;
  gauge: Gauge;
  full: number;
}) {
  const each = (gauge.mm / gauge.count) * f.scale;
  const foot = f.top + full * f.scale;
  const wide = gauge.thing === 'match' || gauge.thing === 'pencil' ? each : Math.min(34, (f.right - f.left) * 0.16);
  const x = f.right - wide - 10;
  return (
    <g className={classes.gauge}>
      {Array.from({ length: gauge.count }, (_, index) => {
        const y = foot - (index + 1) * each;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: they are all alike
          <g key={index}>
            <rect
              x={x}
              y={y}
              width={wide}
              height={each}
              rx={gauge.thing === 'coin' ? Math.min(2, each / 3) : gauge.thing === 'pencil' ? each / 2 : 0.5}
            />
            {gauge.thing === 'coin' && (
              <path
                d={Array.from({ length: 8 }, (_, ridge) => `M${x + ((ridge + 1) * wide) / 9} ${y}v${each}`).join('')}
              />
            )}
            {gauge.thing === 'pencil' && <circle cx={x + wide / 2} cy={y + each / 2} r={each / 5} />}
          </g>
        );
      })}
    </g>
  );
});
