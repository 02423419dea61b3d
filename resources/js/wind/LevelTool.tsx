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
        <span>Under your thumb the line</span>
        <Button
          variant={firm === true ? 'filled' : 'default'}
          aria-pressed={firm === true}
          onClick={() => tell({ kind: 'thumb', firm: true })}
        >
          feels firm
        </Button>
        <Button
          variant={firm === false ? 'filled' : 'default'}
          aria-pressed={firm === false}
          onClick={() => tell({ kind: 'thumb', firm: false })}
        >
          feels soft
        </Button>
      </Group>
      {firm === false && (
        <p className={classes.warn}>
          The line is too loose: under load, the outer turns will cut into it. Wind at least the main line off, then on
          again with more tension.
        </p>
      )}
    </div>
  );
}
