import { Button } from '@mantine/core';
import { type ReactNode, useRef, useState } from 'react';
import classes from './Plan.module.css';

interface FoldedProps {
  /** they stand as the records have them */
  unchanged: boolean;
  /** what they are, in few words */
  says: string;
  /** what they are called, on the button */
  word: string;
  children: ReactNode;
}

/** Figures that stand as the records have them, in one line, until somebody wants to see or change them. */
export function Folded({ unchanged, says, word, children }: FoldedProps) {
  const [opened, setOpened] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const open = () => {
    setOpened(true);
    // whoever opens them goes on in them
    requestAnimationFrame(() => box.current?.querySelector<HTMLElement>('input, select')?.focus());
  };
  if (!unchanged || opened) {
    return (
      <div ref={box} className={classes.unfolded}>
        {children}
      </div>
    );
  }
  return (
    <p className={classes.folded}>
      <span>{says}</span>
      <Button variant="subtle" size="compact-xs" color="gray" aria-expanded={false} onClick={open}>
        {word}
      </Button>
    </p>
  );
}
