import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { QueryClient } from '@tanstack/react-query';
import { Problem } from '../api/client';
import { newId } from './newId';
import classes from './parts.module.css';

interface Step {
  id: string;
  what: string;
  back: () => Promise<unknown>;
}

/** What was done on this page and can still be taken back, oldest first. */
const steps: Step[] = [];

/** Says what was done and offers to take it back; Ctrl Z takes back the latest. */
export function done(what: string, back: Step['back']) {
  const id = newId();
  steps.push({ id, what, back });
  // the newest are shown; the others stand in Lately
  for (const step of steps.slice(0, -2)) notifications.hide(step.id);
  notifications.show({
    id,
    withBorder: true,
    closeButtonProps: { 'aria-label': 'Close' },
    message: (
      <span className={classes.done}>
        {what}
        <Button size="compact-sm" variant="default" onClick={() => undo(id)}>
          Undo
        </Button>
      </span>
    ),
  });
}

/** Takes one change back: the one named, or the latest. */
export async function undo(id?: string) {
  const at = id === undefined ? steps.length - 1 : steps.findIndex((step) => step.id === id);
  const [step] = at < 0 ? [] : steps.splice(at, 1);
  if (!step) return;
  try {
    await step.back();
    notifications.hide(step.id);
    notifications.show({ message: 'Taken back.', withBorder: true, closeButtonProps: { 'aria-label': 'Close' } });
  } catch (error) {
    failed(error);
  }
}

/** Takes the latest change back, also one that is still being written: its way back is there once it is. */
export async function undoLatest(queries: QueryClient) {
  await new Promise<void>((resolve) => {
    const changes = queries.getMutationCache();
    const look = () => {
      if (queries.isMutating() > 0) return;
      stop();
      setTimeout(resolve);
    };
    const stop = changes.subscribe(look);
    look();
  });
  await undo();
}

/** Says why something could not be done; nothing typed is lost. */
export function failed(error: unknown) {
  notifications.show({
    color: 'rust',
    withBorder: true,
    closeButtonProps: { 'aria-label': 'Close' },
    message: error instanceof Problem ? error.message : 'That did not work. Try again.',
  });
}
