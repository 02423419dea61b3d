import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type Happening, stale } from './keys';

/** A change of a record that has a number. */
export interface Change<B> {
  id: number;
  body: B;
}

export const at = (id: number) => ({ params: { path: { id } } });

/** A change, and what it makes stale. */
export function useChange<V, R>(happening: Happening, change: (value: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => stale(queries, happening) });
}
