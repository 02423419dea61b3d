import type { Schemas } from '../api/client';
import page from '../parts/parts.module.css';
import { Link } from '../shell/route';
import classes from './Day.module.css';

/** Bench days that were left and can be taken up again. */
export function Going({ days }: { days: Schemas['KeptDay'][] }) {
  if (days.length === 0) return null;
  return (
    <ul className={`${page.facts} ${classes.going}`} aria-label="Days in progress">
      {days.map((day) => {
        return (
          <li key={day.id}>
            <Link to={`/day/${day.id}`}>Continue: {day.name}</Link>, {day.finished.length} of {day.spools.length} done
          </li>
        );
      })}
    </ul>
  );
}
