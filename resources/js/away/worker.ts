/// <reference lib="webworker" />
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { HERE, PAGE, SEEN, SIGNED_OUT, WHO, WORKED } from './caches';

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

/** The page as it is without anything of the household's: what opens where nobody answers. */
const SHELL = '/away';
/** Out of reach a request may hang for minutes: so long is waited for an answer before what was seen last is shown, ms. */
const PATIENCE = 5000;
/** Of what calculators worked out so much is kept, the latest. */
const MOST_WORKED = 400;
/** What is never kept: all of it in one file, who may come in, and what is only so now. */
const NOT_KEPT = /^\/api\/(data|account|calendar|pairing|devices)\b/;

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

self.addEventListener('install', (event) => event.waitUntil(keepShell()));
// The page that registered this worker is claimed at once, without a reload.
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event) => {
  // A page that was still loading when the worker claimed pages is not controlled by it, so each page is claimed when it reports.
  // Somebody may have signed in since the shell was stored, so the shell is fetched again for them.
  if (event.data === HERE) event.waitUntil(Promise.all([self.clients.claim(), keepShell()]));
  if (event.data === SIGNED_OUT) event.waitUntil(forgetAll().then(() => event.ports[0]?.postMessage('forgotten')));
});

/** Somebody has signed out, and no page of somebody signed in has reported since: nothing is stored. */
let signedOut = false;
/** How often somebody has signed out: what was asked for before may be answered after everything was forgotten, and is not stored. */
let signOuts = 0;
/** What is being stored now. */
const storing = new Set<Promise<unknown>>();

/** Forgets all there is, and whatever was just being stored. */
async function forgetAll(): Promise<void> {
  signedOut = true;
  signOuts += 1;
  known = undefined;
  await Promise.allSettled(storing);
  await forget(PAGE, SEEN, WORKED, WHO);
}

async function forget(...names: string[]): Promise<void> {
  for (const name of names) await caches.delete(name);
}

/** Stores the page that opens where nobody answers. The server gives it to nobody but those who are signed in. */
async function keepShell(): Promise<void> {
  const before = signOuts;
  const page = await fetch(SHELL, { redirect: 'manual' }).catch(() => null);
  if (!page?.ok || before !== signOuts) return;
  signedOut = false;
  await put(PAGE, SHELL, page, before);
}

registerRoute(
  ({ request }) => request.mode === 'navigate',
  async ({ request }) => {
    try {
      const page = await soon(request);
      if (page.status < 500) return page;
    } catch {
      // as below
    }
    return (await stored(PAGE, SHELL)) ?? Response.error();
  },
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/') && !NOT_KEPT.test(url.pathname),
  ({ request }) => fresh(request, () => request.url, SEEN),
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/compute/'),
  async ({ request }) => {
    const asked = await request.clone().text();
    return fresh(request, async () => `${request.url}?${await hash(asked)}`, WORKED);
  },
  'POST',
);

/** What the server answers, kept; and where it does not, what it answered last, which says so. */
async function fresh(request: Request, place: () => string | Promise<string>, name: string): Promise<Response> {
  const before = signOuts;
  let answer: Response | null = null;
  try {
    answer = await soon(request);
  } catch (error) {
    if (request.signal.aborted) throw error;
  }
  if (answer !== null && answer.status < 502) {
    if ((await isTheirs(answer, before)) && answer.ok) await keep(name, await place(), answer.clone(), before);
    return answer;
  }
  const kept = await stored(name, await place());
  if (!kept) return answer ?? Response.error();
  const headers = new Headers(kept.headers);
  headers.set('X-Seen', kept.headers.get('Date') ?? '');
  return new Response(kept.body, { status: 200, headers });
}

async function keep(name: string, place: string, answer: Response, before: number): Promise<void> {
  if (!(await put(name, place, answer, before)) || name !== WORKED) return;
  const cache = await caches.open(name);
  const all = await cache.keys();
  for (const old of all.slice(0, Math.max(0, all.length - MOST_WORKED))) await cache.delete(old);
}

/**
 * Stores an answer, unless somebody has signed out since it was asked for: `before` is how often somebody had by then. A device without room
 * left stores nothing, and whoever asked is answered all the same.
 */
async function put(name: string, place: string, answer: Response, before: number): Promise<boolean> {
  if (signedOut || before !== signOuts) return false;
  const stored = caches.open(name).then((cache) => cache.put(place, answer));
  storing.add(stored);
  try {
    await stored;
    return true;
  } catch {
    return false;
  } finally {
    storing.delete(stored);
  }
}

const stored = (name: string, place: string): Promise<Response | undefined> =>
  caches.match(place, { cacheName: name }).catch(() => undefined);

/** Whether answers of this household may be stored. Where what was stored of another one could not be forgotten, nothing is. */
async function isTheirs(answer: Response, before: number): Promise<boolean> {
  if (signedOut || before !== signOuts) return false;
  try {
    await of(answer);
    return true;
  } catch {
    known = undefined;
    return false;
  }
}

let known: Promise<string | undefined> | undefined;

/** Whose answer it is: what was kept for another household, or for one who is signed in no more, is forgotten. One answer after the other. */
function of(answer: Response): Promise<unknown> {
  const who = answer.status === 401 ? '' : answer.headers.get('X-Household');
  if (who === null) return Promise.resolve();
  known = (known ?? kept()).then(async (before) => {
    if (before !== who) await begin(who);
    return who;
  });
  return known;
}

const kept = async (): Promise<string | undefined> => (await caches.match('/who', { cacheName: WHO }))?.text();

async function begin(who: string): Promise<void> {
  await forget(SEEN, WORKED, PAGE, WHO);
  if (who === '') return;
  await put(WHO, '/who', new Response(who), signOuts);
  await keepShell();
}

const soon = (request: Request): Promise<Response> =>
  fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(PATIENCE)]) });

async function hash(text: string): Promise<string> {
  const bytes = new Uint8Array(await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text)));
  return Array.from(bytes, (each) => each.toString(16).padStart(2, '0')).join('');
}

// built files that are asked for under another name than they were kept by
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/build/'),
  async ({ request }) => (await matchPrecache(request.url)) ?? fetch(request),
);
