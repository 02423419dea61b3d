import { useDebouncedCallback } from '@mantine/hooks';
import { type UseQueryResult, useQueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Problem } from '../api/client';
import {
  type PlanCase,
  type PlanResult,
  planQuery,
  useFillers,
  useLearntForPlan,
  useLines,
  usePlanResult,
  useReels,
  useSavedPlan,
} from '../api/queries';
import { useBench } from '../shell/bench';
import {
  type Draft,
  type DraftKey,
  differences,
  EMPTY,
  fieldOf,
  fromReel,
  NO_HABITS,
  revive,
  stands,
  toCase,
} from './draft';

export interface Planning {
  draft: Draft;
  set: (change: Partial<Draft>) => void;
  /** what is typed at this moment, for what happens later than it was drawn */
  current: () => Draft;
  /** the question about what is typed at this moment */
  ask: () => PlanCase | null;
  /** it was saved under this number */
  kept: (id: number) => void;
  /** what was saved under this number was taken back to this */
  refill: (id: number, stored: Record<string, string>) => void;
  /** the last good answer; stays while the next one is on its way or the input is wrong */
  result: PlanResult | null;
  /** whether it answers what is typed now */
  fresh: boolean;
  problem: Problem | null;
  /** the question that was asked last, for calculators that go further */
  question: PlanCase | null;
  /** the message for one field, if the problem is there and something is typed in it */
  errorFor: (key: DraftKey) => string | undefined;
  savedId: number | null;
  /** the saved plan on its way, or why it does not come */
  opening: UseQueryResult | null;
}

const NONE: never[] = [];

/** The plan being typed: where it comes from (a link, a saved plan, the bench), and its answer. */
export function usePlan(): Planning {
  const { id } = useParams();
  const savedId = id && /^\d+$/.test(id) ? Number(id) : null;
  const [params, setParams] = useSearchParams();
  const opening = useSavedPlan(savedId);
  const { data: saved } = opening;
  const { data: reels } = useReels();
  const { data: fillers = NONE } = useFillers();
  const { reel: benchReel, spool: benchSpool, put, units, angler } = useBench();
  const navigate = useNavigate();
  const [draft, setDraft] = useState<Draft>(() => revive(Object.fromEntries(params)));

  // a saved plan fills the draft once it has come; a bare link to a reel fills it from the locker, unless somebody has typed since
  const origin = saved
    ? `plan ${saved.id}`
    : savedId === null
      ? `link ${params.get('reel')} ${params.get('spool')} ${params.get('new')}`
      : '';
  // where the draft comes from, and where a navigation under way will say it comes from
  const filled = useRef({ at: '', next: '' });
  useEffect(() => {
    if (origin === '' || origin === filled.current.at) return;
    if (origin === filled.current.next) {
      filled.current = { at: origin, next: '' };
      return;
    }
    if (saved) {
      setDraft(revive(saved.draft));
      if (saved.reel && saved.spool) put(saved.reel, saved.spool);
    } else if (params.get('new')) {
      setDraft(EMPTY);
    } else if (!params.has('stamp') && !params.has('lipMm')) {
      if (reels === undefined) return;
      const reel = reels.find((each) => String(each.id) === params.get('reel')) ?? benchReel;
      const spool =
        reel?.spools.find((each) => String(each.id) === params.get('spool')) ??
        (reel === benchReel ? benchSpool : reel?.spools[0]);
      if (reel && spool) {
        setDraft((before) => ({ ...before, ...fromReel(reel, spool) }));
        put(reel.id, spool.id);
      }
    }
    filled.current = { at: origin, next: '' };
  }, [origin, saved, params, reels, benchReel, benchSpool, put]);

  // the address follows what is typed, unless it was saved in the meantime
  const typedAs = useRef(0);
  const link = useDebouncedCallback((next: Draft, as: number) => {
    if (as !== typedAs.current) return;
    const to = new URLSearchParams(differences(next, units));
    filled.current.next = `link ${to.get('reel')} ${to.get('spool')} ${to.get('new')}`;
    if (savedId === null) setParams(to, { replace: true });
    else navigate({ pathname: '/plan', search: to.toString() }, { replace: true });
  }, 500);
  const habits = angler?.habits ?? NO_HABITS;
  const { data: lines = NONE } = useLines();
  const known = useMemo(() => stands(draft, reels ?? NONE, lines), [draft, reels, lines]);
  const taught = useLearntForPlan(known.spool, known.main, known.backing);
  const learnt = known.spool === undefined ? null : (taught.data?.learnt ?? null);
  const ask = useCallback(
    (about: Draft) => toCase(about, units, habits, { fillers, reels: reels ?? NONE, learnt }),
    [units, habits, fillers, reels, learnt],
  );
  const queries = useQueryClient();

  // the same function for the whole life of the place, so that fields need not be drawn again with every answer
  const latest = useRef({ link, origin, ask, draft, savedId });
  latest.current = { link, origin, ask, draft, savedId };
  const set = useCallback(
    (change: Partial<Draft>) => {
      const now = latest.current;
      filled.current.at = now.origin;
      now.draft = { ...now.draft, plan: now.savedId ? String(now.savedId) : now.draft.plan, ...change };
      // the question is on its way before anything is drawn
      const question = now.ask(now.draft);
      if (question) void queries.prefetchQuery(planQuery(question));
      setDraft(now.draft);
      now.link(now.draft, typedAs.current);
    },
    [queries],
  );
  const current = useCallback(() => latest.current.draft, []);
  const askNow = useCallback(() => latest.current.ask(latest.current.draft), []);
  const kept = useCallback(
    (id: number) => {
      typedAs.current++;
      filled.current.next = `plan ${id}`;
      latest.current.draft = { ...latest.current.draft, plan: '' };
      setDraft(latest.current.draft);
      navigate(`/plan/${id}`, { replace: true });
    },
    [navigate],
  );

  const refill = useCallback((id: number, stored: Record<string, string>) => {
    if (latest.current.savedId !== id) return;
    typedAs.current++;
    latest.current.draft = revive(stored);
    setDraft(latest.current.draft);
  }, []);

  const planCase = useMemo(() => ask(draft), [ask, draft]);
  const asked = usePlanResult(planCase);
  const [result, setResult] = useState<PlanResult | null>(null);
  if (asked.data && asked.data !== result) setResult(asked.data);
  if (planCase === null && result !== null) setResult(null);

  const problem = asked.error instanceof Problem ? asked.error : null;
  const errorFor = (key: DraftKey) =>
    problem && fieldOf(problem.field) === key && draft[key].trim() !== '' ? problem.message : undefined;
  return {
    draft,
    set,
    current,
    ask: askNow,
    kept,
    refill,
    result,
    fresh: asked.data !== undefined && asked.data === result && !(known.spool !== undefined && taught.isPending),
    problem,
    question: planCase,
    errorFor,
    savedId,
    opening: savedId !== null && saved === undefined ? opening : null,
  };
}

const Live = createContext<Planning | null>(null);
/** Hands the plan to what has to follow every answer inside something that does not. */
export const LivePlan = Live.Provider;
export function useLivePlan(): Planning {
  const plan = useContext(Live);
  if (!plan) throw new Error('There is no plan here.');
  return plan;
}

/** Whether two plannings look the same to a block of fields: its own figures, their errors, and whatever else it shows. */
export function sameFor<P extends { plan: Planning }>(keys: (props: P) => DraftKey[], shown: (props: P) => unknown[]) {
  return (before: P, after: P): boolean => {
    const own = keys(after);
    const seen = shown(before);
    return (
      own.every(
        (key) =>
          before.plan.draft[key] === after.plan.draft[key] && before.plan.errorFor(key) === after.plan.errorFor(key),
      ) && shown(after).every((each, index) => each === seen[index])
    );
  };
}
