import { household } from '../api/served';

/** Where answers are kept to be looked at away from the server; the worker reads them there. */
export const SEEN = 'undro-seen';

/** Keeps what came as the answer to something else as if it had been asked for, so that a page opened again knows as much. */
export function keepSeen(path: string, answer: unknown): void {
  if (household === null || !('caches' in window)) return;
  const kept = new Response(JSON.stringify(answer), {
    headers: { 'Content-Type': 'application/json', Date: new Date().toUTCString() },
  });
  void caches.open(SEEN).then((cache) => cache.put(path, kept));
}
