import { useElementSize } from '@mantine/hooks';
import type { ComponentProps, ReactNode } from 'react';
import { CartesianGrid, ComposedChart, XAxis, YAxis } from 'recharts';
import classes from './Chart.module.css';

type Axis<A extends typeof XAxis | typeof YAxis> = Omit<ComponentProps<A>, 'ref'>;

/** A chart of figures against figures, as wide as there is room: the library's own, set up in one way. */
export function Chart({
  title,
  height,
  widest = Number.POSITIVE_INFINITY,
  margin,
  x,
  y,
  children,
}: {
  title: string;
  /** px */
  height: number;
  /** px */
  widest?: number;
  margin?: { left?: number; right?: number; bottom?: number };
  x: Axis<typeof XAxis>;
  y: Axis<typeof YAxis>;
  /** What is drawn: the library's lines, areas and points. */
  children: ReactNode;
}) {
  const { ref, width } = useElementSize();
  return (
    <div ref={ref} className={classes.chart}>
      {width > 0 && (
        <ComposedChart
          width={Math.min(width, widest)}
          height={height}
          margin={{ left: 4, right: 14, top: 8, bottom: 4, ...margin }}
          accessibilityLayer={false}
          title={title}
        >
          <CartesianGrid vertical={false} />
          <XAxis type="number" {...x} />
          <YAxis width={62} {...y} {...(y.mirror ? { tick: { dy: -8 } } : {})} />
          {children}
        </ComposedChart>
      )}
    </div>
  );
}
