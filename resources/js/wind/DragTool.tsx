import { Anchor } from '@mantine/core';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** From the step to the place where it is done; the run waits. */
export function DragTool({ run }: Running) {
  const { put } = useBench();
  const { reel, spool } = run;
  return (
    <p className={classes.fine}>
      {run.practice || !reel || !spool ? (
        <Anchor component={Link} to="/drag/practice">
          Practise setting a drag
        </Anchor>
      ) : (
        <Anchor component={Link} to="/drag" onClick={() => put(reel, spool)}>
          Set the drag with a scale
        </Anchor>
      )}
      . The run waits here.
    </p>
  );
}
