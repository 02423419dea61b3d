import type { Schemas } from '../api/client';
import type { LogEntry } from '../api/types';
import { newId } from '../parts/newId';
import { unlessTyped } from '../parts/unlessTyped';
import { type Units, withUnit } from '../units/units';
import { dateOf, SAYINGS, type Saying } from './words';

/** What can be typed of what happened to a spool. */
export type Said = typeof EMPTY;
export const EMPTY = {
  hours: '',
  cast: '',
  run: '',
  sun: '',
  rough: '',
  metres: '',
  filler: '',
  to: '',
  gap: '',
  found: 'fine',
  from: '',
  until: '',
  readings: '3',
  noLeader: '',
  leaderMaterial: 'fluoro',
  strength: '',
  leader: '',
  knot: 'double_uni',
  words: '',
};

/** What is left in the fields once something was written down: what was typed while it went out. */
export const unsaid = (sent: Said, now: Said): Said => {
  const left = { ...now };
  for (const field of Object.keys(now) as (keyof Said)[])
    left[field] = unlessTyped(sent[field], EMPTY[field])(now[field]);
  return left;
};

/** What an entry said, as it can be typed again. */
export const said = (entry: LogEntry): Said => ({
  ...EMPTY,
  hours: entry.outing?.hours == null ? '' : `${entry.outing.hours}`,
  cast: entry.outing?.cast ?? '',
  run: entry.outing?.run ?? '',
  sun: entry.outing?.sun ? 'yes' : '',
  rough: entry.outing?.rough ? 'yes' : '',
  metres: metresOf(entry),
  filler: `${entry.moves?.find((move) => move.from.kind === 'filler')?.from.id ?? ''}`,
  to: toOf(entry),
  gap: entry.level?.gap ?? '',
  readings: `${entry.level?.readings ?? 3}`,
  found: entry.inspection?.found ?? 'fine',
  from: entry.inspection?.from ?? '',
  until: entry.inspection?.until ?? '',
  noLeader: entry.leader?.off ? 'yes' : '',
  leaderMaterial: entry.leader?.material ?? 'fluoro',
  strength: entry.leader?.strength ?? '',
  leader: entry.leader?.length ?? '',
  knot: entry.leader?.knot ?? 'double_uni',
  words: entry.note ?? '',
});

const metresOf = (entry: LogEntry) => {
  const moves = (entry.moves ?? []).filter((move) =>
    entry.kind === 'topped_up' ? ['filler', 'shop'].includes(move.from.kind) : move.from.kind === 'spool',
  );
  const sum = moves.reduce((total, move) => total + Number(move.length_m), 0);
  return sum > 0 ? `${Math.round(sum * 10) / 10} m` : '';
};

const toOf = (entry: LogEntry) => {
  const to = entry.kind === 'moved' ? entry.moves?.at(-1)?.to : undefined;
  return to?.id ? `${to.kind}:${to.id}` : '';
};

/** Whether a saying has this figure. */
export const hasFigure = (what: Saying, field: string): boolean =>
  (SAYINGS[what].fields as readonly string[]).includes(field);

/** A day as it is picked; today where there is no entry. */
export const dayOf = (entry: LogEntry | undefined): string => dateOf(entry?.happened_at ?? new Date().toISOString());

/** The entry as the server takes it. */
export function entryOf(
  what: Saying,
  typed: Said,
  when: string,
  instead: LogEntry | undefined,
  angler: number | null,
  units: Units,
): Schemas['NewEntry'] {
  const has = (field: string) => hasFigure(what, field);
  const strip =
    what === 'cut_back' || what === 'turn_over' || what === 'off' || what === 'main_off' || what === 'moved';
  const [onto, id] = typed.to.split(':');
  // a day that is not changed keeps its hour; today is now
  const sameDay = when === dayOf(instead);
  return {
    id: newId(),
    what: strip ? 'strip' : what,
    angler: instead?.angler ?? angler,
    words: typed.words,
    ...(sameDay ? {} : { happened_at: `${when}T12:00:00Z` }),
    ...(instead ? { corrects: instead.id } : {}),
    ...(strip ? { how: what === 'moved' ? (onto === 'spool' ? 'to_spare' : 'onto_filler') : what } : {}),
    ...(has('to') ? { to: id ? Number(id) : null } : {}),
    ...(has('metres') ? { metres: withUnit(typed.metres, units.length) } : {}),
    ...(has('filler') ? { filler: typed.filler ? Number(typed.filler) : null } : {}),
    ...(has('found')
      ? {
          found: typed.found as Schemas['Finding'],
          from: withUnit(typed.from, units.length),
          until: withUnit(typed.until, units.length),
        }
      : {}),
    ...(has('leader')
      ? typed.noLeader === 'yes'
        ? { no_leader: true }
        : {
            leader_material: typed.leaderMaterial as Schemas['Material'],
            strength: withUnit(typed.strength, units.force),
            leader: withUnit(typed.leader, units.length),
            knot: typed.knot as Schemas['KnotId'],
          }
      : {}),
    ...(has('gap') ? { gap: withUnit(typed.gap, units.small), readings: typed.readings } : {}),
    ...(has('hours')
      ? {
          hours: typed.hours,
          cast: withUnit(typed.cast, units.length),
          run: withUnit(typed.run, units.length),
          sun: typed.sun === 'yes',
          rough: typed.rough === 'yes',
        }
      : {}),
  };
}
