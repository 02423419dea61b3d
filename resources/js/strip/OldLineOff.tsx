import { useAddEntry } from '../api/history';
import type { Spool } from '../api/types';
import { newId } from '../parts/newId';
import { done } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { StripWays } from './StripWays';

/** Line off a spool outside of a run: one entry of the log, with the way back. */
export function OldLineOff({ spool, onDone }: { spool: Spool; onDone: () => void }) {
  const { angler } = useBench();
  const strip = useAddEntry();
  const { takeBack } = useTakeBack();
  return (
    <StripWays
      spool={spool}
      onDo={async (how) => {
        const made = await strip.mutateAsync({
          id: spool.id,
          body: { id: newId(), what: 'strip', angler: angler?.id ?? null, ...how },
        });
        done(`Written down for ${spool.name}.`, () => takeBack(made.id));
        onDone();
      }}
    />
  );
}
