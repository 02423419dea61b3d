import { Button, Group } from '@mantine/core';
import { ErrorBar, Line } from 'recharts';
import type { Schemas } from '../api/client';
import type { DragSetting } from '../api/types';
import { step, ticks } from '../drawings/tape/ticks';
import { Chart } from '../parts/Chart';
import { day, shortDay } from '../parts/day';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { force, length, newtonsPer, words } from '../units/units';
import classes from './Drag.module.css';
import { KNOB_WORD, place } from './knob';

interface BeforeProps {
  history: Schemas['DragHistory'];
  onAgain: (setting: DragSetting) => void;
}

/** The settings of this spool in its reel, by fill, and whether the drag has changed. */
export function Before({ history, onAgain }: BeforeProps) {
  const { units } = useBench();
  const { takeBack } = useTakeBack();
  const { settings, drift } = history;
  if (settings.length === 0) {
    return <p>No saved setting for this spool yet. Once you save one, you can repeat it with one press.</p>;
  }
  const back = async (setting: DragSetting) => {
    try {
      const entry = await takeBack(setting.id);
      done('Removed from the history.', () => takeBack(entry));
    } catch (error) {
      failed(error);
    }
  };
  return (
    <div className={classes.history}>
      {drift && (
        <section aria-label="Drift">
          <p data-testid="drift">{sentence(drift, units)}</p>
          <Drift drift={drift} />
        </section>
      )}
      <ul className={classes.settings}>
        {settings.map((setting) => (
          <li key={setting.id}>
            <span>
              {day(setting.happened_at)}
              <br />
              <span className={classes.soft}>
                {setting.fill_since ? `fill of ${day(setting.fill_since)}` : 'before any fill'}
              </span>
            </span>
            <span>
              <strong>{setting.median_N === null ? 'not measured' : words(force(setting.median_N, units))}</strong>
              {setting.at_another_level && `, ${words(length(setting.line_out_m, units, 0))} out`}
              {setting.position !== null &&
                ` at ${place(setting.position)} ${KNOB_WORD[setting.knob]}${setting.from_off ? ' from fully loose' : ', not counted from fully loose'}`}
              <br />
              <span className={classes.soft}>
                {[
                  `target ${words(force(setting.target_N, units))}, ${setting.weakest} weakest`,
                  setting.tip ? 'at the tip' : 'straight off the reel',
                  setting.rod_angle_deg === null ? '' : `rod at ${Math.round(setting.rod_angle_deg)}°`,
                  setting.sticky ? 'sticky' : '',
                  setting.scattered ? 'scattered' : '',
                  setting.temperature,
                  setting.note,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
              {setting.again && (
                <>
                  <br />
                  <span>{sentence(setting.again, units)}</span>
                </>
              )}
            </span>
            <Group gap={6}>
              {setting.again && (
                <Button size="compact-sm" variant="default" onClick={() => onAgain(setting)}>
                  Repeat the setting of {day(setting.happened_at)}
                </Button>
              )}
              <Button
                size="compact-sm"
                variant="subtle"
                color="gray"
                onClick={() => back(setting)}
                aria-label={`Undo the setting of ${day(setting.happened_at)}`}
              >
                Undo
              </Button>
            </Group>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Drift({ drift }: { drift: NonNullable<Schemas['DragHistory']['drift']> }) {
  const { units } = useBench();
  const per = newtonsPer(units);
  const points = drift.points.map((point) => ({
    at: Date.parse(point.at),
    force: point.force_N / per,
    band: [(point.force_N - point.low_N) / per, (point.high_N - point.force_N) / per],
  }));
  const top = (Math.max(...drift.points.map((point) => point.high_N)) / per) * 1.1;
  const days = points.map((point) => point.at);
  return (
    <Chart
      title={`Force at ${place(drift.position)} ${KNOB_WORD[drift.knob]} over time`}
      height={190}
      widest={720}
      margin={{ right: 30 }}
      x={{
        dataKey: 'at',
        domain: ['dataMin', 'dataMax'],
        ticks: days,
        tickFormatter: shortDay,
      }}
      y={{ domain: [0, top], ticks: ticks(top, step(top, 4)), unit: ` ${units.force}` }}
    >
      <Line
        data={points}
        dataKey="force"
        stroke="var(--next)"
        strokeWidth={2.2}
        dot={{ r: 4, fill: 'var(--ink)' }}
        isAnimationActive={false}
      >
        <ErrorBar dataKey="band" direction="y" stroke="var(--ink)" width={6} />
      </Line>
    </Chart>
  );
}
