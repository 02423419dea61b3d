import type { Care } from '../api/types';
import { length, type Units, words } from '../units/units';
import classes from './Drag.module.css';

interface NickedProps {
  care: Care | undefined;
  /** a condition of the angler’s own */
  typed: string;
  units: Units;
}

/** No target without a warning while a nick was found and not cut away. */
export function Nicked({ care, typed, units }: NickedProps) {
  const nick = care?.found.find((each) => each.found === 'nicked');
  if (!nick) return null;
  const at = nick.to_m ?? nick.from_m;
  return (
    <p className={classes.nicked} role="alert">
      A nick was found{at === null ? '' : ` ${words(length(at, units))} off its end`}. Cut back past it before anything
      is hung on this line
      {typed === '' ? '; until then the target goes by half of what it was rated.' : '.'}
    </p>
  );
}
