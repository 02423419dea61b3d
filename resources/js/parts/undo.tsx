import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { Problem } from '../api/client';
import classes from './parts.module.css';

type Back = () => Promise<unknown>;

let last: { id: string; back: Back } | null = null;

/** Says what was done and offers to take it back; Ctrl Z does the same while it is the last thing done. */
export function done(what: string, back: Back) {
  const id = crypto.randomUUID();
  last = { id, back };
  notifications.show({
    id,
    withBorder: true,
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

/** Takes the last change back, if it still can be. */
export async function undo(id?: string) {
  const step = last;
  if (!step || (id !== undefined && step.id !== id)) return;
  last = null;
  try {
    await step.back();
    notifications.hide(step.id);
    notifications.show({ message: 'Taken back.', withBorder: true });
  } catch (error) {
    failed(error);
  }
}

/** Says why something could not be done; nothing typed is lost. */
export function failed(error: unknown) {
  notifications.show({
    color: 'rust',
    withBorder: true,
    message: error instanceof Problem ? error.message : 'That did not work. Try again.',
  });
}
