import type { RunMark } from '../api/types';

const PREFIX = 'undro-run';

/** Marks that the server has not taken yet, kept by the browser so that a closed tab loses none. */
export interface Queue {
  /** a mark; turns that follow turns not yet on their way are added to them */
  add: (mark: Omit<RunMark, 'id'>) => void;
  /** the next to send, oldest first, the same until they are gone */
  next: (most?: number) => RunMark[];
  gone: (sent: RunMark[]) => void;
  empty: () => boolean;
  /** turns the server does not know of */
  turns: () => number;
}

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

const read = (store: Store, key: string): RunMark[] => {
  try {
    const kept: unknown = JSON.parse(store.getItem(key) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
};

/** The queue of one window. It takes over what a closed window left behind: ids make sending twice harmless. */
export function queueOf(run: string, window: string, store: Store, newId: () => string): Queue {
  const own = `${PREFIX} ${run} ${window}`;
  const orphans = Array.from({ length: store.length }, (_, index) => store.key(index) ?? '').filter(
    (key) => key.startsWith(`${PREFIX} ${run} `) && key !== own,
  );
  let marks = [...orphans.flatMap((key) => read(store, key)), ...read(store, own)];
  const sending = new Set<string>(marks.map((mark) => mark.id));
  const keep = () => (marks.length > 0 ? store.setItem(own, JSON.stringify(marks)) : store.removeItem(own));
  keep();
  for (const key of orphans) store.removeItem(key);
  return {
    add(mark) {
      const last = marks.at(-1);
      if (mark.kind === 'turns' && last?.kind === 'turns' && !sending.has(last.id)) {
        marks = [...marks.slice(0, -1), { ...last, turns: (last.turns ?? 0) + (mark.turns ?? 0) }];
      } else {
        marks = [...marks, { ...mark, id: newId() }];
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
    empty: () => marks.length === 0,
    turns: () => marks.reduce((sum, mark) => sum + (mark.kind === 'turns' ? (mark.turns ?? 0) : 0), 0),
  };
}

/** How much of all runs the server has not taken yet. */
export const waitingMarks = (store: Store): number =>
  Array.from({ length: store.length }, (_, index) => store.key(index) ?? '')
    .filter((key) => key.startsWith(`${PREFIX} `))
    .reduce((sum, key) => sum + read(store, key).length, 0);
