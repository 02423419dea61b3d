import { NavLink } from 'react-router';
import { PLACES } from './places';
import classes from './Shell.module.css';

/** The places as marks on a rule, in the order of the work. */
export function Rail() {
  return (
    <nav className={classes.rail} aria-label="Places on the bench">
      <span className={classes.name}>Undro</span>
      <ul className={classes.places}>
        {PLACES.map((place, index) => (
          <li key={place.path}>
            <NavLink to={place.path} className={classes.place}>
              <span className={classes.word}>{place.word}</span>
              <span className={classes.hint}>{place.hint}</span>
              <span className={classes.key} aria-hidden="true">
                {index + 1}
              </span>
            </NavLink>
          </li>
        ))}
      </ul>
    </nav>
  );
}
