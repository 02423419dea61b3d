import type { ReactNode } from 'react';
import classes from './parts.module.css';

/** What may be wider than its room: it rolls sideways, is reached by the keyboard, and its edge darkens where more of it lies. */
export function Sideways({ label, children }: { label: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section className={classes.sideways} aria-label={label} tabIndex={0}>
      {children}
    </section>
  );
}
