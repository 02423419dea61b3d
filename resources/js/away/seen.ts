import { household } from '../api/served';
import { SEEN } from './caches';

/** Keeps what came as the answer to something else as if it had been asked for, so that a page opened again knows as much. */
export function keepSeen(path: string, answer: unknown): void {
  if (household === null || !('caches' in window)) return;
  const kept = new Response(JSON.stringify(answer), {
    headers: { 'Content-Type': 'application/json', Date: new Date().toUTCString() },
  });
  void caches
    .open(SEEN)
    .then((cache) => cache.put(new URL(path, window.location.href), kept))
    .catch(() => {
      // a device without room left keeps nothing, and goes on with the server
    });
}
