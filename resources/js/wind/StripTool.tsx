import { Button, Group } from '@mantine/core';
import { useReels } from '../api/records';
import type { Run, Spool } from '../api/types';
import { mainOf } from '../parts/onSpool';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { type Stripped, StripWays } from '../strip/StripWays';
import { length, words } from '../units/units';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

function useSpool(run: Run): Spool | undefined {
  const { data: reels = [] } = useReels();
  return reels.find((each) => each.id === run.reel)?.spools.find((each) => each.id === run.spool);
}

/** What by the log lies on the run's spool and is to come off. */
export function useLying(run: Run): Spool['contents'] {
  const spool = useSpool(run);
  if (!spool || run.practice) return [];
  return run.state.kept === null ? spool.contents : mainOf(spool) ? spool.contents.filter(isMain) : [];
}

const isMain = (piece: Spool['contents'][number]) => piece.role === 'main';

/** Old line off, as a step of the run: written at once, and taken back with the rest of it. */
export function StripTool({ run, step, say, tell, waits }: Running) {
  const spool = useSpool(run);
  const lying = useLying(run);
  const kept = run.state.kept !== null;
  const told = waits.includes('stripped');
  if (!spool || lying.length === 0 || told) {
    return (
      <div className={classes.ending}>
        <p>
          {told && 'It is written down when the server answers. '}
          {kept ? 'The main line is off; the backing stays.' : 'Nothing lies on the spool any more.'}
        </p>
        <Button onClick={() => tell({ kind: 'done', step: step.id })}>Next</Button>
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

interface StillOnProps extends Pick<Running, 'run' | 'say'> {
  then: Told[];
  onDone: () => void;
}

/** “Done” was pressed, and nobody has said what became of the old line: it is asked before anything is written. */
export function StillOn({ run, say, then, onDone }: StillOnProps) {
  const { units } = useBench();
  const lying = useLying(run);
  const kept = run.state.kept !== null;
  const metres = lying.reduce((sum, piece) => sum + piece.length_m, 0);
  const go = (...first: Told[]) => say(...first, ...then).then(onDone, failed);
  return (
    <section className={classes.ending} aria-label="What became of it?" data-testid="still-on">
      <p>
        By the log {words(length(metres, units))} still lie on the spool. What became of them is written only as you say
        it.
      </p>
      <Group gap="xs">
        <Button onClick={() => go({ kind: 'stripped', how: kept ? 'main_off' : 'off' })}>
          {kept ? 'The main line is off' : 'All of it is off'}: write down {words(length(metres, units))}
        </Button>
        <Button variant="default" onClick={() => go()}>
          It stays on: write nothing
        </Button>
        <Button variant="subtle" color="gray" onClick={onDone}>
          Back
        </Button>
      </Group>
    </section>
  );
}
