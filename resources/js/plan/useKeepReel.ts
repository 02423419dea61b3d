import { useAddReel } from '../api/records';
import { useBench } from '../shell/bench';
import { spoolCase } from './codec';
import type { Draft } from './draft';

/** Puts the reel and the spool that were typed into the locker and onto the bench; answers with both. */
export function useKeepReel() {
  const { units, put } = useBench();
  const add = useAddReel();
  return {
    busy: add.isPending,
    keep: async (name: string, draft: Draft) => {
      const spool = spoolCase(draft, units);
      const reel = await add.mutateAsync({
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
      if (first) put(reel.id, first.id);
      return { reel, spool: first };
    },
  };
}
