import { LabelOf } from '../labels/LabelOf';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The label of the reel that was wound. */
export function LabelTool({ run }: Running) {
  return run.practice ? (
    <p className={classes.fine}>This is practice, so there is no reel to label.</p>
  ) : (
    <LabelOf reel={run.reel} spool={run.spool} />
  );
}
