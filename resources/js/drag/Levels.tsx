import { Button } from '@mantine/core';
import { useCallback, useState } from 'react';
import { driveScale } from '../api/devices';
import type { DragResult, DragSetting, Reel, Spool } from '../api/types';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { unlessTyped } from '../parts/unlessTyped';
import { useBench } from '../shell/bench';
import { drag as dragForce, length, withUnit, words } from '../units/units';
import type { DragDraft } from './chain';
import classes from './Drag.module.css';
import { useKeepSetting } from './useKeepSetting';
import { useScalePulls } from './useScalePulls';

interface LevelsProps {
  draft: DragDraft;
  drag: DragResult;
  reel: Reel;
  spool: Spool;
  /** what it was set to last, measured: the curve starts there */
  set: DragSetting | null;
}

/** Strip line to a chosen length, pull again: the point goes on the curve. */
export function Levels({ draft, drag, reel, spool, set }: LevelsProps) {
  const { units } = useBench();
  const [out, setOut] = useState('');
  const [running, setRunning] = useState('');
  const { keep, isPending } = useKeepSetting({ draft, drag, reel, spool });
  const { scale, said } = useScalePulls(useCallback((pull) => setRunning(pull.running || pull.startUp), []));
  if (!set?.measured) {
    return (
      <p className={classes.soft}>
        Save a measured setting first. Then you can add points at other levels to the curve.
      </p>
    );
  }
  const here = drag.at?.line_out_m ?? 0;
  // the stand-in's drag has risen as the spool's shape has it
  const pull = async () => {
    try {
      await driveScale('rise', drag.at?.rise ?? 1);
      await driveScale('pull');
      setOut(`${here.toFixed(1)} m`);
    } catch (error) {
      failed(error);
    }
  };
  const add = async () => {
    const point = {
      mechanism: set.mechanism,
      knob: set.knob,
      from_off: set.from_off,
      target_N: set.target_N,
      line_out_m: withUnit(out, units.length),
      pulls: [{ position: set.position ?? 0, running_N: withUnit(running, units.force) }],
    };
    if (await keep(point, 'Point added to the curve.')) {
      setOut(unlessTyped(out));
      setRunning(unlessTyped(running));
    }
  };
  return (
    <section className={classes.points} aria-label="Measured at other levels">
      <p className={classes.soft}>
        {drag.at_least && drag.ask_at_m !== null
          ? `One pull shows how much stronger the drag gets. Strip ${words(length(drag.ask_at_m, units, 0))}, a third of the line, leave the knob alone, and pull again.`
          : 'Strip some line, leave the knob alone, and pull again:'}
      </p>
      <form
        className={classes.points}
        onSubmit={(submit) => {
          submit.preventDefault();
          void add();
        }}
      >
        <div className={classes.pair}>
          <TypedField label="Line out" unit={units.length} placeholder={units.length} value={out} onChange={setOut} />
          <TypedField
            label="Running"
            unit={units.force}
            placeholder={units.force}
            value={running}
            onChange={setRunning}
          />
        </div>
        {scale?.state === 'here' && scale.stand_in && (
          <Button size="compact-sm" variant="default" onClick={() => void pull()} disabled={here < 1}>
            Pull the simulated scale with {words(length(here, units, 0))} out
          </Button>
        )}
        <Button
          type="submit"
          size="compact-sm"
          variant="default"
          disabled={out.trim() === '' || running.trim() === ''}
          loading={isPending}
        >
          Add to the curve
        </Button>
      </form>
      {said && (
        <p role="status" className={classes.said}>
          {said}
        </p>
      )}
      {drag.measured.length > 0 && (
        <ul className={classes.surprises}>
          {drag.measured.map((point) => (
            <li key={point.line_out_m}>
              {words(length(point.line_out_m, units, 0))} out: {words(dragForce(point.running_N, units))},{' '}
              {point.over_predicted.toFixed(2)} of what was expected
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
