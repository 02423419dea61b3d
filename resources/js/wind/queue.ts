import { householdId } from '../api/served';
import type { RunMark } from '../api/types';

/** A mark as it is kept here, with the moment it happened by this device's clock, ms. */
export type Kept = RunMark & { told_at: number };
/** A mark the server would not take, and why. */
export interface Refused {
  mark: Kept;
  why: string;
}

/** Marks that the server has not taken yet, kept by the browser so that a closed tab loses none. */
export interface Queue {
  /** a mark; turns that follow turns of the same layer not yet on their way are added to them */
  add: (mark: Omit<RunMark, 'id'>, id?: string) => void;
  /** the next to send, oldest first, the same until they are gone */
  next: (most?: number) => Kept[];
  gone: (sent: Kept[]) => void;
  /** what the server would not take: it stands aside until it was looked at */
  refuse: (mark: Kept, why: string) => void;
  empty: () => boolean;
  all: () => Kept[];
  /** turns the server does not know of */
  turns: () => number;
}

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

// what one household told is not sent for another that signs in here after it
const prefix = () => `undro-run${householdId === null ? '' : `@${householdId}`}`;
const refusedOf = (run: string) => `${prefix()}-refused ${run}`;

const read = <T = Kept>(store: Store, key: string): T[] => {
  try {
    const kept: unknown = JSON.parse(store.getItem(key) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
};

/** Each mark once, though two windows may keep it. */
const once = (marks: Kept[]): Kept[] => [...new Map(marks.map((mark) => [mark.id, mark])).values()];

const keysOf = (store: Store): string[] =>
  Array.from({ length: store.length }, (_, index) => store.key(index) ?? '').filter((key) =>
    key.startsWith(`${prefix()} `),
  );

/**
 * A queue of its own for each page that is opened, a duplicated tab too. It takes over what is kept of all others, since nobody can tell which
 * of them were closed: one that is open still sends its own too, and ids make sending twice harmless.
 */
export function queueOf(run: string, store: Store, newId: () => string): Queue {
  const own = `${prefix()} ${run} ${newId()}`;
  const orphans = keysOf(store).filter((key) => key.startsWith(`${prefix()} ${run} `));
  let marks = once(orphans.flatMap((key) => read(store, key)));
  const sending = new Set<string>(marks.map((mark) => mark.id));
  const keep = () => {
    try {
      if (marks.length > 0) store.setItem(own, JSON.stringify(marks));
      else store.removeItem(own);
    } catch {
      // a device without room left: the marks are sent from memory, as long as the page is open
    }
  };
  // another window may have taken it over, and be sending it as it was then
  const isOwn = (id: string) => !sending.has(id) && read(store, own).some((mark) => mark.id === id);
  keep();
  for (const key of orphans) store.removeItem(key);
  return {
    add(mark, id = newId()) {
      const last = marks.at(-1);
      if (mark.kind === 'turns' && last?.kind === 'turns' && last.layer === mark.layer && isOwn(last.id)) {
        marks = [...marks.slice(0, -1), { ...last, turns: (last.turns ?? 0) + (mark.turns ?? 0), told_at: Date.now() }];
      } else {
        marks = [...marks, { ...mark, id, told_at: Date.now() }];
      }
      keep();
    },
    next(most = 100) {
      const due = marks.slice(0, most);
      for (const mark of due) sending.add(mark.id);
      return due;
    },
    gone(sent) {
      const ids = new Set(sent.map((mark) => mark.id));
      marks = marks.filter((mark) => !ids.has(mark.id));
      keep();
    },
    refuse(mark, why) {
      try {
        store.setItem(refusedOf(run), JSON.stringify([...read<Refused>(store, refusedOf(run)), { mark, why }]));
      } catch {
        // it is said when it happens, and nothing more can be done without room
      }
      this.gone([mark]);
    },
    empty: () => marks.length === 0,
    all: () => marks,
    turns: () => marks.reduce((sum, mark) => sum + (mark.kind === 'turns' ? (mark.turns ?? 0) : 0), 0),
  };
}

/** What of a run was not taken, and is not put away yet. */
export const refused = (run: string, store: Store): Refused[] => read<Refused>(store, refusedOf(run));
export const putAway = (run: string, store: Store): void => store.removeItem(refusedOf(run));

/** How much of all runs the server has not taken yet. */
export const waitingMarks = (store: Store): number => once(keysOf(store).flatMap((key) => read(store, key))).length;

/** The runs of which something waits. */
export const waitingRuns = (store: Store): string[] => [
  ...new Set(keysOf(store).map((key) => key.split(' ')[1] ?? '')),
];

/** A mark as it is sent: how long ago it happened, since this device's clock may be wrong. */
export const sent = ({ told_at, ...mark }: Kept): RunMark => ({
  ...mark,
  ago_s: Math.max(0, Math.round((Date.now() - (told_at || Date.now())) / 1000)),
});
