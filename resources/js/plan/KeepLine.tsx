import { Button, TextInput } from '@mantine/core';
import { getHotkeyHandler } from '@mantine/hooks';
import { useState } from 'react';
import { useAddFiller, useAddLine, useChangeFiller, useChangeLine } from '../api/records';
import { newId } from '../parts/newId';
import { TypedField } from '../parts/TypedField';
import { done, failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { withUnit } from '../units/units';
import { type LineRole, lineKeys } from './draft';
import classes from './Plan.module.css';
import { fromLine } from './records';
import type { Planning } from './usePlan';

/** Puts a line that was typed here into the rack, with the filler it lies on. */
export function KeepLine({ plan: { draft, set }, line: role }: { plan: Planning; line: LineRole }) {
  const { units } = useBench();
  const addLine = useAddLine();
  const addFiller = useAddFiller();
  const changeLine = useChangeLine();
  const changeFiller = useChangeFiller();
  const [typed, setTyped] = useState<{ name: string; left: string } | null>(null);
  const keys = lineKeys(role);
  if (typed === null) {
    return (
      <Button
        size="compact-xs"
        variant="subtle"
        color="gray"
        justify="start"
        onClick={() => setTyped({ name: '', left: '' })}
      >
        Add this {role === 'main' ? 'line' : 'backing'} to the Rack
      </Button>
    );
  }
  const keep = async () => {
    const line = await addLine.mutateAsync({
      name: typed.name.trim(),
      material: draft[keys.material],
      size: draft[keys.size],
      size_from: draft[keys.from],
      colour: '',
    });
    try {
      const filler = await addFiller.mutateAsync({
        line: line.id,
        left: withUnit(typed.left, units.length),
        event: newId(),
      });
      set(fromLine(role, filler.line, filler));
      setTyped(null);
      done(`${line.name} is in the rack.`, async () => {
        await changeFiller.mutateAsync({ id: filler.id, body: { archived: true } });
        await changeLine.mutateAsync({ id: line.id, body: { archived: true } });
      });
    } catch (error) {
      // the line alone is no use: it comes back with the next try
      await changeLine.mutateAsync({ id: line.id, body: { archived: true } });
      throw error;
    }
  };
  const keepIt = () => void keep().catch(failed);
  // no form of its own: the fields of the plan are one
  return (
    <div className={classes.keepReel}>
      <TextInput
        size="xs"
        label="Line name"
        autoFocus
        required
        maxLength={80}
        value={typed.name}
        onChange={(event) => setTyped({ ...typed, name: event.currentTarget.value })}
      />
      <TypedField
        size="xs"
        label="Left on the filler spool"
        placeholder={`300 ${units.length}, 80 ± 12 ${units.length}`}
        required
        unit={units.length}
        value={typed.left}
        onChange={(left) => setTyped({ ...typed, left })}
        onKeyDown={getHotkeyHandler([['Enter', keepIt]])}
      />
      <Button size="compact-sm" onClick={keepIt} loading={addLine.isPending || addFiller.isPending}>
        Add to the Rack
      </Button>
    </div>
  );
}
