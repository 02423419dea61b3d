import type { Schemas } from '../api/client';
import { useDrags } from '../api/history';
import { useRunOf, useRuns } from '../api/runs';
import type { Care, Reel, Run, Spool } from '../api/types';
import { useUpkeep } from '../api/upkeep';
import { backingOf, mainOf } from '../parts/onSpool';
import { useBench } from '../shell/bench';

/** What the app knows of the spool on the bench: its lines and level, how it was wound last, its drag, and what was found. */
export function useKnown(): Known {
  const { reel, spool, angler } = useBench();
  const { data: cares } = useUpkeep(angler?.id);
  const { data: drags } = useDrags(reel?.id, spool?.id);
  const { data: runs } = useRuns();
  const run = useRunOf(lastRun(runs ?? [], spool?.id)?.id);
  if (!reel || !spool) return {};
  return knownOf(reel, spool, cares ?? [], drags, run.data?.state);
}

type Known = NonNullable<Schemas['TroubleCase']['known']>;

/** The run a spool was wound by last. */
export const lastRun = (runs: Schemas['RunAbout'][], spool: number | undefined) =>
  runs.find((run) => spool !== undefined && run.spool === spool && !run.practice);

/** What is known of a spool in its reel. @param state how the run stands that it was wound by last */
export function knownOf(
  reel: Reel,
  spool: Spool,
  cares: Care[],
  drags: Schemas['DragHistory'] | undefined,
  state: Run['state'] | undefined,
): Known {
  const care = cares.find((each) => each.spool === spool.id && each.reel === reel.id);
  const [main, backing] = [mainOf(spool), backingOf(spool)];
  const outer = state?.layers.at(-1);
  const set = drags?.now.set;
  return {
    reel: reel.kind,
    grips: spool.grips,
    lay: spool.lay,
    ...(main && { main: { material: main.line.material, diameter_mm: main.line.diameter_mm } }),
    backing:
      backing.length > 0
        ? {
            material: backing.at(-1)?.line.material ?? 'mono',
            diameter_mm: backing.at(-1)?.line.diameter_mm ?? null,
            length_m: backing.reduce((sum, piece) => sum + piece.length_m, 0),
          }
        : null,
    level_mm: care?.level?.depth_mm ?? null,
    wanted_mm: care?.level?.wanted_mm ?? null,
    low: care?.level?.low ?? null,
    at_bench: state !== undefined && state.over === null,
    worn: care?.share ?? null,
    found: care?.found[0]?.found ?? null,
    sticky: set?.measured ? set.sticky : null,
    feed: outer?.placed?.feed ?? state?.feed ?? null,
    matched: state?.slack.matched ?? null,
    slack: state?.slack.seen.at(-1) ?? null,
  };
}
