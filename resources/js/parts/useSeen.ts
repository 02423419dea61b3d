import { useLayoutEffect, useRef } from 'react';
import { Problem } from '../api/client';

/**
 * The version of a record as it was when its figures came on the screen, whatever the list says by now. A change that
 * comes too late teaches it the later one, so that saving again is a choice.
 */
export function useSeen(id: number | undefined, version: number | undefined) {
  const seen = useRef<{ id: number | undefined; version: number | undefined }>({ id: undefined, version: undefined });
  useLayoutEffect(() => {
    if (id !== seen.current.id) seen.current = { id, version };
  });
  return {
    version: () => seen.current.version,
    now: (later: number) => {
      seen.current.version = later;
    },
    learn: (error: unknown) => {
      if (error instanceof Problem && error.version !== undefined) seen.current.version = error.version;
    },
  };
}
