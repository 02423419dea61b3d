import { Button } from '@mantine/core';
import type { NotificationData } from '@mantine/notifications';
import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { Problem } from '../api/client';
import { newId } from './newId';
import classes from './parts.module.css';

interface Step {
  id: string;
  what: string;
  back: () => Promise<unknown>;
  logged: boolean;
}

/** What was done on this page and can still be taken back, oldest first. */
let steps: readonly Step[] = [];
const listeners = new Set<() => void>();
const become = (next: readonly Step[]) => {
  steps = next;
  for (const tell of listeners) tell();
};
const listen = (tell: () => void) => {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
};

/** Changes to records on this page that can still be taken back, the newest first; what is in the log stands there. */
export const useSteps = (): readonly Step[] =>
  [...useSyncExternalStore(listen, () => steps)].filter((step) => !step.logged).reverse();

/** So many notices stand at once. */
const AT_ONCE = 2;
let shown: string[] = [];

/** Where notices stand; it comes with the first of them. */
const board = () => import('@mantine/notifications').then(({ notifications }) => notifications);
let told = false;
/** Whether anything was said yet. */
export const useTold = (): boolean => useSyncExternalStore(listen, () => told);

/** The newest are shown at once: the oldest make room, and what they said is under Recent changes. */
function notice(data: NotificationData) {
  const id = data.id ?? newId();
  shown = [...shown, id];
  const old = shown.slice(0, -AT_ONCE);
  shown = shown.slice(-AT_ONCE);
  told = true;
  for (const tell of listeners) tell();
  void board().then((notices) => {
    for (const each of old) notices.hide(each);
    notices.show({ withBorder: true, closeButtonProps: { 'aria-label': 'Close' }, ...data, id });
  });
}

/** Says what was done and offers to take it back; Ctrl Z takes back the latest. @param logged it stands in the log, or among the imports */
export function done(what: string, back: Step['back'], logged = false) {
  const id = newId();
  become([...steps, { id, what, back, logged }]);
  notice({
    id,
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
  const step = steps[at];
  if (!step) return;
  become(steps.filter((each) => each !== step));
  try {
    await step.back();
    void board().then((notices) => notices.hide(step.id));
    notice({ message: 'Undone.' });
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

/** Says what was done where nothing can be taken back. */
export const said = (what: string) => notice({ message: what });

/** Errors that still stand. */
let wrong: string[] = [];

/** Says why something could not be done; nothing typed is lost. */
export function failed(error: unknown) {
  const id = newId();
  wrong = [...wrong, id];
  notice({
    id,
    color: 'rust',
    message: error instanceof Problem ? error.message : 'That did not work. Try again.',
  });
}

/** Ends the errors of a place that is left: they say nothing of the next one. */
export function endErrors() {
  if (wrong.length === 0) return;
  const over = wrong;
  wrong = [];
  void board().then((notices) => {
    for (const each of over) notices.hide(each);
  });
}
