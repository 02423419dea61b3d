import { Area, Line, ReferenceLine, Scatter } from 'recharts';
import type { DragResult } from '../api/types';
import { step, ticks } from '../drawings/tape/ticks';
import { Chart } from '../parts/Chart';
import { useBench } from '../shell/bench';
import { newtonsPer } from '../units/units';

/** Force over line out, in line with the tape under it: no line out on the right, the arbor on the left. */
export function Curve({ drag, out }: { drag: DragResult; out: number }) {
  const { units } = useBench();
  const per = newtonsPer(units);
  const total = drag.total_m ?? 0;
  const points = drag.curve.map((row) => ({
    left: total - row.line_out_m,
    shape: row.force_N / per,
    force: row.expected_N / per,
  }));
  // nobody has pulled deep enough yet: the curve is the lower edge of a band that is open above
  const measured = drag.measured.map((point) => ({ left: total - point.line_out_m, force: point.running_N / per }));
  const top =
    Math.max(...points.map((point) => point.force), (drag.limit_N ?? 0) / per, ...measured.map((m) => m.force)) * 1.08;
  const open = points.map((point) => ({ left: point.left, band: [point.force, top] }));
  const by = step(top, 5);
  return (
    <Chart
      title={drag.at_least ? 'Drag over line out: at least the line, perhaps much more' : 'Drag over line out'}
      height={210}
      margin={{ left: 12, right: 26, bottom: 0 }}
      x={{ dataKey: 'left', domain: [0, total], hide: true }}
      y={{
        mirror: true,
        domain: [0, top],
        ticks: ticks(top, by),
        width: 60,
        axisLine: false,
        tickLine: false,
        tickFormatter: (at: number) => (at === by ? `${at} ${units.force}` : `${Math.round(at * 100) / 100}`),
      }}
    >
      {drag.limit_N !== null && (
        <ReferenceLine
          y={drag.limit_N / per}
          stroke="var(--stop)"
          strokeDasharray="7 4"
          label={{ value: `half of the ${drag.weakest}`, position: 'insideTopRight', fill: 'var(--stop)' }}
        />
      )}
      {drag.at_least && (
        <Area
          data={open}
          dataKey="band"
          stroke="none"
          fill="var(--next)"
          fillOpacity={0.14}
          isAnimationActive={false}
          label={false}
        />
      )}
      <ReferenceLine x={total - out} stroke="var(--ink)" strokeWidth={1.6} />
      {drag.by_measured && (
        <Line
          data={points}
          dataKey="shape"
          dot={false}
          stroke="var(--ink-soft)"
          strokeDasharray="3 4"
          isAnimationActive={false}
        />
      )}
      <Line
        data={points}
        dataKey="force"
        dot={false}
        stroke="var(--next)"
        strokeWidth={2.6}
        isAnimationActive={false}
      />
      <Scatter data={measured} dataKey="force" fill="var(--ink)" isAnimationActive={false} />
    </Chart>
  );
}
