import { Button, Group } from '@mantine/core';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { standing, toWrite } from './standing';
import type { Running, Told } from './useRun';
import classes from './Wind.module.css';

interface UnwrittenProps extends Omit<Running, 'step' | 'tell'> {
  /** what was pressed; it goes on with it */
  then: Told[];
  onDone: () => void;
}

/** Line is on that is not written down, and what was pressed leads past it: it is said before it is written. */
export function Unwritten({ run, say, ahead, then, onDone }: UnwrittenProps) {
  const { units } = useBench();
  const now = standing(run, ahead);
  const { length, how } = toWrite(now, units);
  const go = () => say({ kind: 'stopped', stop: 'early' }, ...then).then(onDone, failed);
  return (
    <section className={classes.ending} aria-label="Not saved yet" data-testid="unwritten">
      <p>
        <b>{length}</b> of {now.role} wound ({how}), but not saved yet. If that’s wrong, go back and type or measure it.
      </p>
      <Group gap="xs">
        <Button onClick={go}>Save and continue</Button>
        <Button variant="default" onClick={onDone}>
          Back
        </Button>
      </Group>
    </section>
  );
}
