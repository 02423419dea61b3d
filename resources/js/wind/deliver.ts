import { answer, client, Problem } from '../api/client';
import type { Run } from '../api/types';
import { newId } from '../parts/newId';
import { type Kept, type Queue, queueOf, sent, waitingRuns } from './queue';

/** Nobody waits longer than this for an answer, ms: out of reach a request may hang for minutes. */
export const PATIENCE = 10_000;

export type Outcome =
  | { how: 'taken'; run: Run; marks: Kept[] }
  /** nobody answers, or nobody is signed in: what waits goes on waiting */
  | { how: 'away'; signedOut: boolean }
  | { how: 'refused'; marks: Kept[]; problem: Problem };

/** Whether a mark has to wait rather than being wrong: there is no answer, no session, or not this household's. */
export const mustWait = (error: unknown): boolean =>
  !(error instanceof Problem) ||
  error.status < 400 ||
  error.status >= 500 ||
  [401, 403, 404, 419, 429].includes(error.status);

const signedOut = (error: unknown) => error instanceof Problem && [401, 419].includes(error.status);

/** Sends marks of a run that are due. */
export async function deliver(uuid: string, marks: Kept[]): Promise<Outcome> {
  try {
    const run = await answer(
      client.POST('/api/runs/{uuid}/marks', {
        params: { path: { uuid } },
        body: { marks: marks.map(sent) },
        keepalive: true,
        signal: AbortSignal.timeout(PATIENCE),
      }),
    );
    return { how: 'taken', run, marks };
  } catch (error) {
    if (mustWait(error)) return { how: 'away', signedOut: signedOut(error) };
    return { how: 'refused', marks, problem: error as Problem };
  }
}

/** Sends what waits of every run but the one that is open, in order; what would not be taken stands aside with that run. */
export async function deliverAll(open: string | undefined): Promise<void> {
  for (const uuid of waitingRuns(localStorage)) {
    if (uuid !== open) await empty(uuid, queueOf(uuid, localStorage, newId));
  }
}

async function empty(uuid: string, queue: Queue): Promise<void> {
  for (let most = 100; !queue.empty(); ) {
    const outcome = await deliver(uuid, queue.next(most));
    if (outcome.how === 'away') return;
    if (outcome.how === 'taken') queue.gone(outcome.marks);
    else if (outcome.marks.length > 1) most = 1;
    else for (const mark of outcome.marks) queue.refuse(mark, outcome.problem.message);
  }
}
