import { useDebouncedValue } from '@mantine/hooks';

/** How long after the last key what was typed is read, ms: half a word is not wrong yet. */
const PAUSE_MS = 350;

/** What was typed once the hand rests, and whether it is what stands there now. */
export function useSettled(value: string): { text: string; now: boolean } {
  const [text] = useDebouncedValue(value.trim(), PAUSE_MS);
  return { text, now: text === value.trim() };
}
