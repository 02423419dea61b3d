import { answer, client } from '../api/client';
import { householdId } from '../api/served';
import { mustWait } from '../wind/deliver';
import { SIGNED_OUT } from './caches';
import { tellAll } from './farewell';

/** Day or dim is nobody's secret. */
const ANYBODYS = 'undro-scheme';
/** Somebody has signed out where nobody answered: the session ends with the first page that comes. */
const LEAVING = 'undro-leaving';
const WHOSE = 'undro-household';
/** So long a worker is waited for, ms. */
const WORKER_WAITS = 2000;

/** Nothing of what was seen stays in this browser: what was kept to be looked at away from the server, and all that pages held. */
async function forgetAll(worker = navigator.serviceWorker?.controller): Promise<void> {
  const scheme = localStorage.getItem(ANYBODYS);
  localStorage.clear();
  sessionStorage.clear();
  if (scheme) localStorage.setItem(ANYBODYS, scheme);
  await workerForgets(worker);
  if ('caches' in window) for (const name of await caches.keys()) await caches.delete(name);
  for (const each of (await navigator.serviceWorker?.getRegistrations()) ?? []) await each.unregister();
}

/** What is still under way is not stored once it is answered: the worker is told first. One that does not answer soon is not waited for. */
async function workerForgets(worker: ServiceWorker | null | undefined): Promise<void> {
  if (!worker) return;
  const { port1, port2 } = new MessageChannel();
  const forgotten = new Promise((resolve) => {
    port1.onmessage = resolve;
  });
  worker.postMessage(SIGNED_OUT, [port2]);
  await Promise.race([forgotten, new Promise((resolve) => window.setTimeout(resolve, WORKER_WAITS))]);
}

/** Back to the door, with nothing left behind in this window or any other. */
export async function goodbye(worker?: ServiceWorker | null): Promise<void> {
  await forgetAll(worker);
  tellAll();
  window.location.assign('/sign-in');
}

/** Signs out here, also where nobody answers: then all of it is forgotten at once, and the session ends as soon as somebody does. */
export async function signOut(): Promise<void> {
  // with the end of the session the browser takes the worker away from the page; what it still waits for must not be stored either
  const worker = navigator.serviceWorker?.controller;
  try {
    await answer<unknown>(client.DELETE('/api/account/sessions/{name}', { params: { path: { name: 'here' } } }));
  } catch (error) {
    if (!mustWait(error)) throw error;
    await forgetAll(worker);
    localStorage.setItem(LEAVING, 'yes');
    tellAll();
    document.title = 'Undro';
    document.body.textContent =
      'Everything was removed from this device. Your session ends when the server answers again.';
    return;
  }
  await goodbye(worker);
}

/** Before anything is drawn: ends what was to be ended, and forgets what another household that was signed in here had typed. True: nothing is drawn. */
export async function leftBefore(): Promise<boolean> {
  if (householdId === null) return false;
  if (localStorage.getItem(LEAVING) !== null) {
    await signOut();
    return true;
  }
  const before = localStorage.getItem(WHOSE);
  if (before !== null && before !== householdId) {
    sessionStorage.clear();
    // what a run of theirs was told and is not taken yet waits for them
    for (const key of Object.keys(localStorage)) {
      if (key !== ANYBODYS && !key.startsWith('undro-run@')) localStorage.removeItem(key);
    }
  }
  localStorage.setItem(WHOSE, householdId);
  return false;
}
