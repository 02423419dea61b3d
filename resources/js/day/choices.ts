import type { Schemas } from '../api/client';

export type Choice = Schemas['DayChoice'];

/** Choices as an address holds them. */
export const read = (list: string): Choice[] =>
  list
    .split(';')
    .map((each) => each.split('|'))
    .filter((each) => each.length === 3)
    .map(([job, part, source]) => ({
      job: job ?? '',
      part: part === 'backing' ? 'backing' : 'main',
      source: source ?? '',
    }));
export const written = (choices: Choice[]) =>
  choices.map((each) => `${each.job}|${each.part}|${each.source}`).join(';');

/** The same part of the same spool from the same source. */
export const same = (a: Choice, b: Choice) => a.job === b.job && a.part === b.part && a.source === b.source;

/** What is wanted on a spool where it is not as usual. */
export interface Own {
  task?: NonNullable<Schemas['DayWish']['task']>;
  main?: number;
  length?: string;
  backing?: number | null;
  /** another spool of the day, whose old line goes under in place of backing */
  reuse?: number | null;
}

/** Whether new main line is wound on; else the line that is on is seen to. */
export const filledAnew = (task: Own['task'] = 'refill') => task === 'refill' || task === 'replace';

/** The same from the address; what cannot be read is as usual. */
export const own = (text: string): Record<string, Own> => {
  try {
    const found: unknown = JSON.parse(text);
    return found && typeof found === 'object' ? (found as Record<string, Own>) : {};
  } catch {
    return {};
  }
};
