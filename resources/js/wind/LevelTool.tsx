import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { small, words } from '../units/units';
import { DepthForm } from './DepthForm';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** The finished level, by three readings, and the thumb. */
export function LevelTool(running: Running) {
  const { run, tell } = running;
  const { units } = useBench();
  const [open, setOpen] = useState(run.state.level === null);
  const { level, firm } = run.state;
  return (
    <div className={classes.level}>
      {level && (
        <p className={classes.large} data-testid="level">
          {words(small(level.depth_mm, units))}
        </p>
      )}
      {level && <p className={classes.move}>{sentence(level, units)}</p>}
      <DepthForm {...running} open={open} onOpen={setOpen} words={level ? 'Measure again' : 'Measure the level'} />
      <Group gap="xs">
        <span>Under a thumb it</span>
        <Button
          variant={firm === true ? 'filled' : 'default'}
          aria-pressed={firm === true}
          onClick={() => tell({ kind: 'thumb', firm: true })}
        >
          holds
        </Button>
        <Button
          variant={firm === false ? 'filled' : 'default'}
          aria-pressed={firm === false}
          onClick={() => tell({ kind: 'thumb', firm: false })}
        >
          gives
        </Button>
      </Group>
      {firm === false && (
        <p className={classes.warn}>
          Too loose: the outer line will cut into it under load. Wind it off and on again with more tension, at least
          the main line.
        </p>
      )}
    </div>
  );
}
