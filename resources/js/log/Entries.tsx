import { Button } from '@mantine/core';
import { useState } from 'react';
import { type LogEntry, type LogWish, useAnglers, useFillers, useLines, useLog, useReels } from '../api/queries';
import { day } from '../parts/day';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { force, length, small, type Units, words } from '../units/units';
import classes from './Log.module.css';
import { Say } from './Say';
import { DID, sayingOf } from './words';

/** The entries of the log that were asked for, newest first, each to be put right or taken back. */
export function Entries({ wish, of }: { wish: LogWish; of?: string }) {
  const log = useLog(wish);
  const entries = log.data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <section aria-label="Entries" className={classes.entries} aria-busy={log.isPlaceholderData}>
      <Waiting query={log} what="the log" />
      {log.data && entries.length === 0 && (
        <p className={classes.soft}>{of ?? 'Nothing in the log is like that. Ask for less, or for other words.'}</p>
      )}
      <ol>
        {entries.map((entry) => (
          <Entry key={entry.id} entry={entry} whole={wish.spool === undefined} />
        ))}
      </ol>
      {log.hasNextPage && (
        <Button variant="default" loading={log.isFetchingNextPage} onClick={() => log.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </section>
  );
}

function Entry({ entry, whole }: { entry: LogEntry; whole: boolean }) {
  const { units } = useBench();
  const { data: lines = [] } = useLines();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { data: anglers = [] } = useAnglers();
  const [open, setOpen] = useState(false);
  const { takeBack, isPending } = useTakeBack();
  const reel = reels.find((each) => each.spools.some((spool) => spool.id === entry.spool));
  const spool = reel?.spools.find((each) => each.id === entry.spool);
  const name = (line: number) => lines.find((each) => each.id === line)?.name ?? 'line';
  const filler = entry.counts?.find((count) => count.at.kind === 'filler')?.at.id;
  const facts = [
    ...moved(entry).map(([line, metres]) => `${words(length(metres, units, metres < 10 ? 1 : 0))} ${name(line)}`),
    ...(entry.counts ?? []).map(
      (count) => `${words(length(Number(count.length_m), units, 0))} ${name(count.line)} counted`,
    ),
    filler ? (fillers.find((each) => each.id === filler)?.name ?? '') : '',
    ...outing(entry, units),
    entry.level &&
      `${words(small(entry.level.gap_mm, units))} under the lip, ${entry.level.readings === 1 ? 'one reading' : `${entry.level.readings} readings`}${entry.level.counts ? '' : ', left out of what is learnt'}`,
    entry.drag && `to ${words(force(entry.drag.target_N, units))}`,
    entry.note,
    anglers.find((each) => each.id === entry.angler)?.name,
  ].filter(Boolean);
  const back = async () => {
    try {
      const id = await takeBack(entry.id);
      done(`${DID[entry.kind]} of ${day(entry.happened_at)} taken back.`, () => takeBack(id));
    } catch (error) {
      failed(error);
    }
  };
  const title = `${DID[entry.kind]} ${day(entry.happened_at)}`;
  return (
    <li data-standing={entry.standing} data-kind={entry.kind}>
      <span className={classes.when}>{day(entry.happened_at)}</span>
      <span>
        <strong>{DID[entry.kind]}</strong>
        {whole && reel && ` · ${reel.name}, ${spool?.name}`}
        <br />
        <span className={classes.soft}>{facts.join(' · ')}</span>
      </span>
      {entry.standing ? (
        <span className={classes.buttons}>
          {entry.spool !== null && sayingOf(entry) !== null && (
            <Button
              size="compact-xs"
              variant="default"
              aria-expanded={open}
              aria-label={`Put right: ${title}`}
              onClick={() => setOpen(!open)}
            >
              Put right
            </Button>
          )}
          <Button
            size="compact-xs"
            variant="subtle"
            color="gray"
            loading={isPending}
            aria-label={`Take back: ${title}`}
            onClick={back}
          >
            Take back
          </Button>
        </span>
      ) : (
        <span className={classes.soft}>put right or taken back</span>
      )}
      {open && entry.spool !== null && (
        <div className={classes.instead}>
          <Say spool={entry.spool} instead={entry} onDone={() => setOpen(false)} />
        </div>
      )}
    </li>
  );
}

/** What moved, line by line; over a carrier and back counts once. */
function moved(entry: LogEntry): [number, number][] {
  const sums = new Map<number, number>();
  for (const move of entry.moves ?? []) {
    if (move.to.kind === 'carrier' || (entry.kind === 'topped_up' && move.from.kind === 'carrier')) continue;
    sums.set(move.line, (sums.get(move.line) ?? 0) + Number(move.length_m));
  }
  return [...sums];
}

function outing({ outing: day }: LogEntry, units: Units): string[] {
  if (!day) return [];
  return [
    day.hours === null ? '' : `${day.hours} h`,
    day.cast_m === null ? '' : `cast ${words(length(day.cast_m, units, 0))}`,
    day.run_m === null ? '' : `a run of ${words(length(day.run_m, units, 0))}`,
    day.sun ? 'heavy sun' : '',
    day.rough ? 'rough ground' : '',
  ].filter(Boolean);
}
