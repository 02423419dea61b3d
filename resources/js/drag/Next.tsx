import { Button } from '@mantine/core';
import type { DragNext } from '../api/types';
import { sentence } from '../units/sentence';
import type { Units } from '../units/units';
import classes from './Drag.module.css';
import { KNOB_WORD, type Knob, place } from './knob';

interface NextProps {
  next: DragNext;
  knob: Knob;
  /** what is turned, pushed or clicked */
  word: string;
  units: Units;
  onStands: (position: number) => void;
  /** the lever is at its end and the preset was turned: the pulls so far are of another drag */
  onPreset?: () => void;
}

/** The one thing to do next, and why. */
export function Next({ next, knob, word, units, onStands, onPreset }: NextProps) {
  const move = next.state === 'move' && next.move && next.position !== undefined ? next.move : null;
  const said = next.preset
    ? `Preset ${next.off < 0 ? 'up' : 'down'}`
    : next.out_of_reach
      ? 'Stop here'
      : next.state === 'accept'
        ? 'Leave it there'
        : move
          ? `${move.words} ${move.way}`
          : 'Pull again';
  return (
    <section
      className={classes.next}
      data-state={next.out_of_reach ? 'reach' : next.state}
      aria-label="What to do next"
    >
      <p className={classes.doing} aria-live="polite" data-testid="drag-next">
        {said}
        {move && <small> to {place(next.position ?? 0)}</small>}
      </p>
      <p className={classes.because}>{sentence(next.because, units)}</p>
      {next.sticky && (
        <p className={classes.sticky} data-testid="sticky">
          It sticks: the start-up is {(next.stickiness ?? 1).toFixed(2)} times the running force, over 1.25. Clean and
          grease the washers; until then the start-up has to meet the target.
        </p>
      )}
      {next.preset && onPreset && <Button onClick={onPreset}>I turned the preset: pull again at this notch</Button>}
      {next.peaks_only && (
        <p className={classes.because} data-testid="peaks-only">
          Only peaks so far. The peak must meet the target until a gauge shows the running force.
        </p>
      )}
      {move && (
        <Button onClick={() => onStands(next.position ?? 0)}>
          The {word} is at {place(next.position ?? 0)} {KNOB_WORD[knob]}
        </Button>
      )}
    </section>
  );
}
