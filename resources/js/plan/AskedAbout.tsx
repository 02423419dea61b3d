import { Link } from '../shell/route';
import classes from './Plan.module.css';

/** Readings of this spool or these lines that are set aside until the angler says what they are. */
export function AskedAbout({ count }: { count: number }) {
  return count === 0 ? null : (
    <p className={classes.keepIt}>
      {count === 1 ? 'A reading' : `${count} readings`} of this spool or these lines did not agree with the others and{' '}
      {count === 1 ? 'does' : 'do'} not count yet. <Link to="/log?all=learnt">Is it a typing mistake?</Link>
    </p>
  );
}
