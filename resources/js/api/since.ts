import { useSyncExternalStore } from 'react';

/** Since when what is shown is as it was seen; null: it is as it is. */
let since: string | null = null;
const listeners = new Set<() => void>();
const become = (next: string | null) => {
  if (next === since) return;
  since = next;
  for (const tell of listeners) tell();
};

/** Takes note of an answer: one that was kept from before says so. */
export function noteSeen(answer: Response): void {
  const seen = answer.headers.get('X-Seen');
  if (seen) become(since !== null && Date.parse(since) < Date.parse(seen) ? since : seen);
  else if (answer.ok) become(null);
}

/** Since when what is shown is as it was seen last, where nobody answers; null: it is as it is. */
export const useSeenSince = (): string | null =>
  useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => {
        listeners.delete(tell);
      };
    },
    () => since,
  );
