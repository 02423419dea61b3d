import { Area, Line, Scatter } from 'recharts';
import type { DragNext } from '../api/types';
import { step, ticks } from '../drawings/tape/ticks';
import { Chart } from '../parts/Chart';
import { useBench } from '../shell/bench';
import { newtonsPer } from '../units/units';
import { place } from './knob';

/** The knob: what was believed of it, as a band; what it was, as a line; and the pulls. */
export function Trace({
  next,
  truth,
}: {
  next: DragNext;
  truth: { position: number; running_N: number; start_up_N: number }[];
}) {
  const { units } = useBench();
  const per = newtonsPer(units);
  const real = truth.map((point) => ({
    at: point.position,
    truth: (next.sticky ? point.start_up_N : point.running_N) / per,
  }));
  const band = next.law.map((point) => ({ at: point.position, band: [point.low_N / per, point.high_N / per] }));
  const pulls = next.pulls.map((pull) => ({ at: pull.position, pull: pull.counts_N / per }));
  const top =
    Math.max(
      ...real.map((point) => point.truth),
      ...pulls.map((point) => point.pull),
      ...band.map((b) => b.band[1] ?? 0),
    ) * 1.1;
  return (
    <Chart
      title="Force by knob position: the estimate, its ± range and your pulls"
      height={230}
      margin={{ bottom: 16 }}
      x={{
        dataKey: 'at',
        domain: ['dataMin', 'dataMax'],
        tickFormatter: place,
        label: { value: 'turns of the knob', position: 'insideBottom', offset: -8 },
      }}
      y={{ domain: [0, top], ticks: ticks(top, step(top, 5)), unit: ` ${units.force}` }}
    >
      <Area data={band} dataKey="band" stroke="none" fill="var(--next)" fillOpacity={0.2} isAnimationActive={false} />
      <Line data={real} dataKey="truth" stroke="var(--ink)" strokeWidth={2} dot={false} isAnimationActive={false} />
      <Scatter data={pulls} dataKey="pull" fill="var(--next)" isAnimationActive={false} />
    </Chart>
  );
}
