import { Button } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import type { Run } from '../api/types';
import { FigureForm } from '../parts/FigureForm';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import type { Running } from './useRun';
import classes from './Wind.module.css';

const READINGS = ['1', '2', '3'] as const;
const WORDS = ['First reading', 'Second reading', 'Third reading'];

interface DepthFormProps extends Running {
  open: boolean;
  onOpen: (open: boolean) => void;
  /** what the button and the question say */
  words?: string;
}

/** Three depths round the spool, from the lip edge down to the line. One that can hardly be is asked about. */
export function DepthForm({ run, say, open, onOpen, words = 'Measure line level' }: DepthFormProps) {
  const { units } = useBench();
  const [doubted, setDoubted] = useState<Record<string, string> | null>(null);
  const tell = async (values: Record<string, string>, sure: boolean): Promise<Run> => {
    const given = READINGS.filter((key) => values[key]?.trim());
    try {
      return await say({ kind: 'depth', depths: given.map((key) => ({ mm: values[key] ?? '' })), sure });
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      // a reading by its place in the list, or all of them
      const at = /depths\.(\d+)/.exec(error.field)?.[1];
      throw new Problem(error.status, given[Number(at ?? 0)] ?? '1', error.message);
    }
  };
  const insist = async (values: Record<string, string>) => {
    try {
      await tell(values, true);
      setDoubted(null);
      onOpen(false);
    } catch (error) {
      failed(error);
    }
  };
  if (doubted) {
    return (
      <div className={classes.warn} role="alert">
        <p>
          This level is {Math.abs(run.state.progress.doubt ?? 0).toFixed(0)} times the tolerance away from what turns
          and plan say. Did you measure from the wrong edge? Undro uses it only if you’re sure.
        </p>
        <Button size="sm" variant="default" onClick={() => insist(doubted)}>
          I’m sure, use it
        </Button>{' '}
        <Button size="sm" onClick={() => setDoubted(null)}>
          Measure again
        </Button>
      </div>
    );
  }
  if (!open) {
    return (
      <Button variant="default" onClick={() => onOpen(true)}>
        {words}
      </Button>
    );
  }
  return (
    <FigureForm
      label={words}
      fields={READINGS.map((key, index) => ({
        key,
        label: WORDS[index] ?? key,
        unit: units.small,
        placeholder: index === 0 ? `from the lip, ${units.small}` : 'again',
      }))}
      initial={practiceReadings(run)}
      submit="Use this level"
      onCancel={() => onOpen(false)}
      onSubmit={async (values) => {
        const after = await tell(values, false);
        if (after.state.progress.doubt !== null) setDoubted(values);
        else onOpen(false);
      }}
    />
  );
}

/** On a made-up reel the calipers read for themselves. */
const practiceReadings = (run: Run): Record<string, string> =>
  Object.fromEntries(
    READINGS.map((key, index) => [key, run.truth ? `${(run.truth.readings_mm[index] ?? 0).toFixed(1)} mm` : '']),
  );
