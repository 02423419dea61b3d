import type { Spool } from '../api/types';
import { useWriteDown } from '../parts/useWriteDown';
import { useBench } from '../shell/bench';
import { StripWays } from './StripWays';

/** Line off a spool outside of a run: one entry of the log, with the way back. */
export function OldLineOff({ spool, onDone }: { spool: Spool; onDone: () => void }) {
  const { angler } = useBench();
  const { write } = useWriteDown();
  return (
    <StripWays
      spool={spool}
      onDo={async (how) => {
        const entry = { what: 'strip' as const, angler: angler?.id ?? null, ...how };
        await write(spool.id, entry, () => `Saved for ${spool.name}.`);
        onDone();
      }}
    />
  );
}
