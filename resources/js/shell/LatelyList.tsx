import { Button } from '@mantine/core';
import { useEvents } from '../api/history';
import { useImports, useTakeImportBack } from '../api/records';
import type { LogEntry } from '../api/types';
import { useEntryWords } from '../log/useEntryWords';
import { DID } from '../log/words';
import { day } from '../parts/day';
import { failed, undo, useSteps } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import classes from './Shell.module.css';

/** So many of each are listed. */
const SHOWN = 12;

/** The last changes, each with the way back. */
export default function LatelyList() {
  const { data: events = [] } = useEvents();
  const { data: imports = [] } = useImports();
  const steps = useSteps();
  const words = useEntryWords();
  const { takeBack, isPending } = useTakeBack();
  const undoImport = useTakeImportBack();
  const shown = events.filter((event) => event.kind !== 'voided').slice(0, SHOWN);
  if (shown.length + imports.length + steps.length === 0) return <p className={classes.soft}>No changes yet.</p>;
  const say = (entry: LogEntry) => {
    const { where, facts } = words(entry);
    return [where, ...facts].filter(Boolean).join(' · ');
  };
  const or = (doing: Promise<unknown>) => void doing.catch(failed);
  return (
    <>
      {steps.length > 0 && (
        <ul className={classes.lately} aria-label="Changes to records">
          {steps.slice(0, SHOWN).map((step) => (
            <Line
              key={step.id}
              title={step.what}
              label={`Undo: ${step.what}`}
              word="Undo"
              onBack={() => or(undo(step.id))}
            />
          ))}
        </ul>
      )}
      {imports.length > 0 && (
        <ul className={classes.lately} aria-label="Imports">
          {imports.map((each) => (
            <Line
              key={each.id}
              title={`Imported ${day(each.happened_at)}`}
              what={each.words}
              label={`Undo: import of ${each.words}`}
              loading={undoImport.isPending}
              gone={each.undone}
              onBack={() => or(undoImport.mutateAsync(each.id))}
            />
          ))}
        </ul>
      )}
      <ul className={classes.lately} aria-label="Log entries">
        {shown.map((event) => {
          // what took it back, where that stands: it can be put back
          const voided = events.find((each) => each.kind === 'voided' && each.corrects === event.id && each.standing);
          const title = `${DID[event.kind]} ${day(event.happened_at)}`;
          return (
            <Line
              key={event.id}
              title={title}
              what={say(event)}
              loading={isPending}
              gone={!event.standing && !voided}
              out={!event.standing}
              word={voided ? 'Redo' : 'Undo'}
              label={`${voided ? 'Redo' : 'Undo'}: ${DID[event.kind]} ${say(event)}`}
              onBack={() => or(takeBack(voided?.id ?? event.id))}
            />
          );
        })}
      </ul>
    </>
  );
}

interface LineProps {
  title: string;
  what?: string;
  label: string;
  word?: string;
  loading?: boolean;
  /** it is taken back, and cannot be put back from here */
  gone?: boolean;
  out?: boolean;
  onBack: () => void;
}

function Line({ title, what, label, word = 'Undo', loading = false, gone = false, out = gone, onBack }: LineProps) {
  return (
    <li data-standing={!out}>
      <span>
        <strong>{title}</strong>
        {what && (
          <>
            <br />
            <span className={classes.what}>{what}</span>
          </>
        )}
      </span>
      {gone ? (
        <span className={classes.soft}>undone</span>
      ) : (
        <Button size="compact-xs" variant="default" loading={loading} onClick={onBack} aria-label={label}>
          {word}
        </Button>
      )}
    </li>
  );
}
