import { useDebouncedCallback } from '@mantine/hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Problem } from '../api/client';
import { type PlanResult, usePlanResult, useReels, useSavedPlan } from '../api/queries';
import { useBench } from '../shell/bench';
import { type Draft, type DraftKey, differences, EMPTY, fieldOf, fromReel, revive, toCase } from './draft';

export interface Planning {
  draft: Draft;
  set: (change: Partial<Draft>) => void;
  /** the last good answer; stays while the next one is on its way or the input is wrong */
  result: PlanResult | null;
  /** whether it answers what is typed now */
  fresh: boolean;
  problem: Problem | null;
  /** the message for one field, if the problem is there and something is typed in it */
  errorFor: (key: DraftKey) => string | undefined;
  savedId: number | null;
  savedName: string;
  loading: boolean;
}

/** The plan being typed: where it comes from (a link, a saved plan, the bench), and its answer. */
export function usePlan(): Planning {
  const { id } = useParams();
  const savedId = id && /^\d+$/.test(id) ? Number(id) : null;
  const [params, setParams] = useSearchParams();
  const { data: saved, isLoading } = useSavedPlan(savedId);
  const { data: reels } = useReels();
  const { reel: benchReel, spool: benchSpool, put, units, angler } = useBench();
  const navigate = useNavigate();
  const [draft, setDraft] = useState<Draft>(() => revive(Object.fromEntries(params)));

  // a saved plan fills the draft once it has come; a bare link to a reel fills it from the locker, unless somebody has typed since
  const origin = saved
    ? `plan ${saved.id}`
    : savedId === null
      ? `link ${params.get('reel')} ${params.get('spool')} ${params.get('new')}`
      : '';
  const filledFrom = useRef('');
  useEffect(() => {
    if (origin === '' || filledFrom.current === origin) return;
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
      if (reel && spool) setDraft((before) => ({ ...before, ...fromReel(reel, spool) }));
    }
    filledFrom.current = origin;
  }, [origin, saved, params, reels, benchReel, benchSpool, put]);

  const link = useDebouncedCallback((next: Draft) => {
    const to = new URLSearchParams(differences(next));
    filledFrom.current = `link ${to.get('reel')} ${to.get('spool')} ${to.get('new')}`;
    if (savedId === null) setParams(to, { replace: true });
    else navigate({ pathname: '/plan', search: to.toString() }, { replace: true });
  }, 500);
  const set = useCallback(
    (change: Partial<Draft>) => {
      filledFrom.current = origin;
      setDraft((before) => {
        const next = { ...before, ...change };
        link(next);
        return next;
      });
    },
    [link, origin],
  );

  const habits = angler?.habits;
  const planCase = useMemo(
    () => toCase(draft, units, { long_cast: habits?.long_cast ?? false, beginner: habits?.beginner ?? false }),
    [draft, units, habits],
  );
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
    result,
    fresh: asked.data !== undefined && asked.data === result,
    problem,
    errorFor,
    savedId,
    savedName: saved?.name ?? '',
    loading: isLoading,
  };
}
