import { Button, Group, Switch } from '@mantine/core';
import { driveScale } from '../api/devices';
import type { PullScale } from '../api/types';
import { failed } from '../parts/undo';
import { force, type Units, words } from '../units/units';
import classes from './Drag.module.css';

interface ScaleToolProps {
  scale: PullScale;
  /** what was wrong with the last pull */
  said: string;
  units: Units;
  /** works the stand-in: a slow pull at the knob's present place */
  pull: () => void;
}

/** A scale on the line: what it shows, and the stand-in's handles. */
export function ScaleTool({ scale, said, units, pull }: ScaleToolProps) {
  if (scale.state === 'none') return null;
  if (scale.state === 'lost') {
    return (
      <p role="alert" className={classes.said}>
        The scale doesn’t answer any more. Type the pulls by hand; it reconnects by itself.
      </p>
    );
  }
  return (
    <div className={classes.scale}>
      <Group gap="sm">
        <span data-testid="scale">
          {scale.stand_in ? 'Simulated scale' : 'Scale'}: <b>{words(force(scale.force_N ?? 0, units))}</b>
          {scale.holds ? ', needle held' : ''}
        </span>
        {scale.stand_in && (
          <>
            <Button size="compact-sm" onClick={pull}>
              Pull slowly
            </Button>
            <Switch
              size="xs"
              label="needle holds its peak"
              onChange={(event) => driveScale('hold', event.currentTarget.checked ? 1 : 0).catch(failed)}
            />
          </>
        )}
      </Group>
      {said && (
        <p role="status" className={classes.said}>
          {said}
        </p>
      )}
    </div>
  );
}
