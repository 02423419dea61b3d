import { useHotkeys } from '@mantine/hooks';

/** What takes every key: one types there. */
const TYPED = 'input, textarea, select, [contenteditable="true"]';
/** What is pressed with Space or Enter, or moved with the arrow keys. */
const PRESSED = 'button, a, summary, [role]';
/** The keys that press something or move it. */
const PRESSES = /^(space|enter|arrow(left|right|up|down))$/i;

export type Key = [key: string, act: (event: KeyboardEvent) => void];

/**
 * Keys that act without a modifier. Nothing happens while somebody types. Space, Enter and the arrow keys belong to the button, link or
 * slider that has the focus, unless it is marked `data-passes-keys`.
 */
export function useKeys(keys: Key[]): void {
  useHotkeys(
    keys.map(([key, act]) => [
      key,
      (event) => {
        if (isTaken(event.target, key)) return;
        event.preventDefault();
        act(event);
      },
      { preventDefault: false },
    ]),
    [],
  );
}

/** Whether a key belongs to what has the focus. */
export function isTaken(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (target.matches(TYPED)) return true;
  return PRESSES.test(key) && !target.matches('[data-passes-keys]') && target.matches(PRESSED);
}
