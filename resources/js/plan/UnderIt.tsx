import { Checkbox, NativeSelect } from '@mantine/core';
import { useReels } from '../api/records';
import { day } from '../parts/day';
import { backingOf } from '../parts/onSpool';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { small, within, words } from '../units/units';
import { chosen, type Draft } from './draft';
import classes from './Plan.module.css';
import { spoolOf } from './records';
import type { Planning } from './usePlan';

const WAYS = [
  { value: 'kept', label: 'The backing that’s on it' },
  { value: 'backing', label: 'Backing' },
  { value: 'grip', label: 'A little, for grip' },
  { value: 'main_only', label: 'Nothing' },
  { value: 'sleeve', label: 'A sleeve on the arbor' },
  { value: 'tape', label: 'Tape on the arbor' },
  { value: 'turn_over', label: 'Fill and reverse' },
];

const WITH = [
  { value: '', label: 'your usual' },
  { value: 'nylon', label: 'new line' },
  { value: 'old_line', label: 'old line' },
  { value: 'thread', label: 'thread' },
];

/** Choosing a way also says what is left to be worked out. */
export const takeWay = (way: Draft['way'], draft: Draft): Partial<Draft> => ({
  way,
  join: '',
  open:
    way === 'main_only' || way === 'kept'
      ? 'main'
      : way === 'backing' || way === 'turn_over'
        ? 'backing'
        : draft.open === 'main'
          ? 'main'
          : 'level',
});

/** What lies under the main line, with the figures that only this way has. */
export function UnderIt({ plan }: { plan: Planning }) {
  const { draft, set, errorFor, result } = plan;
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const ways = backingOf(spoolOf(draft, reels)).length > 0 ? WAYS : [...WAYS.slice(1), ...WAYS.slice(0, 1)];
  return (
    <>
      <NativeSelect
        aria-label="Under the main line"
        value={draft.way}
        onChange={(event) => set(takeWay(chosen('way', event.currentTarget.value), draft))}
        data={ways.filter(({ value }) => value !== 'sleeve' || draft.way === 'sleeve' || draft.kind === 'spinning')}
      />
      {draft.way === 'kept' && <KeptFields plan={plan} />}
      {draft.way === 'sleeve' && (
        <TypedField
          label="Sleeve diameter"
          placeholder={result?.build ? `${words(small(result.build.outside_mm, units))} would suit` : units.small}
          unit={units.small}
          value={draft.sleeve}
          onChange={(sleeve) => set({ sleeve })}
          error={errorFor('sleeve')}
        />
      )}
      {draft.way === 'tape' && (
        <TypedField
          label="Wraps of tape"
          placeholder={result?.build ? `${result.build.wraps} would be enough` : '4'}
          value={draft.wraps}
          onChange={(wraps) => set({ wraps })}
          error={errorFor('wraps')}
        />
      )}
      {(draft.way === 'main_only' || draft.way === 'grip') && (
        <Checkbox
          size="xs"
          checked={draft.grips === 'yes'}
          onChange={(event) => set({ grips: event.currentTarget.checked ? 'yes' : '' })}
          label="Arbor grips braid (strip, pin or hole)"
        />
      )}
      {draft.way === 'turn_over' && (
        <Checkbox
          size="xs"
          checked={draft.spare === 'yes'}
          onChange={(event) => set({ spare: event.currentTarget.checked ? 'yes' : '' })}
          label="I have a second spool like it"
        />
      )}
      {(draft.way === 'backing' || draft.way === 'turn_over') && (reels.length > 0 || draft.backingWith !== '') && (
        <NativeSelect
          size="xs"
          label="Backed with"
          className={classes.withWhat}
          value={draft.backingWith}
          onChange={(event) => set({ backingWith: chosen('backingWith', event.currentTarget.value) })}
          data={WITH}
        />
      )}
    </>
  );
}

/** Backing that stays: what the log says of it, or how deep its surface was read to lie. */
function KeptFields({ plan: { draft, set, errorFor, result } }: { plan: Planning }) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const backing = backingOf(spoolOf(draft, reels));
  const depth = result?.build?.kept?.depth_mm;
  return (
    <>
      <p className={classes.reason}>
        {backing.length === 0
          ? 'The log has no backing on this spool. Strip the main line and measure how far below the lip the backing is.'
          : `Going by the log: ${backing.map(({ length_m, half_m, line }) => `${within(length_m, half_m, units, 0)} ${line.name}`).join(' under ')}, since ${day(backing[0]?.since ?? null)}. Keep it if it is firm, level and dry.`}
      </p>
      <TypedField
        label="Backing level, below the lip"
        placeholder={depth == null ? units.small : `${words(small(depth, units))}, going by the log`}
        unit={units.small}
        value={draft.keptDepth}
        onChange={(keptDepth) => set({ keptDepth })}
        error={errorFor('keptDepth')}
      />
      {draft.keptDepth.trim() !== '' && (
        <TypedField
          label="Number of readings"
          value={draft.keptReadings}
          onChange={(keptReadings) => set({ keptReadings })}
          error={errorFor('keptReadings')}
        />
      )}
    </>
  );
}
