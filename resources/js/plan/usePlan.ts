import { useDebouncedCallback } from '@mantine/hooks';
import { type UseQueryResult, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { calculation, useFreshCalculator } from '../api/calculators';
import { Problem } from '../api/client';
import { useAllLines, useFillers, useReels, useSavedPlan } from '../api/records';
import type { PlanCase, PlanResult } from '../api/types';
import { useLearntForPlan } from '../api/upkeep';
import { useLatest } from '../parts/useLatest';
import { useBench } from '../shell/bench';
import { useNavigate, useParams, useSearchParams } from '../shell/route';
import { differences, fieldOf, filledFor, toCase } from './codec';
import { begin, type Draft, type DraftKey, type Held, type Step } from './draft';
import { type DraftStore, draftStore } from './draftStore';
import { fromReel, stands } from './records';

export interface Planning {
  draft: Draft;
  set: (change: Partial<Draft>) => void;
  /** a mark is moved in the drawing, mm under the lip */
  drag: (mark: 'gap' | 'join', mm: number, byHand?: boolean) => void;
  /** the main line is made longer or shorter with the slider, in the unit of the angler */
  slide: (length: number) => void;
  held: Held;
  /** what is typed at this moment, for what happens later than it was drawn */
  current: () => Draft;
  /** the question about what is typed at this moment */
  ask: () => PlanCase | null;
  /** it was saved under this number */
  kept: (id: number) => void;
  /** the place is about to be left */
  leave: () => void;
  /** what was saved under this number was taken back to this */
  refill: (id: number, stored: Record<string, string>) => void;
  /** the last good answer; stays while the next one is on its way or the input is wrong */
  result: PlanResult | null;
  /** whether it answers what is typed now */
  fresh: boolean;
  problem: Problem | null;
  /** the question that was asked last, for calculators that go further */
  question: PlanCase | null;
  /** readings of this spool or these lines that are set aside and asked about */
  askedAbout: number;
  /** the message for one field, if the problem is there and something is typed in it */
  errorFor: (key: DraftKey) => string | undefined;
  savedId: number | null;
  /** the saved plan on its way, or why it does not come */
  opening: UseQueryResult | null;
}

const NONE: never[] = [];
/** A mark under the hand waits so long at most for what follows it, ms. */
const HAND_WAITS = 30;

/** The plan being typed: where it comes from (a link, a saved plan, the bench), and its answer. */
export function usePlan(): Planning {
  const { id } = useParams();
  const savedId = id && /^\d+$/.test(id) ? Number(id) : null;
  const [params, setParams] = useSearchParams();
  const opening = useSavedPlan(savedId);
  const { data: saved } = opening;
  const { data: reels } = useReels();
  const { data: fillers = NONE } = useFillers();
  const { data: lines = NONE } = useAllLines();
  const { reel: benchReel, spool: benchSpool, put, units, angler, anglers } = useBench();
  const navigate = useNavigate();

  // a saved plan fills the draft once it has come; a bare link to a reel fills it from the locker, unless somebody has typed since
  const origin = saved
    ? `plan ${saved.id}`
    : savedId === null
      ? `link ${params.get('reel')} ${params.get('spool')} ${params.get('new')}`
      : '';
  /** Fills it from there; what is put on the bench by that, or null: what fills it has still to come. */
  const fill = (into: DraftStore, first: boolean): [number, number] | [] | null => {
    if (saved) {
      into.step({ what: 'revive', stored: saved.draft });
      return saved.reel && saved.spool ? [saved.reel, saved.spool] : [];
    }
    if (params.get('new')) {
      into.step({ what: 'revive', stored: {} });
      return [];
    }
    if (origin === '' || reels === undefined) return null;
    // another link within the place is another plan: nothing of the one before comes along
    if (!first) into.step({ what: 'revive', stored: Object.fromEntries(params) });
    const asked = reels.find((each) => String(each.id) === params.get('reel'));
    // what is begun anew begins bare
    const reel = asked ?? (params.has('new') ? undefined : benchReel);
    const spool =
      reel?.spools.find((each) => String(each.id) === params.get('spool')) ??
      (reel === benchReel ? benchSpool : reel?.spools[0]);
    if (params.has('stamp') || params.has('lipMm')) return asked && spool ? [asked.id, spool.id] : [];
    if (!reel || !spool) return [];
    into.step({ what: 'set', change: fromReel(reel, spool) });
    return [reel.id, spool.id];
  };
  // what is there already stands in the first picture
  const [begun] = useState(() => {
    const into = draftStore(begin(Object.fromEntries(params)));
    return { store: into, puts: fill(into, true), origin };
  });
  const { store } = begun;
  const { draft, held } = useSyncExternalStore(store.subscribe, store.get);
  // where the draft comes from, and where a navigation under way will say it comes from
  const filled = useRef({ at: '', next: '' });
  const filling = useLatest(fill);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what it is filled from may still have to come
  useEffect(() => {
    if (origin === '' || origin === filled.current.at) return;
    if (origin === filled.current.next) {
      filled.current = { at: origin, next: '' };
      return;
    }
    const first = filled.current.at === '';
    const puts = first && begun.puts && begun.origin === origin ? begun.puts : filling.current(store, first);
    if (puts === null) return;
    const [reel, spool] = puts;
    if (reel !== undefined && spool !== undefined) put(reel, spool);
    filled.current = { at: origin, next: '' };
  }, [origin, saved, params, reels, benchReel, benchSpool, put, store]);

  // the address follows what is typed, unless it was saved in the meantime
  const typedAs = useRef(0);
  const link = useDebouncedCallback((as: number) => {
    // whoever has gone on from here meanwhile is not called back
    if (as !== typedAs.current || !window.location.pathname.startsWith('/plan')) return;
    const to = new URLSearchParams(differences(store.get().draft, units));
    filled.current.next = `link ${to.get('reel')} ${to.get('spool')} ${to.get('new')}`;
    if (savedId === null) setParams(to, { replace: true });
    else navigate(`/plan?${to}`, { replace: true });
  }, 500);
  // how full goes by whoever fishes the reel, how it is wound by whoever winds it
  const owner = reels?.find((each) => String(each.id) === draft.reel)?.angler_id;
  const habits = useMemo(
    () => filledFor(anglers.find((each) => each.id === owner) ?? angler, angler),
    [anglers, angler, owner],
  );
  const known = useMemo(() => stands(draft, reels ?? NONE, lines), [draft, reels, lines]);
  const taught = useLearntForPlan(known.spool, known.main, known.backing);
  const learnt = known.spool === undefined ? null : (taught.data?.learnt ?? null);
  const ask = useCallback(
    (about: Draft) => toCase(about, units, habits, { fillers, reels: reels ?? NONE, learnt }),
    [units, habits, fillers, reels, learnt],
  );
  const queries = useQueryClient();

  // the same functions for the whole life of the place, so that fields need not be drawn again with every answer
  const latest = useLatest({ link, origin, ask, savedId });
  const step = useCallback(
    (next: Step, byHand = false) => {
      const now = latest.current;
      filled.current.at = now.origin;
      store.step(next, byHand);
      const from = now.savedId === null ? store.get().draft.plan : String(now.savedId);
      if (store.get().draft.plan !== from) store.step({ what: 'set', change: { plan: from } });
      // the question is on its way before anything is drawn
      const question = now.ask(store.get().draft);
      const answered = question && queries.prefetchQuery(calculation('plan', question));
      if (byHand) {
        // a mark under the hand and what follows it are drawn once, together, unless the answer keeps them waiting
        const late = setTimeout(store.tellAll, HAND_WAITS);
        void Promise.resolve(answered).then(() => {
          clearTimeout(late);
          store.tellAll();
        });
      }
      now.link(typedAs.current);
    },
    [queries, store, latest],
  );
  const set = useCallback((change: Partial<Draft>) => step({ what: 'set', change }), [step]);
  const drag = useCallback(
    (mark: 'gap' | 'join', mm: number, byHand?: boolean) => step({ what: 'drag', mark, mm }, byHand),
    [step],
  );
  const slide = useCallback(
    (length: number) => step({ what: 'slide', length, unit: units.length }),
    [step, units.length],
  );
  const current = useCallback(() => store.get().draft, [store]);
  const askNow = useCallback(() => latest.current.ask(store.get().draft), [latest, store]);
  const kept = useCallback(
    (number: number) => {
      typedAs.current++;
      filled.current.next = `plan ${number}`;
      store.step({ what: 'set', change: { plan: '' } });
      navigate(`/plan/${number}`, { replace: true });
    },
    [navigate, store],
  );
  // what was typed last must not bring the address back once the plan is left
  const leave = useCallback(() => {
    typedAs.current++;
  }, []);
  const refill = useCallback(
    (number: number, stored: Record<string, string>) => {
      if (latest.current.savedId !== number) return;
      typedAs.current++;
      store.step({ what: 'revive', stored });
    },
    [latest, store],
  );

  const planCase = useMemo(() => ask(draft), [ask, draft]);
  // the first question is on its way before anything is drawn
  useState(() => {
    if (planCase) void queries.prefetchQuery(calculation('plan', planCase));
  });
  const asked = useFreshCalculator('plan', planCase);
  const [result, setResult] = useState<PlanResult | null>(null);
  if (asked.data && asked.data !== result) setResult(asked.data);
  if (planCase === null && result !== null) setResult(null);

  const problem = asked.error instanceof Problem ? asked.error : null;
  const errorFor = (key: DraftKey) =>
    problem && fieldOf(problem.field) === key && draft[key].trim() !== '' ? problem.message : undefined;
  return {
    draft,
    held,
    set,
    drag,
    slide,
    current,
    ask: askNow,
    kept,
    leave,
    refill,
    result,
    fresh: asked.data !== undefined && asked.data === result && !(known.spool !== undefined && taught.isPending),
    problem,
    question: planCase,
    askedAbout: known.spool === undefined ? 0 : (taught.data?.asked ?? 0),
    errorFor,
    savedId,
    opening: savedId !== null && saved === undefined ? opening : null,
  };
}
