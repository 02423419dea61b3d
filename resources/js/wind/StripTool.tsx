import { Button } from '@mantine/core';
import { useReels } from '../api/records';
import { mainOf } from '../parts/onSpool';
import { type Stripped, StripWays } from '../strip/StripWays';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** Old line off, as a step of the run: written at once, and taken back with the rest of it. */
export function StripTool({ run, step, say, tell }: Running) {
  const { data: reels = [] } = useReels();
  const reel = reels.find((each) => each.id === run.reel);
  const spool = reel?.spools.find((each) => each.id === run.spool);
  const kept = run.state.kept !== null;
  if (!spool || (kept ? !mainOf(spool) : spool.contents.length === 0)) {
    return (
      <div className={classes.ending}>
        <p>{kept ? 'The main line is off; the backing stays.' : 'Nothing lies on the spool any more.'}</p>
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
