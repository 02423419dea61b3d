import createClient from 'openapi-fetch';
import type { components, paths } from './schema';
import { household } from './served';
import { noteSeen } from './since';

export type Schemas = components['schemas'];

/** What the server says is wrong, and which figure. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly field: string,
    message: string,
    /** the version there is now, where a change came too late */
    readonly version?: number,
    /** the piece of print that cannot be read, and the text that could be meant */
    readonly print?: { piece: string; instead: string },
  ) {
    super(message);
  }
}

let said = (says: Schemas['Sentence']): string => says.text;

/** Has problems speak as the angler reads figures. */
export function sayProblems(how: typeof said): void {
  said = how;
}

const OFFLINE =
  household === null
    ? 'Undro doesn’t answer. Check that it is still running. What you typed is kept.'
    : 'The server can’t be reached, and this page isn’t stored on this device. What you typed is kept. Try again later.';

/** The session's token, in a cookie whose name the page tells: each Undro in a browser has its own. */
function token(): string {
  const name = `${document.querySelector<HTMLMetaElement>('meta[name="token-cookie"]')?.content ?? ''}=`;
  const found = document.cookie.split('; ').find((part) => part.startsWith(name));
  return found ? decodeURIComponent(found.slice(name.length)) : '';
}

const ASK_AGAIN = 20;
const pause = (ms: number, signal: AbortSignal) =>
  new Promise<void>((done) => {
    const timer = setTimeout(done, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      done();
    });
  });

/** Asks again where the server is busy for a moment and says so: it has done nothing yet. */
async function patient(send: () => Promise<Response>, signal: AbortSignal): Promise<Response> {
  for (let asked = 1; ; asked++) {
    const response = await send();
    const after = Number(response.headers.get('Retry-After'));
    if (response.status !== 503 || !after || asked >= ASK_AGAIN || signal.aborted) return response;
    await pause(after * 1000, signal);
  }
}

export const client = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => patient(() => fetch(request.clone()), request.signal),
});
client.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token());
    request.headers.set('Accept', 'application/json');
    return request;
  },
  onResponse({ response }) {
    noteSeen(response);
  },
  onError() {
    return new Problem(0, '', OFFLINE);
  },
});

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

function isProblem(error: unknown): error is Schemas['Problem'] {
  return typeof error === 'object' && error !== null && 'error' in error;
}

const JSON_BOTH = { Accept: 'application/json', 'Content-Type': 'application/json' };

/** Asks a calculator. While a mark is dragged every millisecond is seen: the question is sent before anything else is done. */
export const compute = <T>(name: string, ask: unknown, signal: AbortSignal): Promise<T> => {
  const body = JSON.stringify(ask);
  const send = () => fetch(`/api/compute/${name}`, { method: 'POST', headers: JSON_BOTH, body, signal });
  return answer<T>(heard<T>(patient(send, signal)));
};

async function heard<T>(asked: Promise<Response>): Promise<Answer<T>> {
  const response = await asked.catch(() => {
    throw new Problem(0, '', OFFLINE);
  });
  // what is no JSON is said to be unexpected
  const told: unknown = await response.json().catch(() => undefined);
  return response.ok ? { data: told as T, response } : { error: told, response };
}

/** The data of an answer, or the problem thrown. */
export async function answer<T>(asked: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await asked;
  if (data !== undefined && response.ok) return data;
  // there is nothing to say
  if (response.status === 204) return undefined as T;
  if (isProblem(error)) {
    const { field, message, says, piece, instead } = error.error;
    const print = piece !== undefined && instead !== undefined ? { piece, instead } : undefined;
    throw new Problem(error.status, field, says ? said(says) : message, error.version, print);
  }
  throw new Problem(response.status, '', 'Undro gave an unexpected answer. Reload the page and try again.');
}
