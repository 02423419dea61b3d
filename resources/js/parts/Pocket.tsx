import { Button, type ButtonProps } from '@mantine/core';
import { type ReactNode, Suspense, useId, useLayoutEffect, useRef, useState } from 'react';
import classes from './Pocket.module.css';

interface PocketProps extends Omit<ButtonProps, 'children'> {
  /** what stands on the button */
  name: ReactNode;
  /** what it is, for those who hear the page; holds the name */
  label: string;
  position?: 'bottom-end' | 'top-end';
  children: (close: () => void) => ReactNode;
}

/** Kept free round it and between it and its button, px. */
const ROUND = 8;
const TAKES_FOCUS = '[data-autofocus], input:checked, a[href], button, input, select, textarea';

/** A button that opens a few choices beside it. */
export function Pocket({ name, label, position = 'bottom-end', children, ...button }: PocketProps) {
  const id = useId();
  const at = useRef<HTMLButtonElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const [opened, setOpened] = useState(false);
  const close = () => box.current?.hidePopover();
  const begin = () => {
    if (!at.current || !box.current) return;
    stand(at.current, box.current, position);
    (box.current.querySelector<HTMLElement>(TAKES_FOCUS) ?? box.current).focus({ preventScroll: true });
  };
  return (
    <>
      <Button {...button} ref={at} popoverTarget={id} aria-label={label} aria-expanded={opened} aria-haspopup="dialog">
        {name}
      </Button>
      <div
        ref={box}
        id={id}
        popover="auto"
        role="dialog"
        aria-label={label}
        tabIndex={-1}
        className={classes.pocket}
        onToggle={(event) => setOpened(event.newState === 'open')}
        onBlur={({ relatedTarget }) => {
          // whoever goes on past its last choice has left it
          if (relatedTarget && !box.current?.contains(relatedTarget) && relatedTarget !== at.current) close();
        }}
      >
        {opened && (
          <Suspense fallback={null}>
            {children(close)}
            <Opened then={begin} />
          </Suspense>
        )}
      </div>
    </>
  );
}

/** Says when all that stands beside it is there: some of it may have to be loaded first. */
function Opened({ then }: { then: () => void }) {
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it opens
  useLayoutEffect(then, []);
  return null;
}

/** Under or over its button, their right edges in line, never out of the window. */
function stand(button: HTMLElement, box: HTMLElement, position: 'bottom-end' | 'top-end') {
  const by = button.getBoundingClientRect();
  const { offsetWidth: wide, offsetHeight: high } = box;
  const below = by.bottom + ROUND + high <= window.innerHeight || by.top < window.innerHeight - by.bottom;
  const under = position === 'bottom-end' ? below : by.top < high + ROUND && below;
  const left = Math.max(ROUND, Math.min(by.right - wide, window.innerWidth - wide - ROUND));
  const top = under ? by.bottom + ROUND / 2 : Math.max(ROUND, by.top - high - ROUND / 2);
  Object.assign(box.style, { left: `${left}px`, top: `${top}px`, maxHeight: `${window.innerHeight - top - ROUND}px` });
  box.dataset.stands = '';
}
