import { Title } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from './parts.module.css';

/** A state with nothing in it yet: what it is for and the next step. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className={classes.empty}>
      <Title order={2} size="h3">
        {title}
      </Title>
      <div>{children}</div>
    </section>
  );
}
