import { Button } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import { FigureForm } from '../parts/FigureForm';
import { formKey } from '../parts/form';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import type { Running } from './useRun';
import classes from './Wind.module.css';

const KEYS = ['lip_diameter_mm', 'arbor_diameter_mm', 'traverse_mm', 'gear_ratio'];

/** What is missing for turns to tell a length well, measured in the middle of a run: the run goes on by it at once. */
export function MeasureNow({ run, say }: Running) {
  const { units } = useBench();
  const [open, setOpen] = useState(false);
  const usual = run.state.progress.by_experience;
  if (!usual) return null;
  const send = async (values: Record<string, string>) => {
    try {
      await say({ kind: 'measured', measures: values });
      setOpen(false);
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      throw new Problem(error.status, formKey(error.field, KEYS) ?? KEYS[0] ?? '', error.message);
    }
  };
  const width = { placeholder: units.small, unit: units.small };
  return (
    <div className={classes.fine}>
      <p>
        {usual.shape &&
          usual.gear &&
          'The line per turn is an estimate from the printed capacity and a usual gear ratio. '}
        {usual.shape && !usual.gear && 'The line per turn is an estimate from the printed capacity. '}
        {!usual.shape && 'The line per turn is an estimate from a usual gear ratio. '}
        {sentence(usual.surer, units)}
      </p>
      {open ? (
        <FigureForm
          label="Measure spool and reel"
          fields={[
            ...(usual.shape
              ? [
                  { key: 'lip_diameter_mm', label: 'Lip diameter', ...width },
                  { key: 'arbor_diameter_mm', label: 'Arbor diameter', ...width },
                  { key: 'traverse_mm', label: 'Spool width', ...width },
                ]
              : []),
            ...(usual.gear ? [{ key: 'gear_ratio', label: 'Gear ratio', placeholder: '5.2' }] : []),
          ]}
          initial={{}}
          submit="Use in this run"
          onCancel={() => setOpen(false)}
          onSubmit={send}
        />
      ) : (
        <Button variant="default" onClick={() => setOpen(true)}>
          {usual.shape ? 'Measure the spool now' : 'Type the gear ratio now'}
        </Button>
      )}
    </div>
  );
}
