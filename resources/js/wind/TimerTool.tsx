import { Button, Group } from '@mantine/core';
import { useEffect, useState } from 'react';
import { tick } from './sound';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** Seconds left of a soak that began then; below 0 once it is over. */
export function useSecondsLeft(startedAt: string | undefined, seconds: number): number | null {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!startedAt) return;
    setNow(Date.now());
    const timer = window.setInterval(() => setNow(Date.now()), 500);
    return () => window.clearInterval(timer);
  }, [startedAt]);
  return startedAt ? Math.round(seconds - (now - Date.parse(startedAt)) / 1000) : null;
}

export const clock = (seconds: number): string => {
  const whole = Math.max(0, seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

/** A soak: started here, going on while other steps are done. */
export function TimerTool({ run, step, tell }: Running) {
  const startedAt = run.state.soaks[step.id];
  const left = useSecondsLeft(startedAt, step.seconds ?? 0);
  useEffect(() => {
    if (left === 0) tick('stop');
  }, [left]);
  return (
    <div className={classes.timer}>
      <p className={classes.huge} data-testid="soak-clock">
        {clock(left ?? step.seconds ?? 0)}
      </p>
      <Group gap="xs">
        {startedAt ? (
          <Button size="md" variant="default" onClick={() => tell({ kind: 'soak_over', step: step.id })}>
            Out of the water
          </Button>
        ) : (
          <Button size="md" onClick={() => tell({ kind: 'soak_started', step: step.id })}>
            It’s in the water: start the timer
          </Button>
        )}
      </Group>
      {left !== null && left <= 0 && <p className={classes.move}>It has soaked long enough.</p>}
    </div>
  );
}
