import { Button, Group } from '@mantine/core';
import { useAddSpool, useChangeReel, useChangeSpool, useReels } from '../api/records';
import { done, failed } from '../parts/undo';
import { useSeen } from '../parts/useSeen';
import { useBench } from '../shell/bench';
import classes from './Plan.module.css';
import { fromReel, spoolOf } from './records';
import type { Planning } from './usePlan';

/** What is kept with a spool and its reel. */
export const KEPT = [
  'stamp',
  'stampUnits',
  'stampMaterial',
  'ratedGap',
  'lipMm',
  'arborMm',
  'deepMm',
  'traverseMm',
  'bevel',
  'mark',
  'with',
  'lay',
  'lip',
  'gear',
  'grips',
] as const;

/** Offers to keep figures typed here with the spool they were measured on. */
export function KeepMeasures({ plan: { draft, set, problem } }: { plan: Planning }) {
  const { data: reels = [] } = useReels();
  const changeSpool = useChangeSpool();
  const changeReel = useChangeReel();
  const addSpool = useAddSpool();
  const { put } = useBench();
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const spool = spoolOf(draft, reels);
  const seen = useSeen(spool?.id, spool?.version);
  if (!reel || !spool || problem) return null;
  const stored = fromReel(reel, spool);
  if (KEPT.every((key) => stored[key] === draft[key])) return null;

  const figures = (from: typeof stored) => ({
    grips: from.grips === 'yes',
    stamp: from.stamp,
    stamp_material: from.stampMaterial as typeof spool.stamp_material,
    stamp_units: (from.stampUnits || null) as typeof spool.stamp_units,
    lip: from.lip as typeof spool.lip,
    lay: from.lay as typeof spool.lay,
    measured_with: from.with as typeof spool.measured_with,
    measures: {
      lip_diameter: from.lipMm,
      arbor_diameter: from.arborMm,
      arbor_deep_diameter: from.deepMm,
      traverse: from.traverseMm,
      bevel_depth: from.bevel,
      full_mark: from.mark,
      rated_gap: from.ratedGap,
    },
  });
  const keep = async (from: typeof stored) => {
    const saved = await changeSpool.mutateAsync({ id: spool.id, body: { version: seen.version(), ...figures(from) } });
    seen.now(saved.version);
    if (from.gear !== reel.gear_ratio || from !== draft) {
      await changeReel.mutateAsync({ id: reel.id, body: { gear_ratio: from.gear } });
    }
  };
  const another = async () => {
    const made = await addSpool.mutateAsync({
      name: `Spool ${reel.spools.length + 1}`,
      reels: [reel.id],
      ...figures(draft),
    });
    put(reel.id, made.id);
    set({ spool: String(made.id) });
    done(`Another spool for ${reel.name}.`, () => changeSpool.mutateAsync({ id: made.id, body: { archived: true } }));
  };
  return (
    <Group gap={4}>
      <Button
        size="compact-sm"
        variant="light"
        className={classes.keep}
        onClick={() =>
          keep(draft).then(
            () => done(`Saved with ${reel.name}.`, () => keep(stored)),
            (error) => {
              seen.learn(error);
              failed(error);
            },
          )
        }
      >
        Save these figures with {reel.name.length > 18 ? 'the reel' : reel.name}
      </Button>
      <Button size="compact-sm" variant="subtle" color="gray" onClick={() => another().catch(failed)}>
        As another spool
      </Button>
    </Group>
  );
}
