import { memo } from 'react';
import type { PlanResult } from '../api/types';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import classes from './Plan.module.css';

const WORD = { stop: 'Stop', warning: 'Mind', note: 'Note' } as const;

export const Notes = memo(function Notes({ notes, stop = false }: { notes: PlanResult['notes']; stop?: boolean }) {
  const { units } = useBench();
  const shown = notes.filter((note) => (note.weight === 'stop') === stop);
  if (shown.length === 0) return null;
  return (
    <ul className={classes.notes}>
      {shown.map((note) => (
        <li key={note.id} data-weight={note.weight}>
          <strong>{WORD[note.weight]}.</strong> {sentence(note, units)}
        </li>
      ))}
    </ul>
  );
});
