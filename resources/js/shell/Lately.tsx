import { lazy } from 'react';
import { Pocket } from '../parts/Pocket';
import classes from './Shell.module.css';

const LatelyList = lazy(() => import('./LatelyList'));

/** What was done last, each with the way back: changes to records, imports, and the log, of which a reload forgets nothing. */
export function Lately() {
  return (
    <Pocket
      variant="subtle"
      size="compact-sm"
      color="gray"
      className={classes.plain}
      name={
        <>
          <span className={classes.wide}>Recent changes</span>
          <span className={classes.narrow}>Changes</span>
        </>
      }
      label="Recent changes to stock and log"
    >
      {() => (
        <div tabIndex={-1} data-autofocus className={classes.lists}>
          <LatelyList />
        </div>
      )}
    </Pocket>
  );
}
