import { Button, Group } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { useReels } from '../api/records';
import type { Reel, Run, Spool } from '../api/types';
import { mainOf } from '../parts/onSpool';
import { failed } from '../parts/undo';
import { useLatest } from '../parts/useLatest';
import { useBench } from '../shell/bench';
import { type Stripped, StripWays } from '../strip/StripWays';
import { length, words } from '../units/units';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

const spoolOf = (run: Run, reels: Reel[]): Spool | undefined =>
  reels.find((each) => each.id === run.reel)?.spools.find((each) => each.id === run.spool);

/** Returns the line on the run's spool that is to come off, as the log has it; null until that is known. */
export function useLying(run: Run): Spool['contents'] | null {
  const { data: reels } = useReels();
  if (run.practice) return [];
  if (!reels) return null;
  const spool = spoolOf(run, reels);
  if (!spool) return [];
  return run.state.kept === null ? spool.contents : mainOf(spool) ? spool.contents.filter(isMain) : [];
}

/** All of it, m. */
const lengthOf = (pieces: Spool['contents']) => pieces.reduce((sum, piece) => sum + piece.length_m, 0);

const isMain = (piece: Spool['contents'][number]) => piece.role === 'main';

/** Old line off, as a step of the run: written at once, and taken back with the rest of it. */
export function StripTool({ run, step, say, tell, waits }: Running) {
  const { data: reels = [] } = useReels();
  const spool = spoolOf(run, reels);
  const lying = useLying(run);
  const { units } = useBench();
  const kept = run.state.kept !== null;
  const parked = run.state.parked;
  const told = waits.includes('stripped');
  if (lying === null && !told) return <LookingUp />;
  if (!spool || !lying || lying.length === 0 || told) {
    return (
      <div className={classes.ending}>
        <p>
          {told && 'This is saved when the server answers. '}
          {parked
            ? 'The line is on the spare spool. It’s in the Rack until it is back.'
            : kept
              ? 'The main line is off; the backing stays.'
              : 'The spool is empty.'}
        </p>
        <Button onClick={() => tell({ kind: 'done', step: step.id })}>Next</Button>
      </div>
    );
  }
  if (parked) {
    return (
      <div className={classes.ending}>
        <Button onClick={() => say({ kind: 'stripped', step: step.id, how: 'onto_filler' }).catch(failed)}>
          All on the spare spool: save {words(length(lengthOf(lying), units))}
        </Button>
      </div>
    );
  }
  return (
    <StripWays
      cautioned={false}
      first={kept ? 'main_off' : 'off'}
      spool={spool}
      onDo={async (how: Stripped) => void (await say({ kind: 'stripped', step: step.id, ...how }))}
    />
  );
}

/** Until it is known what is on the spool, nothing is said of it. */
function LookingUp() {
  const { isError } = useReels();
  return isError ? (
    <p role="alert">Undro can’t look up what is on the spool right now.</p>
  ) : (
    <p aria-busy="true">Looking up what is on the spool …</p>
  );
}

interface StillOnProps extends Pick<Running, 'run' | 'say'> {
  then: Told[];
  onDone: () => void;
}

/** “Done” was pressed, and nobody has said what became of the old line: it is asked before anything is written. */
export function StillOn({ run, say, then, onDone }: StillOnProps) {
  const { units } = useBench();
  const lying = useLying(run);
  const kept = run.state.kept !== null;
  const parked = run.state.parked;
  const metres = lengthOf(lying ?? []);
  const go = (...first: Told[]) => say(...first, ...then).then(onDone, failed);
  const early = useRef(lying === null);
  const latest = useLatest(go);
  useEffect(() => {
    // “Done” was pressed before this was known, and there turns out to be nothing to ask
    if (!early.current || lying?.length !== 0) return;
    early.current = false;
    void latest.current();
  }, [lying, latest]);
  return (
    <section className={classes.ending} aria-label="What happened to the old line?" data-testid="still-on">
      {lying === null ? (
        <LookingUp />
      ) : (
        <p>The log says {words(length(metres, units))} is still on the spool. What happened to it?</p>
      )}
      <Group gap="xs">
        {lying !== null && (
          <Button onClick={() => go({ kind: 'stripped', how: parked ? 'onto_filler' : kept ? 'main_off' : 'off' })}>
            {parked
              ? `All on the spare spool: save ${words(length(metres, units))}`
              : `${kept ? 'Main line is off' : 'All line is off'}: save ${words(length(metres, units))} as stripped`}
          </Button>
        )}
        {!parked && (
          <Button variant="default" onClick={() => go()}>
            It stays on: save nothing
          </Button>
        )}
        <Button variant="subtle" color="gray" onClick={onDone}>
          Back
        </Button>
      </Group>
    </section>
  );
}
