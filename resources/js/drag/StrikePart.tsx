import { Checkbox, NativeSelect } from '@mantine/core';
import { Line, ReferenceLine } from 'recharts';
import { useCalculator } from '../api/calculators';
import { useLines } from '../api/records';
import type { DragResult, Line as OwnedLine, Reel, Spool } from '../api/types';
import type { Material } from '../drawings/material';
import { step, ticks } from '../drawings/tape/ticks';
import { Chart } from '../parts/Chart';
import { mainOf } from '../parts/onSpool';
import { Sideways } from '../parts/Sideways';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { force, length, metresPer, newtonsPer, retrieve, withUnit, words } from '../units/units';
import type { DragDraft } from './chain';
import classes from './Drag.module.css';

/** What a line is made of, by its stroke: the same order as in the legend. */
const STROKE: Record<Material, string | undefined> = {
  braid: undefined,
  mono: '9 5',
  hybrid: '9 4 2 4',
  fluoro: '2 4',
};
const MOST_LINES = 6;

interface StrikePartProps {
  draft: DragDraft;
  set: (change: Partial<DragDraft>) => void;
  drag: DragResult;
  /** what the drag is set to, N */
  target: number;
  reel: Reel | undefined;
  spool: Spool | undefined;
}

/** What a sweep of the rod brings to the hook, over distance, for the lines at hand. */
export function StrikePart({ draft, set, drag, target, reel, spool }: StrikePartProps) {
  const { units } = useBench();
  const { data: owned = [] } = useLines();
  const onReel = mainOf(spool)?.line.name;
  const all = owned
    .filter((line) => line.strength_N !== null)
    .sort((a, b) => Number(b.name === onReel) - Number(a.name === onReel));
  const few = some(all);
  const lines = draft.lines === 'all' ? all : few;
  const meant = (typed: string) => (typed.trim() === '' ? '0' : withUnit(typed, units.length));
  const strikes = useCalculator(
    'strikes',
    lines.length === 0
      ? null
      : {
          lines: lines.map((line) => ({
            name: line.name,
            material: line.material,
            rated_N: line.strength_N,
            // on the reel the whole chain hangs on it
            working_N: line.name === onReel ? drag.weakest_N : null,
          })),
          drag_N: draft.hook === 'locked' ? null : target,
          sweep_m: meant(draft.sweep),
          slack_m: meant(draft.slack),
          wind_down_turns: draft.turns || '0',
          retrieve_m_per_turn: drag.retrieve_m,
          distance_m: meant(draft.distance),
        },
  );
  const found = strikes.data;
  const field = (key: 'sweep' | 'slack' | 'turns' | 'distance', label: string, unit?: string) => (
    <TypedField label={label} unit={unit} value={draft[key]} onChange={(value) => set({ [key]: value })} />
  );
  const read = (newtons: number) => words(force(newtons, units));
  const per = newtonsPer(units);
  const metre = metresPer(units);
  const top =
    Math.max(1, ...(found?.lines.flatMap((line) => line.curve.map((point) => point.hook_force_N)) ?? [])) / per;
  const far =
    Math.max(1, ...(found?.lines.flatMap((line) => line.curve.map((point) => point.distance_m)) ?? [])) / metre;
  if (lines.length === 0) {
    return <p>The Rack has no line with a rated strength yet. Add one there to compare it here.</p>;
  }
  return (
    <div className={classes.strike}>
      <form className={classes.fields} aria-label="The strike" onSubmit={(event) => event.preventDefault()}>
        {field('distance', 'Distance', units.length)}
        {field('sweep', 'The tip moves', units.length)}
        {field('slack', 'Slack or belly', units.length)}
        {field('turns', 'Turns to take up slack')}
        <NativeSelect
          label="The drag is"
          value={draft.hook}
          onChange={(event) => set({ hook: event.currentTarget.value })}
          data={[
            { value: '', label: `set to ${read(target)}` },
            { value: 'locked', label: 'locked' },
          ]}
        />
        {all.length > few.length && (
          <Checkbox
            label={`all ${all.length} lines of mine`}
            checked={draft.lines === 'all'}
            onChange={(event) => set({ lines: event.currentTarget.checked ? 'all' : '' })}
          />
        )}
        {found && (
          <p className={classes.soft}>
            Line per turn{' '}
            {drag.retrieve_m === null
              ? `about ${words(retrieve(found.retrieve_m, units))}: the reel’s ratio or spool is not known`
              : `${words(retrieve(found.retrieve_m, units))}${reel ? ` on ${reel.name}` : ''}`}
            .
          </p>
        )}
      </form>
      <div className={classes.over}>
        {strikes.error && <p role="alert">{strikes.error.message}</p>}
        {found && (
          <>
            <Chart
              title="Force at the hook over distance"
              height={230}
              x={{ dataKey: 'far', domain: [0, far], ticks: ticks(far, step(far, 8)), unit: ` ${units.length}` }}
              y={{ domain: [0, top * 1.08], ticks: ticks(top * 1.08, step(top, 5)), unit: ` ${units.force}` }}
            >
              <ReferenceLine x={found.distance_m / metre} stroke="var(--ink)" />
              {found.lines.map((line) => (
                <Line
                  key={line.name}
                  data={line.curve.map((point) => ({
                    far: point.distance_m / metre,
                    force: point.hook_force_N / per,
                  }))}
                  dataKey="force"
                  dot={false}
                  stroke={line.name === onReel ? 'var(--next)' : 'var(--ink)'}
                  strokeWidth={line.name === onReel ? 3 : 1.5}
                  strokeDasharray={STROKE[line.material]}
                  isAnimationActive={false}
                />
              ))}
            </Chart>
            <ul className={classes.surprises}>
              {found.says.map((each) => (
                <li key={each.sentence}>{sentence(each, units)}</li>
              ))}
            </ul>
            <Sideways label="What each line does at the hook">
              <table className={classes.ladder}>
                <caption>
                  {words(length(found.distance_m, units, 0))} out: force at the hook, and turns of winding that reach
                </caption>
                <thead>
                  <tr>
                    <th scope="col">Line</th>
                    <th scope="col">At the hook</th>
                    {found.lines[0]?.hooks.map((hook) => (
                      <th key={hook.id} scope="col">
                        {hook.word}, {read(hook.asks_N)}
                      </th>
                    ))}
                    <th scope="col">Locked, breaks within</th>
                  </tr>
                </thead>
                <tbody>
                  {found.lines.map((line) => (
                    <tr key={line.name}>
                      <th scope="row">
                        <svg width={30} height={8} aria-hidden="true">
                          <path
                            d="M0 4H30"
                            stroke={line.name === onReel ? 'var(--next)' : 'var(--ink)'}
                            strokeWidth={line.name === onReel ? 3 : 1.5}
                            strokeDasharray={STROKE[line.material]}
                          />
                        </svg>{' '}
                        {line.name}
                        {line.name === onReel && ' (on the reel)'}
                      </th>
                      <td>
                        {read(line.hook_force_N)}
                        {line.slips && ', drag slips'}
                        {line.breaks && ', breaks'}
                      </td>
                      {line.hooks.map((hook) => (
                        <td key={hook.id}>{hook.turns === null ? 'not with this drag' : turns(hook.turns)}</td>
                      ))}
                      <td>{line.breaks_inside_m === null ? '–' : words(length(line.breaks_inside_m, units, 1))}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </Sideways>
          </>
        )}
      </div>
    </div>
  );
}

/** At most two of each material, the first of them. */
function some(all: OwnedLine[]): OwnedLine[] {
  const taken: OwnedLine[] = [];
  for (const line of all) {
    const like = taken.filter((other) => other.material === line.material).length;
    if (like < 2 && taken.length < MOST_LINES) taken.push(line);
  }
  return taken;
}

const turns = (count: number) => (count === 0 ? 'none needed' : `${count.toFixed(1)}`);
