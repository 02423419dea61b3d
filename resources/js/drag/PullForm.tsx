import { Button } from '@mantine/core';
import { useRef, useState } from 'react';
import { Problem } from '../api/client';
import { TypedField } from '../parts/TypedField';
import type { Units } from '../units/units';
import classes from './Drag.module.css';
import { KNOB_WORD, type Knob } from './knob';
import type { Setting } from './useSetting';

interface PullFormProps {
  setting: Setting;
  knob: Knob;
  units: Units;
}

/** A pull written down by hand: Enter adds it and the next one can be typed at once. */
export function PullForm({ setting, knob, units }: PullFormProps) {
  const [startUp, setStartUp] = useState('');
  const [running, setRunning] = useState('');
  const first = useRef<HTMLInputElement>(null);
  const problem = setting.problem instanceof Problem ? setting.problem : null;
  // what is wrong lies in the pull added last: it comes back into the fields with what was typed
  const back = () => {
    const last = setting.held.pulls.at(-1);
    if (!last) return;
    setting.takeBack();
    setStartUp(last.startUp);
    setRunning(last.running);
  };
  return (
    <form
      className={classes.pull}
      aria-label="A pull"
      onSubmit={(event) => {
        event.preventDefault();
        if (running.trim() === '') return;
        setting.add({ startUp, running });
        // first, as a field that is left writes its unit behind its figure
        first.current?.focus();
        setStartUp('');
        setRunning('');
      }}
    >
      <TypedField
        label={`Knob at, ${KNOB_WORD[knob]}`}
        value={setting.held.position}
        placeholder="0"
        onChange={(position) => setting.stands(position)}
      />
      <TypedField
        ref={first}
        label="Start-up"
        placeholder={`peak, ${units.force}`}
        unit={units.force}
        value={startUp}
        onChange={setStartUp}
      />
      <TypedField
        label="Running"
        placeholder={`settled, ${units.force}`}
        unit={units.force}
        value={running}
        onChange={setRunning}
      />
      <Button type="submit" variant="default" disabled={running.trim() === ''}>
        Write it down
      </Button>
      {problem && (
        <div role="alert" className={classes.wrong}>
          <p>{problem.message}</p>
          <Button size="compact-sm" variant="default" onClick={back}>
            Change that pull
          </Button>
        </div>
      )}
    </form>
  );
}
