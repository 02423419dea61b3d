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
  const { from_m: from, to_m: to } = nick;
  const figure = (metres: number) => words(length(metres, units));
  const along = from === null || to === null;
  const where = along
    ? 'all along'
    : `${from > 0 ? `between ${figure(from)} and` : 'up to'} ${figure(to)} from the end`;
  return (
    <p className={classes.nicked} role="alert">
      A nick was found {where}. {along ? 'Replace this line' : 'Cut back past it'} before anything is hung on it
      {typed === '' ? '. Until then the target counts half of its rated strength.' : '.'}
    </p>
  );
}
