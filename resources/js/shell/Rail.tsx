import { PLACES } from './places';
import { NavLink } from './route';
import classes from './Shell.module.css';
import { useGo } from './usePick';

/** The places as marks on a rule, in the order of the work. */
export function Rail() {
  const go = useGo();
  return (
    <nav className={classes.rail} aria-label="Main menu">
      <span className={classes.name}>Undro</span>
      <ul className={classes.places}>
        {PLACES.map((place, index) => (
          <li key={place.path}>
            <NavLink
              to={place.path}
              className={classes.place}
              onClick={(event) => {
                // another window is opened as it is
                if (event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
                event.preventDefault();
                go(place.path);
              }}
            >
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
