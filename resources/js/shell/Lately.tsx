import { Button } from '@mantine/core';
import type { Schemas } from '../api/client';
import { type LogEvent, useEvents, useFillers, useLines, useReels } from '../api/queries';
import { DID } from '../log/words';
import { day } from '../parts/day';
import { Pocket } from '../parts/Pocket';
import { failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { length, type Units, words } from '../units/units';
import { useBench } from './bench';
import classes from './Shell.module.css';

type Logged = Schemas['LoggedEvent'];

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
  const { data: lines = [] } = useLines();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { units } = useBench();
  const { takeBack, isPending } = useTakeBack();
  const shown = events.filter((event) => event.kind !== 'voided').slice(0, 12);
  if (shown.length === 0) return <p className={classes.soft}>Nothing is written in the log yet.</p>;
  const place = (at: { kind: string; id?: number | undefined }) =>
    at.kind === 'spool'
      ? reels.find((reel) => reel.spools.some((spool) => spool.id === at.id))?.name
      : at.kind === 'filler'
        ? fillers.find((filler) => filler.id === at.id)?.name
        : undefined;
  const say = (event: Logged) => {
    const pieces = [...(event.moves ?? []), ...(event.counts ?? [])];
    const where = pieces
      .map((each) => ('to' in each ? (place(each.to) ?? place(each.from)) : place(each.at)))
      .find(Boolean);
    const set = event.spool === null ? undefined : place({ kind: 'spool', id: event.spool });
    return [
      pieces
        .map((each) => `${amount(each.length_m, units)} ${lines.find((line) => line.id === each.line)?.name ?? 'line'}`)
        .join(', '),
      where ?? set,
      event.note,
    ]
      .filter(Boolean)
      .join(' · ');
  };
  const back = async (event: LogEvent) => {
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

const amount = (metres: string | number | null | undefined, units: Units) =>
  words(length(Number(metres ?? 0), units, 0));
