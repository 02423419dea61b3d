import { useNavigate } from 'react-router';
import { useAddReel, useFillers, useReels } from '../api/records';
import { useBeginRun } from '../api/runs';
import { newId } from '../parts/newId';
import { shorten } from '../parts/shorten';
import { failed } from '../parts/undo';
import { differences, spoolCase } from '../plan/codec';
import type { Draft } from '../plan/draft';
import { fillerOf, mainsElsewhere, oldLine, usualName } from '../plan/records';
import type { Planning } from '../plan/usePlan';
import { useBench } from '../shell/bench';

/** Begins a run from a plan: on the reel it was made for, on a new reel of the locker, or as practice. */
export function useWindIt(plan: Planning) {
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { angler, units, put } = useBench();
  const begin = useBeginRun();
  const addReel = useAddReel();
  const navigate = useNavigate();

  const start = async (draft: Draft, practice: number | null) => {
    const question = plan.ask();
    if (!question) return;
    plan.leave();
    const source = (role: 'main' | 'backing') => {
      const old =
        role === 'backing'
          ? oldLine(reels).find((each) => each.id === draft.backingOff)
          : mainsElsewhere(reels, draft.spool).find((each) => each.id === draft.mainOff);
      if (old) return { line: old.piece.line.id, spool: old.spool.id };
      const filler = fillerOf(role, draft, fillers);
      return filler ? { line: filler.line.id, filler: filler.id } : { line: null };
    };
    const run = await begin.mutateAsync({
      id: newId(),
      name: shorten(`${practice === null ? '' : 'Practice: '}${usualName(draft, reels)}`, 120),
      angler: angler?.id ?? null,
      reel: practice === null && draft.reel ? Number(draft.reel) : null,
      spool: practice === null && draft.spool ? Number(draft.spool) : null,
      case: question,
      draft: differences(draft, units),
      practice,
      sources: { main: source('main'), backing: source('backing') },
    });
    await navigate(`/wind/${run.id}`);
  };

  return {
    busy: begin.isPending || addReel.isPending,
    known: reels.some((reel) => String(reel.id) === plan.draft.reel),
    wind: () => start(plan.current(), null).catch(failed),
    practise: () => start(plan.current(), 1 + Math.floor(Math.random() * 1_000_000)).catch(failed),
    /** keeps the reel first, so that the log can say what lies on it */
    windOnNew: async (name: string) => {
      const draft = plan.current();
      const spool = spoolCase(draft, units);
      try {
        const reel = await addReel.mutateAsync({
          name,
          kind: draft.kind,
          gear_ratio: draft.gear,
          spool: {
            stamp: draft.stamp,
            stamp_units: draft.stampUnits || null,
            stamp_material: draft.stampMaterial,
            lip: draft.lip,
            lay: draft.lay,
            measured_with: draft.with,
            measures: {
              lip_diameter: String(spool.lip_diameter_mm ?? ''),
              arbor_diameter: String(spool.arbor_diameter_mm ?? ''),
              arbor_deep_diameter: String(spool.arbor_deep_diameter_mm ?? ''),
              traverse: String(spool.traverse_mm ?? ''),
            },
          },
        });
        const first = reel.spools[0];
        if (!first) return;
        put(reel.id, first.id);
        await start({ ...draft, reel: String(reel.id), spool: String(first.id) }, null);
      } catch (error) {
        failed(error);
      }
    },
  };
}
