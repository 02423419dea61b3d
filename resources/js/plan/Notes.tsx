import { memo } from 'react';
import type { PlanResult } from '../api/queries';
import { useBench } from '../shell/bench';
import { fraction, length, small, type Units, words } from '../units/units';
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
          <strong>{WORD[note.weight]}.</strong> {inUnits(note, units)}
        </li>
      ))}
    </ul>
  );
});

/** The sentence with its figures as the angler reads them. */
function inUnits(note: PlanResult['notes'][number], units: Units): string {
  return note.sentence.replace(/\{(\d)\}/g, (_, index) => {
    const figure = note.figures[Number(index)];
    if (figure?.length_m !== undefined) return words(length(figure.length_m, units, 0));
    const depth = figure?.depth_mm ?? 0;
    return units.small === 'in' ? fraction(depth, units) : words(small(depth, units));
  });
}
