import { Problem } from '../api/client';

const TWO = (n: number) => String(n).padStart(2, '0');

/**
 * The day something began, as people know it: a year, a month or a day. A year counts from its middle, a month from its fifteenth, and none of
 * them from a day to come.
 *
 * @throws Problem naming “since” where it cannot be read
 */
export function since(typed: string, now = new Date()): string {
  const text = typed.trim();
  const [, y1, m1, d1] = /^(\d{4})(?:-(\d{1,2}))?(?:-(\d{1,2}))?$/.exec(text) ?? [];
  const [, m2, y2] = /^(\d{1,2})[./](\d{4})$/.exec(text) ?? [];
  const [year, month, day] = [Number(y1 ?? y2), Number(m1 ?? m2 ?? 0), Number(d1 ?? 0)];
  const read = y1 || y2 ? new Date(Date.UTC(year, (month || 7) - 1, day || (month ? 15 : 1))) : null;
  if (!read || month > 12 || (month > 0 && read.getUTCMonth() !== month - 1))
    throw new Problem(422, 'since', 'Type a year such as 2024, a month such as 2024-05, or a day such as 2024-05-20.');
  if (year > now.getFullYear() || (day > 0 && read > now))
    throw new Problem(422, 'since', 'This day is still to come. Type when the line went onto the spool.');
  const then = read < now ? read : now;
  return `${then.getUTCFullYear()}-${TWO(then.getUTCMonth() + 1)}-${TWO(then.getUTCDate())}`;
}
