import { Button, Group } from '@mantine/core';
import { memo, useState } from 'react';
import { NameReel } from '../plan/NameReel';
import { sameFor } from '../plan/planning';
import type { Planning } from '../plan/usePlan';
import { useWindIt } from './useWindIt';

/** From the plan to the bench: the next thing to do once the figure is there. */
export const WindIt = memo(
  function WindIt({ plan }: { plan: Planning }) {
    const { busy, known, wind, practise, windOnNew } = useWindIt(plan);
    const [naming, setNaming] = useState(false);
    if (!plan.result?.fits) return null;
    if (naming) {
      return <NameReel submit="Start winding" busy={busy} onName={(name) => void windOnNew(name)} />;
    }
    return (
      <Group gap="xs">
        <Button loading={busy} onClick={known ? wind : () => setNaming(true)}>
          Start winding
        </Button>
        <Button variant="default" loading={busy} onClick={practise}>
          Practise first
        </Button>
      </Group>
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['reel', 'spool'],
    ({ plan }) => [plan.result?.fits],
  ),
);
