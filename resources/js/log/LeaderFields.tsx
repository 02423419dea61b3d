import { Checkbox, NativeSelect } from '@mantine/core';
import { useCalculator } from '../api/calculators';
import type { KnotId } from '../api/types';
import { NAMES } from '../knots/names';
import { MATERIALS } from '../parts/choices';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import type { Said } from './saying';

interface LeaderFieldsProps {
  typed: Said;
  set: (change: Partial<Said>) => void;
  wrong: (field: string) => string | undefined;
}

/** The leader that is on now: it belongs to the spool until it is changed. */
export function LeaderFields({ typed, set, wrong }: LeaderFieldsProps) {
  const { units } = useBench();
  const { data: steps } = useCalculator('drag_steps', {});
  const joins = (Object.keys(NAMES) as KnotId[])
    .filter((id) => id === typed.knot || steps?.knots.some((knot) => knot.kind === 'join' && knot.id === id))
    .map((value) => ({ value, label: NAMES[value] }));
  return (
    <>
      <Checkbox
        label="none is on"
        checked={typed.noLeader === 'yes'}
        onChange={(event) => set({ noLeader: event.currentTarget.checked ? 'yes' : '' })}
      />
      {typed.noLeader !== 'yes' && (
        <>
          <TypedField
            label="Leader, rated"
            placeholder={units.force === 'lb' ? '15 lb' : '7 kg'}
            unit={units.force}
            value={typed.strength}
            onChange={(strength) => set({ strength })}
            error={wrong('strength')}
          />
          <NativeSelect
            label="Of"
            value={typed.leaderMaterial}
            onChange={(event) => set({ leaderMaterial: event.currentTarget.value })}
            data={MATERIALS}
          />
          <TypedField
            label="Long"
            placeholder={`1.5 ${units.length}`}
            unit={units.length}
            value={typed.leader}
            onChange={(leader) => set({ leader })}
            error={wrong('leader')}
          />
          <NativeSelect
            label="Joined by"
            value={typed.knot}
            onChange={(event) => set({ knot: event.currentTarget.value })}
            data={joins}
            error={wrong('knot')}
          />
        </>
      )}
    </>
  );
}
