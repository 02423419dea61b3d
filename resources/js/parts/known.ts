import type { Schemas } from '../api/client';
import { type Units, within } from '../units/units';

type Known = Schemas['KnownBy'];

const WORD: Record<Known[number], string> = {
  counted: 'counted',
  said: 'entered',
  depth: 'by level',
  planned: 'as planned',
};

/** How a length that was wound is known: "counted and by depth"; empty where nothing says. */
export const knownWords = (known: Known | undefined, between = ' and '): string =>
  (known ?? []).map((each) => WORD[each]).join(between);

/** A length that was wound, with its ± and how it is known: "53 ± 4 m, counted". */
export function woundWords(
  of: { length_m: number; half_m?: number | null; known?: Known },
  units: Units,
  what = '',
): string {
  const figure = within(of.length_m, of.half_m, units);
  return [`${figure}${what ? ` ${what}` : ''}`, knownWords(of.known)].filter(Boolean).join(', ');
}
