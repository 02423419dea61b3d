import { Button } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { type ReactNode, useRef } from 'react';
import classes from './Plan.module.css';

interface FoldedProps {
  /** they stand as the records have them */
  unchanged: boolean;
  /** what they are, in few words */
  says: string;
  /** what they are called */
  word: 'spool' | 'line';
  children: ReactNode;
}

const OPENS = { spool: 'Dimensions', line: 'Change' };

/** Figures that stand as the records have them, in one line, until somebody wants to see or change them; so it stays then. */
export function Folded({ unchanged, says, word, children }: FoldedProps) {
  const [opened, setOpened] = useLocalStorage({
    key: `undro-figures-${word}`,
    defaultValue: false,
    getInitialValueInEffect: false,
  });
  const box = useRef<HTMLDivElement>(null);
  const turn = (on: boolean) => {
    setOpened(on);
    // whoever opens them goes on in them
    requestAnimationFrame(() => box.current?.querySelector<HTMLElement>(on ? 'input, select' : 'button')?.focus());
  };
  const button = (
    <Button
      variant="subtle"
      size="compact-xs"
      color="gray"
      className={classes.fold}
      aria-expanded={opened}
      onClick={() => turn(!opened)}
    >
      {opened ? 'Fold' : OPENS[word]}
    </Button>
  );
  return (
    <div ref={box} className={classes.unfolded}>
      {!unchanged || opened ? (
        <>
          {children}
          {unchanged && button}
        </>
      ) : (
        <p className={classes.folded}>
          {says} {button}
        </p>
      )}
    </div>
  );
}
