import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { household } from '../api/served';
import type { Run, RunMark } from '../api/types';
import { day } from '../parts/day';
import { putAway, refused } from './queue';
import type { Silence } from './useRun';
import classes from './Wind.module.css';

const WORDS: Partial<Record<RunMark['kind'], string>> = {
  depth: 'the depth you read',
  said: 'the length you said',
  stripped: 'the old line that came off',
  counted: 'what the counter told',
};

interface OutOfReachProps {
  run: Run;
  silence: Silence;
  waits: RunMark['kind'][];
  /** a depth was told late, and what it came to was not seen then */
  lateDepth: boolean;
}

/** What it means that nobody answers, what waits for it, and what was not taken once somebody did. */
export function OutOfReach({ run, silence, waits, lateDepth }: OutOfReachProps) {
  const [looked, setLooked] = useState(0);
  const kinds = [...new Set(waits)].map((kind) => WORDS[kind]).filter((word) => word !== undefined);
  const not = refused(run.id, localStorage);
  const { doubt } = run.state.progress;
  return (
    <>
      {silence !== null && (
        <p role="alert" className={classes.offline} data-testid="out-of-reach">
          {silence === 'signed out' ? (
            <>
              You’re signed out.{' '}
              <Anchor href={`/sign-in?to=/wind/${run.id}`} underline="always">
                Sign in again
              </Anchor>{' '}
              . What you enter until then is stored on this device and sent afterwards.
            </>
          ) : (
            <>
              {household === null ? 'Undro doesn’t answer' : 'The server can’t be reached'}. Keep going: what you count
              is stored on this device and sent later.
            </>
          )}
          {kinds.length > 0 && (
            <>
              {' '}
              <b>Waiting for the server: {kinds.join(', ')}.</b> Until then the figures leave this out.
            </>
          )}
        </p>
      )}
      {silence === null && lateDepth && doubt !== null && (
        <p role="alert" className={classes.warn} data-testid="doubted">
          The level you measured is {Math.abs(doubt).toFixed(0)} times its tolerance away from what turns and plan say.
          It is not used. Measure again.
        </p>
      )}
      {not.length > 0 && (
        <div role="alert" className={classes.warn} data-testid="refused" key={looked}>
          {not.map(({ mark, why }) => (
            <p key={mark.id}>
              Not saved (entered {day(new Date(mark.told_at).toISOString())}): {why}
            </p>
          ))}
          <Button
            size="compact-sm"
            variant="default"
            onClick={() => {
              putAway(run.id, localStorage);
              setLooked(looked + 1);
            }}
          >
            Dismiss
          </Button>
        </div>
      )}
    </>
  );
}
