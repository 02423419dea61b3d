import { Button } from '@mantine/core';
import { useState } from 'react';
import { useChangeReel } from '../api/records';
import { done, failed } from '../parts/undo';
import { NameReel } from './NameReel';
import classes from './Plan.module.css';
import { fromReel } from './records';
import { useKeepReel } from './useKeepReel';
import type { Planning } from './usePlan';

/** Puts a reel that was typed here into the locker, wound or not. */
export function KeepReel({ plan: { draft, set, result, problem } }: { plan: Planning }) {
  const { keep, busy } = useKeepReel();
  const change = useChangeReel();
  const [naming, setNaming] = useState(false);
  if (draft.reel || problem || !result) return null;
  if (!naming) {
    return (
      <Button size="compact-xs" variant="subtle" color="gray" className={classes.more} onClick={() => setNaming(true)}>
        Add it to the Locker
      </Button>
    );
  }
  const keepIt = async (name: string) => {
    try {
      const { reel, spool } = await keep(name, draft);
      if (spool) set(fromReel(reel, spool));
      setNaming(false);
      done(`${reel.name} is in the locker and on the bench.`, () =>
        change.mutateAsync({ id: reel.id, body: { archived: true } }),
      );
    } catch (error) {
      failed(error);
    }
  };
  return <NameReel submit="Add to the Locker" busy={busy} onName={keepIt} />;
}
