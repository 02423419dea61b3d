import { useElementSize } from '@mantine/hooks';
import type { ReactNode } from 'react';
import classes from './Chart.module.css';

/** Room for an ordinary chart of the library: it is drawn once it is known how wide it may be, px. */
export function Chart({ children }: { children: (width: number) => ReactNode }) {
  const { ref, width } = useElementSize();
  return (
    <div ref={ref} className={classes.chart}>
      {width > 0 && children(width)}
    </div>
  );
}
