import { TextInput } from '@mantine/core';

interface FinderProps {
  value: string;
  onChange: (find: string) => void;
  /** how many there are; a short list needs no finding */
  of: number;
  word: string;
}

/** Finds by name in a long list. */
export function Finder({ value, onChange, of, word }: FinderProps) {
  if (of <= 20) return null;
  return (
    <TextInput
      mb="sm"
      maw={320}
      aria-label={`Find a ${word}`}
      placeholder={`Find a ${word} among ${of}`}
      value={value}
      onChange={(event) => onChange(event.currentTarget.value)}
    />
  );
}

/** Whether every word looked for is in one of these names. */
export const matches = (find: string, ...names: string[]): boolean => {
  const all = names.join(' ').toLowerCase();
  return find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
};
