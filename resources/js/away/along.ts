import { type Calculator, type CaseOf, calculation } from '../api/calculators';
import { answer, client, type Schemas } from '../api/client';
import type { Angler, Care, Filler, KnotId, Line, Reel, Rod } from '../api/types';
import { START } from '../drag/chain';
import { dragQuestion } from '../drag/useDragOf';
import { NAMES } from '../knots/names';
import { FIRST_LINES, type Hands, type Joined, joinsCase, shownFor, typedLine } from '../knots/useKnotChoice';
import { signsOf } from '../parts/signsOf';
import { filledFor, toCase } from '../plan/codec';
import { revive } from '../plan/draft';
import { stands } from '../plan/records';
import { knownOf, lastRun } from '../trouble/useKnown';
import { joins, USUAL_LEADER } from '../wind/joined';
import { placingsCase } from '../wind/placingsCase';

/** So many of each are taken along, the latest. */
const RUNS = 4;
const PLANS = 24;
const CARDS = 24;
const TAKEN = 'undro-along';
/** For so long all of it is not asked for again, ms. */
const FRESH = 15 * 60_000;
const SENSES = [null, 'cw', 'ccw'] as const;

/** A calculator's answer, which the worker keeps as it comes. */
const ask = async <N extends Calculator>(name: N, question: CaseOf<N>) => {
  const query = calculation(name, question);
  const { signal } = new AbortController();
  return query.queryFn?.({ signal } as never);
};

interface Bench {
  anglers: Angler[];
  /** who stands at it */
  angler: Angler;
  reels: Reel[];
  lines: Line[];
  fillers: Filler[];
  rods: Rod[];
  cares: Care[];
}

/** What stands on the bench, asked for so that it is kept. @param at who stands there */
async function bench(at: number | undefined): Promise<Bench | null> {
  const anglers = await answer(client.GET('/api/anglers'));
  const angler = anglers.find((each) => each.id === at) ?? anglers[0];
  if (!angler) return null;
  return {
    anglers,
    angler,
    reels: await answer(client.GET('/api/reels')),
    lines: await answer(client.GET('/api/lines')),
    fillers: await answer(client.GET('/api/fillers')),
    rods: await answer(client.GET('/api/rods')),
    cares: await answer(client.GET('/api/upkeep', { params: { query: { angler: angler.id } } })),
  };
}

/**
 * Asks for what may be wanted where nobody answers, one thing after the other: the worker keeps each answer as it comes. What came along
 * with the page was never asked for, so it is asked for here too. What cannot be had is left; what was taken a while ago is not asked for
 * again, since whatever is looked at meanwhile is kept as it comes.
 *
 * @param at who stands at the bench
 * @param spool what lies on it
 */
export async function takeAlong(at: number | undefined, spool: number | undefined): Promise<void> {
  const before = takenAt();
  if (before !== null && Date.now() - Date.parse(before) < FRESH) return;
  const on = await bench(at);
  if (!on) return;
  const runs = await answer(client.GET('/api/runs'));
  const open = runs.filter((each) => each.ended_at === null).slice(0, RUNS);
  for (const run of open) await runAlong(run.id, on);
  await knotsAlong(on.angler);
  await troubleAlong(spool, lastRun(runs, spool)?.id, on);
  const plans = await answer(client.GET('/api/plans'));
  for (const { id } of plans.slice(0, PLANS)) {
    await planAlong(await answer(client.GET('/api/plans/{id}', { params: { path: { id } } })), on);
  }
  await client.GET('/api/bench');
  await client.GET('/api/stock');
  await client.GET('/api/days');
  await client.GET('/api/log', { params: { query: {} } });
  for (const reel of on.reels.slice(0, CARDS)) await cardAlong(reel, on);
  localStorage.setItem(TAKEN, new Date().toISOString());
}

/** When all of it was taken along last; null: not yet. */
export const takenAt = (): string | null => localStorage.getItem(TAKEN);

/** A run that has been opened, with what its steps may ask for. */
export async function takeRunAlong(uuid: string, at: number | undefined): Promise<void> {
  const on = await bench(at);
  if (on) await runAlong(uuid, on);
}

/** How a run goes on, the knots of its steps, and how its fillers may lie. */
async function runAlong(uuid: string, on: Bench): Promise<void> {
  const { angler, fillers } = on;
  const path = { params: { path: { uuid } } };
  const run = await answer(client.GET('/api/runs/{uuid}', path));
  if (!run.practice) await troubleAlong(run.spool, uuid, on);
  if (run.ended_at === null) await answer(client.GET('/api/runs/{uuid}/ahead', path));
  const { state } = run;
  for (const step of state.steps) {
    if (step.tool === 'knots') await knotAlong(joins(state, step, USUAL_LEADER), angler);
  }
  for (const [index, layer] of state.layers.entries()) {
    const filler = fillers.find((each) => each.id === run.sources[index]?.filler);
    for (const rotor of SENSES)
      for (const circles of SENSES) await ask('placings', placingsCase(state, layer, filler, rotor, circles));
  }
}

/** Every knot as Knots opens with it. */
async function knotsAlong(angler: Angler): Promise<void> {
  const { where, one, other } = FIRST_LINES;
  const joined = { where, one: typedLine(one), other: typedLine(other) };
  const fit = await fitting(joined, angler);
  const { braid, thin } = shownFor(joined, fit);
  for (const knot of Object.keys(NAMES) as KnotId[]) await ask('knot', { knot, where, braid, thin });
}

/** What can be wrong with the line of a spool, by what is known of it and of the run it was wound by last. */
async function troubleAlong(id: number | null | undefined, uuid: string | undefined, on: Bench): Promise<void> {
  const reel = on.reels.find((each) => each.spools.some((spool) => spool.id === id));
  const spool = reel?.spools.find((each) => each.id === id);
  const signs = await ask('trouble', signsOf(reel?.kind));
  if (!reel || !spool) return;
  const drags = await answer(client.GET('/api/drags', { params: { query: { reel: reel.id, spool: spool.id } } }));
  const run =
    uuid === undefined ? undefined : await answer(client.GET('/api/runs/{uuid}', { params: { path: { uuid } } }));
  const known = knownOf(reel, spool, on.cares, drags, run?.state);
  await ask('trouble', { known });
  for (const { id: seen } of signs?.signs ?? []) await ask('trouble', { seen, known });
}

/** Which knots fit, for the hands that are told on this device. */
const fitting = (joined: Joined, angler: Angler) => {
  const hands: Hands[] = JSON.parse(localStorage.getItem('undro-hands') ?? '[]');
  return ask('joins', joinsCase(joined, hands, angler));
};

async function knotAlong(joined: Joined, angler: Angler): Promise<void> {
  const fit = await fitting(joined, angler);
  const first = fit?.knots[0];
  const { where, braid, thin } = shownFor(joined, fit);
  if (first) await ask('knot', { knot: first.id, where, braid, thin });
}

/** What a saved plan works out to. */
async function planAlong(plan: Schemas['Plan'], { anglers, angler, reels, lines, fillers }: Bench): Promise<void> {
  const draft = revive(plan.draft);
  const owner = reels.find((each) => String(each.id) === draft.reel)?.angler_id;
  const habits = filledFor(anglers.find((each) => each.id === owner) ?? angler, angler);
  const known = stands(draft, reels, lines);
  const learnt =
    known.spool === undefined
      ? null
      : (
          await answer(
            client.GET('/api/learnt/plan', {
              params: {
                query: {
                  spool: known.spool,
                  ...(known.main === undefined ? {} : { main: known.main }),
                  ...(known.backing === undefined ? {} : { backing: known.backing }),
                },
              },
            }),
          )
        ).learnt;
  const question = toCase(draft, angler.units, habits, { fillers, reels, learnt });
  if (question) await ask('plan', question);
}

/** The pocket card of a reel with the spool that is in it. */
async function cardAlong(reel: Reel, { angler, rods, cares }: Bench): Promise<void> {
  const [spool] = reel.spools;
  if (!spool) return;
  const drags = await answer(client.GET('/api/drags', { params: { query: { reel: reel.id, spool: spool.id } } }));
  const typed = { ...START, reel: '', spool: '' };
  const { draft, whole } = dragQuestion({ typed, reel, spool, units: angler.units, angler, rods, cares, drags });
  if (whole) await ask('drag', whole);
  await ask('drag_steps', {
    mechanism: draft.mechanism as 'star',
    reel: reel.kind,
    knob: draft.knob as 'turn',
    tip: draft.tip === 'yes',
    position: null,
  });
}
