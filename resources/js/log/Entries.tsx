import { Button } from '@mantine/core';
import { useState } from 'react';
import { type LogWish, useLog } from '../api/history';
import type { LogEntry } from '../api/types';
import { day } from '../parts/day';
import { done, failed } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useWriteDown } from '../parts/useWriteDown';
import { Waiting } from '../parts/Waiting';
import classes from './Log.module.css';
import { Say } from './Say';
import { useEntryWords } from './useEntryWords';
import { DID, sayingOf } from './words';

/** The entries of the log that were asked for, newest first, each to be put right or taken back. */
export function Entries({ wish, of }: { wish: LogWish; of?: string }) {
  const log = useLog(wish);
  const entries = log.data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <section aria-label="Entries" className={classes.entries} aria-busy={log.isPlaceholderData}>
      <Waiting query={log} what="the log" />
      {log.data && entries.length === 0 && (
        <p className={classes.soft}>{of ?? 'No entries found. Try fewer or other words.'}</p>
      )}
      <ol>
        {entries.map((entry) => (
          <Entry key={entry.id} entry={entry} whole={wish.spool === undefined} />
        ))}
      </ol>
      {log.hasNextPage && (
        <Button variant="default" loading={log.isFetchingNextPage} onClick={() => log.fetchNextPage()}>
          Show earlier entries
        </Button>
      )}
    </section>
  );
}

function Entry({ entry, whole }: { entry: LogEntry; whole: boolean }) {
  const words = useEntryWords();
  const { where, facts } = words(entry);
  const [open, setOpen] = useState(false);
  const { takeBack, isPending } = useTakeBack();
  const back = async () => {
    try {
      const id = await takeBack(entry.id);
      done(`${DID[entry.kind]} of ${day(entry.happened_at)} undone.`, () => takeBack(id), true);
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
        {whole && where && ` · ${where}`}
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
              aria-label={`Edit: ${title}`}
              onClick={() => setOpen(!open)}
            >
              Edit
            </Button>
          )}
          <Button
            size="compact-xs"
            variant="subtle"
            color="gray"
            loading={isPending}
            aria-label={`Undo: ${title}`}
            onClick={back}
          >
            Undo
          </Button>
        </span>
      ) : (
        <span className={classes.soft}>edited or undone</span>
      )}
      {entry.old_turn && entry.standing && entry.spool !== null && <OldTurn entry={entry} spool={entry.spool} />}
      {open && entry.spool !== null && (
        <div className={classes.instead}>
          <Say spool={entry.spool} instead={entry} onDone={() => setOpen(false)} />
        </div>
      )}
    </li>
  );
}

/** Once, turning over was written as if the backing came out on top. It stays as it was told until the angler says otherwise. */
function OldTurn({ entry, spool }: { entry: LogEntry; spool: number }) {
  const { write, isPending } = useWriteDown();
  const putRight = () =>
    write(
      spool,
      { what: 'strip', how: 'turn_over', words: entry.note ?? '', corrects: entry.id },
      () => 'Edited: only the main line was reversed.',
    ).catch(failed);
  return (
    <p className={classes.instead}>
      This entry says that all line was reversed, so the backing would be on top. If only the main line was reversed,
      edit the entry. The backing is then at the bottom, and the joining knot used half a metre.{' '}
      <Button size="compact-xs" variant="default" loading={isPending} onClick={putRight}>
        Only the main line was reversed
      </Button>
    </p>
  );
}
