import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useForgetPractised, useNotePractised } from '../api/practice';
import { newId } from '../parts/newId';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import classes from './Practice.module.css';

interface NotedProps {
  lesson: Schemas['LessonId'];
  seed: number;
  moves: Schemas['LessonMoves'];
}

/** Notes a lesson that is over with the angler, once and only where they say so. */
export function Noted({ lesson, seed, moves }: NotedProps) {
  const { angler } = useBench();
  const note = useNotePractised();
  const forget = useForgetPractised();
  const [id] = useState(newId);
  if (!angler) return null;
  const write = () =>
    note.mutateAsync({ angler: angler.id, body: { id, lesson, seed, moves } }).catch((error) => failed(error));
  return (
    <p className={classes.noted} aria-live="polite">
      {note.isSuccess ? (
        <>
          <span>
            Saved for {angler.name} in the <Link to="/practice#record">results</Link>.
          </span>
          <Button
            size="compact-sm"
            variant="default"
            onClick={() =>
              forget
                .mutateAsync({ angler: angler.id, uuid: id })
                .then(() => note.reset())
                .catch((error) => failed(error))
            }
          >
            Delete result
          </Button>
        </>
      ) : (
        <>
          <Button size="compact-sm" variant="default" loading={note.isPending} onClick={write}>
            Save result for {angler.name}
          </Button>
          <Anchor component={Link} to="/practice" size="sm">
            Another lesson
          </Anchor>
        </>
      )}
    </p>
  );
}
