import { Button } from '@mantine/core';
import { useReels } from '../api/records';
import { backingOf } from '../parts/onSpool';
import { useBench } from '../shell/bench';
import { length, words } from '../units/units';
import classes from './Plan.module.css';
import { spoolOf } from './records';
import { takeWay } from './UnderIt';
import type { Planning } from './usePlan';

/** Backing that lies on the spool and is young enough is offered to stay, before any is cut. */
export function KeepIt({ plan: { draft, set } }: { plan: Planning }) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const spool = spoolOf(draft, reels);
  if (!spool?.keeps_backing || draft.way === 'kept') return null;
  const metres = backingOf(spool).reduce((sum, piece) => sum + piece.length_m, 0);
  return (
    <p className={classes.keepIt}>
      There is {words(length(metres, units, 0))} of backing on this spool. If it is firm, level and dry, keep it and
      replace only the main line.{' '}
      <Button size="compact-xs" variant="default" onClick={() => set(takeWay('kept', draft))}>
        Keep the backing
      </Button>
    </p>
  );
}
