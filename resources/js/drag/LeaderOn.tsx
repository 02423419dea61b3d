import { Button } from '@mantine/core';
import type { Spool } from '../api/types';
import { day } from '../parts/day';
import { leaderWords } from '../parts/leader';
import { failed } from '../parts/undo';
import { useWriteDown } from '../parts/useWriteDown';
import { useBench } from '../shell/bench';
import { withUnit } from '../units/units';
import type { DragDraft } from './chain';
import classes from './Drag.module.css';

/** What the log says of the leader, and where the chain says otherwise the way to write that down. */
export function LeaderOn({ draft, spool }: { draft: DragDraft; spool: Spool }) {
  const { angler, units } = useBench();
  const { write, isPending } = useWriteDown();
  const strength = withUnit(draft.leader.trim(), units.force);
  const on = spool.leader;
  const same = strength === (on?.strength ?? '');
  const keep = async () => {
    try {
      await write(
        spool.id,
        {
          what: 'leader',
          angler: angler?.id ?? null,
          ...(strength === '' ? { no_leader: true } : { strength, knot: draft.join as 'fg' }),
        },
        () => (strength === '' ? 'Saved: no leader is on.' : 'Leader saved.'),
      );
    } catch (error) {
      failed(error);
    }
  };
  return (
    <>
      {on && (
        <p className={classes.soft}>
          On since {day(on.since)}: {leaderWords(on, units)}.
        </p>
      )}
      {!same && spool.contents.length > 0 && (
        <Button size="compact-sm" variant="default" loading={isPending} onClick={keep}>
          {strength === '' ? 'Log: no leader on' : `Log: ${strength} on`}
        </Button>
      )}
    </>
  );
}
