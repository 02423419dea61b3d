import { Button, Group, TextInput } from '@mantine/core';
import { memo, useState } from 'react';
import { sameFor } from '../plan/planning';
import type { Planning } from '../plan/usePlan';
import { useWindIt } from './useWindIt';
import classes from './Wind.module.css';

/** From the plan to the bench: the next thing to do once the figure is there. */
export const WindIt = memo(
  function WindIt({ plan }: { plan: Planning }) {
    const { busy, known, wind, practise, windOnNew } = useWindIt(plan);
    const [naming, setNaming] = useState(false);
    const [name, setName] = useState('');
    if (!plan.result?.fits) return null;
    if (naming) {
      return (
        <form
          className={classes.noting}
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim()) void windOnNew(name.trim());
          }}
        >
          <TextInput
            label="What is this reel called? It goes into the locker"
            autoFocus
            required
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
          <Button type="submit" loading={busy}>
            Wind it
          </Button>
        </form>
      );
    }
    return (
      <Group gap="xs">
        <Button loading={busy} onClick={known ? wind : () => setNaming(true)}>
          Wind it
        </Button>
        <Button variant="default" loading={busy} onClick={practise}>
          Practise it first
        </Button>
      </Group>
    );
  },
  sameFor<{ plan: Planning }>(
    () => ['reel', 'spool'],
    ({ plan }) => [plan.result?.fits],
  ),
);
