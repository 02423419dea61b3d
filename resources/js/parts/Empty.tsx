import { Title } from '@mantine/core';
import type { ReactNode } from 'react';
import classes from './parts.module.css';

/** A state with nothing in it yet: what it is for and the next step. */
export function Empty({ title, children, order = 2 }: { title: string; children: ReactNode; order?: 1 | 2 }) {
  return (
    <section className={classes.empty}>
      <Title order={order} size="h3">
        {title}
      </Title>
      <div>{children}</div>
    </section>
  );
}
