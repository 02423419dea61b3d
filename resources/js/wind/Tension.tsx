import { SegmentedControl } from '@mantine/core';
import { useState } from 'react';
import type { Running } from './useRun';
import classes from './Wind.module.css';

/** Practice: how tightly the line is held from here on. */
export function Tension({ tell }: Running) {
  const [held, setHeld] = useState('firm');
  return (
    <fieldset className={classes.choice}>
      <legend>You hold the line</legend>
      <SegmentedControl
        aria-label="You hold the line"
        value={held}
        data={[
          { value: 'loose', label: 'loosely' },
          { value: 'firm', label: 'firmly' },
          { value: 'hard', label: 'hard' },
        ]}
        onChange={(value) => {
          setHeld(value);
          tell({ kind: 'tension', tension: value as 'firm' });
        }}
      />
    </fieldset>
  );
}
