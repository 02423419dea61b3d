import type { Schemas } from '../api/client';
import type { Run, RunMark, RunStep } from '../api/types';
import { NOTHING_M } from '../units/units';
import { placed } from './placed';
import type { Kept } from './queue';
import { writtenOf } from './standing';

type RunAhead = Schemas['RunAhead'];
type Point = RunAhead['points'][number];
type State = Run['state'];

/** What only the server works out: until it answers, the run goes on as it was planned. */
const WAITS: RunMark['kind'][] = ['depth', 'counted', 'stripped', 'counter_joined', 'counter_lost'];

/** A run as it stands by what was told here since the server answered last. */
export interface Away {
  run: Run;
  /** what was told that only the server can work out */
  waits: RunMark['kind'][];
}

/**
 * Goes on with a run where nothing can be asked: steps are done, and what a turn takes in is read from the table that came with it.
 *
 * @param run as the server told it last
 * @param marks told since, oldest first
 */
export function whileAway(run: Run, ahead: RunAhead | undefined, marks: Kept[]): Away {
  const state: State = structuredClone(run.state);
  const turns = new Map([[state.layer, state.progress.turns]]);
  const waits: RunMark['kind'][] = [];
  let pace = run.pace_turns_per_min;
  let { written } = run;
  for (const mark of marks) {
    if (state.over) break;
    switch (mark.kind) {
      case 'done':
      case 'skipped':
      case 'back':
        go(state, mark.step ?? '', mark.kind === 'back' ? 'open' : mark.kind);
        break;
      case 'turns':
        turns.set(state.layer, Math.max(0, (turns.get(state.layer) ?? 0) + (mark.turns ?? 0)));
        break;
      case 'note':
        for (const step of state.steps) if (step.id === mark.step) step.notes = [...step.notes, mark.words ?? ''];
        break;
      case 'pace':
        pace = mark.pace ?? pace;
        break;
      case 'slack':
        state.slack.seen = [...state.slack.seen, mark.slack ?? 'straight'];
        break;
      case 'placed':
        placed(state, mark);
        break;
      case 'thumb':
        state.firm = mark.firm ?? null;
        break;
      case 'soak_started':
        if (mark.step) state.soaks = { ...state.soaks, [mark.step]: new Date(mark.told_at).toISOString() };
        break;
      case 'soak_over':
        state.soaks = Object.fromEntries(Object.entries(state.soaks).filter(([step]) => step !== mark.step));
        break;
      case 'stopped':
        setStop(state, mark.stop ?? 'early');
        written = [...written, ...stopWrites(run, written, state, at(ahead, state.layer, turns.get(state.layer) ?? 0))];
        break;
      case 'resumed':
        setStop(state, null);
        break;
      case 'said': {
        const many = turnsAt(ahead, state.layer, mark.metres);
        if (many === null) waits.push('said');
        else turns.set(state.layer, many);
        break;
      }
      case 'again':
        anew(state);
        written = written.filter((each) => each.layer !== state.layer);
        turns.set(state.layer, 0);
        break;
      case 'finished':
      case 'left':
        state.over = mark.kind;
        break;
      default:
        if (WAITS.includes(mark.kind)) waits.push(mark.kind);
    }
  }
  figures(state, ahead, turns);
  return { run: { ...run, state, written, pace_turns_per_min: pace }, waits };
}

/** What a stop will write once the server answers: what is on of the layer and not written yet. */
function stopWrites(
  { state: before }: Run,
  written: Run['written'],
  { layer, layers }: State,
  point: Point | null,
): Run['written'] {
  const on = point?.layers[layer] ?? before.layers[layer];
  const length = (on?.wound_m ?? 0) - writtenOf(written, layer);
  return length < NOTHING_M
    ? []
    : [
        {
          layer,
          length_m: length,
          half_m: on?.wound_half_m ?? null,
          known: on?.known ?? [],
          stop: layers[layer]?.stopped ?? 'early',
        },
      ];
}

/** To the step after this one that is open; or, opened again, to this one. The layer goes on with the step that winds it, and never back. */
function go(state: State, step: string, to: RunStep['state']) {
  const at = state.steps.findIndex((each) => each.id === step);
  if (at < 0) return;
  state.steps = state.steps.map((each, index) => (index === at ? { ...each, state: to } : each));
  const here = state.steps.slice(at).find((each, index) => (to === 'open' && index === 0) || each.state === 'open');
  state.current = here?.id ?? null;
  const layer = here?.layer ?? null;
  if (here && layer !== null && layer > state.layer && here.kind !== 'soak' && here.kind !== 'place') {
    state.layer = layer;
    state.slack.seen = [];
  }
}

/** What was wound of the layer is off again: its first step by itself is the next. */
function anew(state: State) {
  setStop(state, null);
  state.slack.seen = [];
  const own = (step: RunStep) => step.layer === state.layer && step.kind !== 'soak' && step.kind !== 'place';
  state.current = state.steps.find(own)?.id ?? state.current;
  state.steps = state.steps.map((step) => (own(step) ? { ...step, state: 'open' } : step));
}

function setStop(state: State, stop: Schemas['RunStop'] | null) {
  state.layers = state.layers.map((each, index) => (index === state.layer ? { ...each, stopped: stop } : each));
}

/** What lies on and what is left, by the turns of each layer. */
function figures(state: State, ahead: RunAhead | undefined, turns: Map<number, number>) {
  for (const [layer, many] of [...turns.entries()].sort(([a], [b]) => a - b)) {
    const point = at(ahead, layer, many);
    const on = point?.layers[layer];
    if (on) {
      state.layers = state.layers.map((each, index) =>
        index === layer ? { ...each, wound_m: on.wound_m, wound_half_m: on.wound_half_m, known: on.known } : each,
      );
    }
  }
  const many = turns.get(state.layer) ?? 0;
  const point = at(ahead, state.layer, many);
  if (point) state.progress = { ...point.progress, turns: many };
  else state.progress = { ...state.progress, turns: many };
  const stop = state.layers[state.layer]?.stopped ?? null;
  const said = stop === null ? null : point?.stops[stop];
  if (point) Object.assign(state.progress, said ?? { stop: null, may_go_on: false, begin_anew: false });
  const last = state.slack.seen.at(-1) ?? null;
  const loops = last === 'loops' ? Math.min(3, state.slack.seen.filter((each) => each === 'loops').length) : 0;
  const feed = state.layers[state.layer]?.placed?.feed ?? state.feed;
  const move = ahead?.slack.find(
    (each) => each.feed === feed && each.matched === state.slack.matched && each.last === last && each.loops === loops,
  );
  if (move) state.slack = { ...state.slack, move: move.move, words: move.words, turned_over: move.turned_over };
}

/** After how many turns so much is on, where that is said in metres as this page writes them; null: it is not. */
function turnsAt(ahead: RunAhead | undefined, layer: number, said: unknown): number | null {
  const metres = Number(/^([\d.]+)(?: ± [\d.]+)? m$/.exec(String(said))?.[1] ?? Number.NaN);
  return beside(ahead, layer, (point) => point.layers[layer]?.wound_m ?? 0, metres)?.turns ?? null;
}

/** A layer after so many turns; beyond the last point as there. */
const at = (ahead: RunAhead | undefined, layer: number, turns: number): Point | null =>
  beside(ahead, layer, (point) => point.turns, turns) ?? ahead?.points.findLast((each) => each.layer === layer) ?? null;

/** How it stands on a layer where a figure that grows along it is so large, between the two points beside it; null: beyond the last. */
function beside(
  ahead: RunAhead | undefined,
  layer: number,
  figure: (point: Point) => number,
  is: number,
): Point | null {
  const points = ahead?.points.filter((each) => each.layer === layer) ?? [];
  const after = points.findIndex((each) => figure(each) >= is);
  const [low, high] = [points[Math.max(0, after - 1)], points[after]];
  if (after < 0 || !low || !high) return null;
  const step = figure(high) - figure(low);
  return step > 0 ? between(low, high, (is - figure(low)) / step) : high;
}

/** Every figure as far between two answers; what is no figure as in the one that is nearer. */
export function between<T>(low: T, high: T, share: number): T {
  if (typeof low === 'number' && typeof high === 'number') return (low + (high - low) * share) as T;
  if (Array.isArray(low) && Array.isArray(high) && low.length === high.length) {
    return low.map((each, index) => between(each, high[index], share)) as T;
  }
  if (isRecord(low) && isRecord(high)) {
    return Object.fromEntries(
      Object.entries(share < 0.5 ? low : high).map(([name, value]) => [
        name,
        name in low && name in high ? between(low[name], high[name], share) : value,
      ]),
    ) as T;
  }
  return share < 0.5 ? low : high;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
