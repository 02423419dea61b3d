import { Button } from '@mantine/core';
import type { UseQueryResult } from '@tanstack/react-query';
import { Problem } from '../api/client';
import { Empty } from './Empty';
import classes from './parts.module.css';

export type Asked = Pick<UseQueryResult, 'isPending' | 'isError' | 'error' | 'refetch'>;

/** Loading and failing, the same in every place: what is happening, and what to do. */
export function Waiting({ query, what }: { query: Asked; what: string }) {
  if (query.isPending) {
    return (
      <p aria-busy="true" className={classes.waiting}>
        Looking up {what} …
      </p>
    );
  }
  if (!query.isError) return null;
  return (
    <Empty order={1} title={`Could not look up ${what}`}>
      <p>{query.error instanceof Problem ? query.error.message : 'Something unexpected happened.'}</p>
      <Button mt="sm" onClick={() => query.refetch()}>
        Try again
      </Button>
    </Empty>
  );
}
