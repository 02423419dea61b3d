import { memo } from 'react';
import { Segmented } from '../parts/Segmented';
import { chosen } from './draft';
import { sameFor } from './planning';
import type { Planning } from './usePlan';

const CHOICES = [
  { value: 'backing', label: 'Backing' },
  { value: 'main', label: 'Main line' },
  { value: 'level', label: 'Level' },
];

/** Which of the three is worked out from the other two. */
export const OpenChoice = memo(
  function OpenChoice({ plan: { draft, set } }: { plan: Planning }) {
    return (
      <Segmented
        fullWidth
        size="xs"
        data={CHOICES}
        value={draft.open}
        onChange={(open) => set({ open: chosen('open', open), join: '' })}
        aria-label="Work out"
      />
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['open'],
    () => [],
  ),
);
