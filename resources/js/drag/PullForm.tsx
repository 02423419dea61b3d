import { Button } from '@mantine/core';
import { Problem } from '../api/client';
import { TypedField } from '../parts/TypedField';
import type { Units } from '../units/units';
import classes from './Drag.module.css';
import { KNOB_WORD, type Knob } from './knob';
import type { PullFields } from './usePullFields';
import type { Setting } from './useSetting';

interface PullFormProps {
  setting: Setting;
  fields: PullFields;
  knob: Knob;
  units: Units;
}

/** A pull written down by hand: Enter adds it and the next one can be typed at once. */
export function PullForm({ setting, fields, knob, units }: PullFormProps) {
  const { startUp, running, first, setStartUp, setRunning } = fields;
  const problem = setting.problem instanceof Problem ? setting.problem : null;
  const empty = running.trim() === '' && startUp.trim() === '';
  return (
    <form
      className={classes.pull}
      aria-label="A pull"
      onSubmit={(event) => {
        event.preventDefault();
        if (empty) return;
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
      <Button type="submit" variant="default" disabled={empty}>
        Save pull
      </Button>
      {running.trim() === '' && startUp.trim() !== '' && (
        <p className={classes.soft} data-testid="peak-only">
          Only the peak: Undro saves it without a running force, and the peak must meet the target.
        </p>
      )}
      {problem && (
        <div role="alert" className={classes.wrong}>
          <p>{problem.message}</p>
          <Button size="compact-sm" variant="default" onClick={() => fields.back(setting.held.pulls.length - 1)}>
            Edit that pull
          </Button>
        </div>
      )}
    </form>
  );
}
