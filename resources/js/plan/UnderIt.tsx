import { Checkbox, NativeSelect } from '@mantine/core';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { small, words } from '../units/units';
import { chosen, type Draft } from './draft';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

const WAYS = [
  { value: 'backing', label: 'Backing' },
  { value: 'grip', label: 'A few metres, for grip' },
  { value: 'main_only', label: 'Nothing' },
  { value: 'sleeve', label: 'A sleeve on the arbor' },
  { value: 'tape', label: 'Tape on the arbor' },
  { value: 'turn_over', label: 'Backing, turned over' },
];

const WITH = [
  { value: '', label: 'as is your habit' },
  { value: 'nylon', label: 'new line' },
  { value: 'old_line', label: 'old line' },
  { value: 'thread', label: 'thread' },
];

/** Choosing a way also says what is left to be worked out. */
export const takeWay = (way: Draft['way'], draft: Draft): Partial<Draft> => ({
  way,
  join: '',
  open:
    way === 'main_only'
      ? 'main'
      : way === 'backing' || way === 'turn_over'
        ? 'backing'
        : draft.open === 'main'
          ? 'main'
          : 'level',
});

/** What lies under the main line, with the figures that only this way has. */
export function UnderIt({ plan: { draft, set, errorFor, result } }: { plan: Planning }) {
  const { units } = useBench();
  return (
    <>
      <NativeSelect
        aria-label="Under the main line"
        value={draft.way}
        onChange={(event) => set(takeWay(chosen('way', event.currentTarget.value), draft))}
        data={WAYS}
      />
      {draft.way === 'sleeve' && (
        <TypedField
          label="Sleeve, across"
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
          placeholder={result?.build ? `${result.build.wraps} would do` : '4'}
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
          label="The arbor grips: a strip, a pin or a hole"
        />
      )}
      {draft.way === 'turn_over' && (
        <Checkbox
          size="xs"
          checked={draft.spare === 'yes'}
          onChange={(event) => set({ spare: event.currentTarget.checked ? 'yes' : '' })}
          label="There is a spare spool just like it"
        />
      )}
      {(draft.way === 'backing' || draft.way === 'turn_over') && (
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
