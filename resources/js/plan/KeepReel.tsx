import { Button, TextInput } from '@mantine/core';
import { getHotkeyHandler } from '@mantine/hooks';
import { useState } from 'react';
import { useChangeReel } from '../api/records';
import { done, failed } from '../parts/undo';
import classes from './Plan.module.css';
import { fromReel } from './records';
import { useKeepReel } from './useKeepReel';
import type { Planning } from './usePlan';

/** Puts a reel that was typed here into the locker, wound or not. */
export function KeepReel({ plan: { draft, set, result, problem } }: { plan: Planning }) {
  const { keep, busy } = useKeepReel();
  const change = useChangeReel();
  const [name, setName] = useState<string | null>(null);
  if (draft.reel || problem || !result) return null;
  if (name === null) {
    return (
      <Button size="compact-xs" variant="subtle" color="gray" className={classes.more} onClick={() => setName('')}>
        Put it into the Locker
      </Button>
    );
  }
  const keepIt = async () => {
    if (!name.trim()) return;
    try {
      const { reel, spool } = await keep(name.trim(), draft);
      if (spool) set(fromReel(reel, spool));
      setName(null);
      done(`${reel.name} is in the locker and on the bench.`, () =>
        change.mutateAsync({ id: reel.id, body: { archived: true } }),
      );
    } catch (error) {
      failed(error);
    }
  };
  // no form of its own: the fields of the plan are one
  return (
    <div className={classes.keepReel}>
      <TextInput
        size="xs"
        label="What is this reel called?"
        autoFocus
        required
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
        onKeyDown={getHotkeyHandler([['Enter', () => void keepIt()]])}
      />
      <Button size="compact-sm" onClick={keepIt} loading={busy}>
        Into the Locker
      </Button>
    </div>
  );
}
