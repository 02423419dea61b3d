import { useFillers, useReels } from '../api/records';
import { useBeginRun } from '../api/runs';
import type { Reel } from '../api/types';
import { newId } from '../parts/newId';
import { shorten } from '../parts/shorten';
import { failed } from '../parts/undo';
import { differences } from '../plan/codec';
import type { Draft } from '../plan/draft';
import { fillerOf, mainOffReel, oldLine, usualName } from '../plan/records';
import { useKeepReel } from '../plan/useKeepReel';
import type { Planning } from '../plan/usePlan';
import { useBench } from '../shell/bench';
import { useNavigate } from '../shell/route';
import { benchKey, forgetTyped } from '../shell/typed';

/** Begins a run from a plan: on the reel it was made for, on a new reel of the locker, or as practice. */
export function useWindIt(plan: Planning) {
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { angler, units } = useBench();
  const begin = useBeginRun();
  const keepReel = useKeepReel();
  const navigate = useNavigate();

  const start = async (draft: Draft, practice: number | null, named: Reel[] = reels) => {
    const question = plan.ask();
    if (!question) return;
    plan.leave();
    const source = (role: 'main' | 'backing') => {
      const old =
        role === 'backing' ? oldLine(reels).find((each) => each.id === draft.backingOff) : mainOffReel(draft, reels);
      // the line that is on this spool gets a spare spool once it is off
      if (old && 'here' in old && old.here) return { line: old.piece.line.id };
      if (old) return { line: old.piece.line.id, spool: old.spool.id };
      const filler = fillerOf(role, draft, fillers);
      return filler ? { line: filler.line.id, filler: filler.id } : { line: null };
    };
    const run = await begin.mutateAsync({
      id: newId(),
      name: shorten(`${practice === null ? '' : 'Practice: '}${usualName(draft, named)}`, 120),
      angler: angler?.id ?? null,
      reel: practice === null && draft.reel ? Number(draft.reel) : null,
      spool: practice === null && draft.spool ? Number(draft.spool) : null,
      case: question,
      draft: differences(draft, units),
      practice,
      sources: { main: source('main'), backing: source('backing') },
    });
    if (practice === null) forgetTyped('/plan', benchKey(Number(draft.reel), Number(draft.spool)));
    await navigate(`/wind/${run.id}`);
  };

  return {
    busy: begin.isPending || keepReel.busy,
    known: reels.some((reel) => String(reel.id) === plan.draft.reel),
    wind: () => start(plan.current(), null).catch(failed),
    practise: () => start(plan.current(), 1 + Math.floor(Math.random() * 1_000_000)).catch(failed),
    /** keeps the reel first, so that the log can say what lies on it */
    windOnNew: async (name: string) => {
      const draft = plan.current();
      try {
        const { reel, spool } = await keepReel.keep(name, draft);
        if (!spool) return;
        await start({ ...draft, reel: String(reel.id), spool: String(spool.id) }, null, [...reels, reel]);
      } catch (error) {
        failed(error);
      }
    },
  };
}
