import { type Drafting, reduce, type Step } from './draft';

export type DraftStore = ReturnType<typeof draftStore>;

/** A plan being made, outside of what is drawn: several steps in a row build on each other, and whoever looks is told. */
export function draftStore(start: Drafting) {
  let now = start;
  const listeners = new Set<() => void>();
  const tellAll = () => {
    for (const tell of listeners) tell();
  };
  return {
    get: () => now,
    /** @param quietly nobody is told until tellAll */
    step: (next: Step, quietly = false) => {
      now = reduce(now, next);
      if (!quietly) tellAll();
    },
    tellAll,
    subscribe: (tell: () => void) => {
      listeners.add(tell);
      return () => {
        listeners.delete(tell);
      };
    },
  };
}
