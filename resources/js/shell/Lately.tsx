import { Button } from '@mantine/core';
import { useEvents } from '../api/history';
import type { LogEntry } from '../api/types';
import { useEntryWords } from '../log/useEntryWords';
import { DID } from '../log/words';
import { day } from '../parts/day';
import { Pocket } from '../parts/Pocket';
import { failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import classes from './Shell.module.css';

/** What was last written into the log, each with the way back; a reload forgets nothing of it. */
export function Lately() {
  return (
    <Pocket
      variant="subtle"
      size="compact-sm"
      color="gray"
      className={classes.plain}
      name="Lately"
      label="Lately: the last changes to stock and history"
    >
      {() => (
        <div tabIndex={-1} data-autofocus>
          <List />
        </div>
      )}
    </Pocket>
  );
}

function List() {
  const { data: events = [] } = useEvents();
  const words = useEntryWords();
  const { takeBack, isPending } = useTakeBack();
  const shown = events.filter((event) => event.kind !== 'voided').slice(0, 12);
  if (shown.length === 0) return <p className={classes.soft}>Nothing is written in the log yet.</p>;
  const say = (entry: LogEntry) => {
    const { where, facts } = words(entry);
    return [where, ...facts].filter(Boolean).join(' · ');
  };
  const back = async (event: LogEntry) => {
    try {
      await takeBack(event.id);
    } catch (error) {
      failed(error);
    }
  };
  return (
    <ul className={classes.lately}>
      {shown.map((event) => (
        <li key={event.id} data-standing={event.standing}>
          <span>
            <strong>{DID[event.kind]}</strong> {day(event.happened_at)}
            <br />
            <span className={classes.what}>{say(event)}</span>
          </span>
          {event.standing ? (
            <Button
              size="compact-xs"
              variant="default"
              loading={isPending}
              onClick={() => back(event)}
              aria-label={`Take back: ${DID[event.kind]} ${say(event)}`}
            >
              Take back
            </Button>
          ) : (
            <span className={classes.soft}>taken back</span>
          )}
        </li>
      ))}
    </ul>
  );
}
