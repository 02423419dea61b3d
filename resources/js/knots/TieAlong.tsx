import { Button, Group, NumberInput } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useRef, useState } from 'react';
import { Segmented } from '../parts/Segmented';
import { useKeys } from '../parts/useKeys';
import { listen } from './ear';
import classes from './Knots.module.css';
import type { TyingState } from './useTying';

type By = 'tap' | 'sound' | 'pace';
const BY = [
  { value: 'tap', label: 'at a tap' },
  { value: 'sound', label: 'at a sound' },
  { value: 'pace', label: 'by itself' },
];

interface TieAlongProps {
  tying: TyingState;
  moves: { do: string }[];
}

/** With the hands at the line: the next move comes at a tap anywhere on a large place, at a knock or a click of the tongue, or by itself. */
export function TieAlong({ tying, moves }: TieAlongProps) {
  const [by, setBy] = useLocalStorage<By>({ key: 'undro-tie-by', defaultValue: 'tap' });
  const [wait, setWait] = useLocalStorage({ key: 'undro-tie-wait', defaultValue: 12 });
  const [trouble, setTrouble] = useState<string | null>(null);
  const { next, over, last, playing, begin, began } = tying;
  const go = useRef(next);
  go.current = () => !playing && next();

  // from its first move, which then comes at the first tap
  // biome-ignore lint/correctness/useExhaustiveDependencies: once
  useEffect(() => begin(), []);

  useKeys([
    ['Space', () => go.current()],
    ['ArrowRight', () => go.current()],
    ['ArrowLeft', tying.back],
  ]);

  useEffect(() => {
    setTrouble(null);
    if (by !== 'sound') return;
    let stop: (() => void) | null = null;
    let gone = false;
    listen(() => go.current()).then(
      (stops) => {
        if (gone) stops();
        else stop = stops;
      },
      () => setTrouble('The microphone can’t be used here. Tap or press the space bar for the next move.'),
    );
    return () => {
      gone = true;
      stop?.();
    };
  }, [by]);

  useEffect(() => {
    if (by !== 'pace' || last || playing || !(over || !began)) return;
    const timer = setTimeout(() => go.current(), (began ? wait : 2) * 1000);
    return () => clearTimeout(timer);
  }, [by, wait, last, playing, over, began]);

  return (
    <div className={classes.along}>
      <Button
        fullWidth
        size="xl"
        variant={last ? 'default' : 'filled'}
        onClick={() => (last ? begin() : go.current())}
        disabled={playing}
      >
        {last
          ? 'Done. Tie it again'
          : !began
            ? 'Start'
            : `Go to move ${Math.min(moves.length, tying.move + (over ? 2 : 1))}`}
      </Button>
      <Group gap="sm">
        <Segmented
          size="xs"
          aria-label="How to advance"
          data={BY}
          value={by}
          onChange={(value) => setBy(value as By)}
        />
        {by === 'pace' && (
          <NumberInput
            size="xs"
            aria-label="Seconds per move"
            suffix=" s per move"
            w={120}
            min={2}
            max={120}
            value={wait}
            onChange={(value) => typeof value === 'number' && value >= 2 && setWait(value)}
          />
        )}
        {by === 'sound' && !trouble && (
          <span className={classes.soft}>Knock, clap or click your tongue. No sound is recorded.</span>
        )}
        {by === 'tap' && <span className={classes.soft}>You can also press the space bar. Press ← to go back.</span>}
      </Group>
      {trouble && (
        <p role="alert" className={classes.problem}>
          {trouble}
        </p>
      )}
    </div>
  );
}
