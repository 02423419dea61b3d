import { SegmentedControl } from '@mantine/core';
import { memo } from 'react';
import { type Planning, sameFor } from './usePlan';

const CHOICES = [
  { value: 'backing', label: 'Backing' },
  { value: 'main', label: 'Main line' },
  { value: 'level', label: 'Level' },
];

/** Which of the three is worked out from the other two. */
export const OpenChoice = memo(
  function OpenChoice({ plan: { draft, set } }: { plan: Planning }) {
    return (
      <SegmentedControl
        fullWidth
        size="xs"
        data={CHOICES}
        value={draft.open}
        onChange={(open) => set({ open, join: '' })}
        aria-label="Work out"
      />
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['open'],
    () => [],
  ),
);
