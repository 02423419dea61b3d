import { NativeSelect } from '@mantine/core';
import { useCalculator } from '../api/calculators';
import { useLines, useReels, useRods } from '../api/records';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { withUnit } from '../units/units';
import type { Draft } from './draft';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';

const WORD = { fits: 'Fits', light: 'Light', heavy: 'Heavy', note: 'Note', unknown: 'Not chosen' } as const;
const ON = { reel: 'reel', rod: 'rod', reel_drag: 'reel’s drag', rod_drag: 'rod’s limit' } as const;

/** Whether the main line suits the reel and a rod, and what follows from each. */
export function useSuits(draft: Draft) {
  const { data: reels = [] } = useReels();
  const { data: rods = [] } = useRods();
  const { data: lines = [] } = useLines();
  const { units, angler } = useBench();
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const rod = rods.find((each) => String(each.id) === draft.rod);
  const line = lines.find((each) => each.name === draft.mainName);
  const ends = rod ? [rod.line_min, rod.line_max].map((end) => withUnit(end, units.force)).filter(Boolean) : [];
  return useCalculator(
    'match',
    draft.mainSize.trim() === ''
      ? null
      : {
          reel: {
            kind: draft.kind,
            mono_range: reel?.mono_range ?? '',
            braid_range: reel?.braid_range ?? '',
            max_drag_N: reel?.max_drag_N ?? null,
            ratings_text: draft.stamp,
            ratings_units: (draft.stampUnits || null) as null,
            ratings_material: draft.stampMaterial,
          },
          rod: rod
            ? {
                mono_range: ends.length === 2 ? ends.join(' - ') : ends[0] ? `to ${ends[0]}` : '',
                braid_range: rod.braid_range,
                max_drag_N: rod.max_drag || null,
              }
            : null,
          line: {
            material: draft.mainMaterial,
            size: draft.mainSize,
            strength_N: line?.strength_N ?? null,
          },
          schools: angler?.habits.schools ?? {},
        },
  );
}

export function Match({ plan: { draft, set } }: { plan: Planning }) {
  const { data: rods = [] } = useRods();
  const { units } = useBench();
  const { data, error } = useSuits(draft);
  return (
    <div className={classes.part}>
      <NativeSelect
        size="xs"
        label="Rod"
        labelProps={{ className: classes.inline }}
        value={draft.rod}
        onChange={(event) => set({ rod: event.currentTarget.value })}
        data={[{ value: '', label: 'no rod' }, ...rods.map((rod) => ({ value: String(rod.id), label: rod.name }))]}
      />
      {error && <p role="alert">{error.message}</p>}
      <ul className={classes.findings}>
        {data?.findings.map((finding) => (
          <li key={finding.against} data-verdict={finding.verdict}>
            <strong>
              {WORD[finding.verdict]}: {ON[finding.against]}.
            </strong>{' '}
            {sentence(finding, units)}
          </li>
        ))}
      </ul>
    </div>
  );
}
