import type { PlanResult } from '../api/queries';
import classes from './Plan.module.css';

const WORD = { stop: 'Stop', warning: 'Mind', note: 'Note' } as const;

export function Notes({ notes }: { notes: PlanResult['notes'] }) {
  if (notes.length === 0) return null;
  return (
    <ul className={classes.notes}>
      {notes.map((note) => (
        <li key={note.id} data-weight={note.weight}>
          <strong>{WORD[note.weight]}.</strong> {note.text}
        </li>
      ))}
    </ul>
  );
}
