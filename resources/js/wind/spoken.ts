/** Down to this many turns every turn is announced; before that, every ten. */
const EACH_FROM = 5;

/**
 * What a screen reader is told of the turns that are left: every ten, then five, four, three, two, one, and the stop. It changes only where
 * something is to be announced.
 */
export function spoken(left: number | null): string {
  if (left === null) return '';
  if (left <= 0) return 'Stop: at the mark.';
  const told = left <= EACH_FROM ? left : Math.ceil(left / 10) * 10;
  return told === 1 ? '1 turn left' : `${told} turns left`;
}
