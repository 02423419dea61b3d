import { queryOptions, useQuery } from '@tanstack/react-query';
import { compute } from './client';
import { useLastGood } from './lastGood';
import type { paths } from './schema';

type NameIn<P> = P extends `/api/compute/${infer N}` ? (N extends `{${string}` ? never : N) : never;
/** The calculators of the core by their names. */
export type Calculator = NameIn<keyof paths>;
type Post<N extends Calculator> = paths[`/api/compute/${N}`]['post'];
/** The question to a calculator. */
export type CaseOf<N extends Calculator> = Post<N>['requestBody']['content']['application/json'];
/** Its answer. */
export type ResultOf<N extends Calculator> = Post<N>['responses'][200]['content']['application/json'];

/** An answer is for one question, made up the same way each time: nothing to sort, nothing to compare, nothing that ages. */
const calculated = {
  staleTime: Number.POSITIVE_INFINITY,
  gcTime: 30_000,
  retry: false,
  structuralSharing: false,
  queryKeyHashFn: (hashed: readonly unknown[]) => JSON.stringify(hashed),
} as const;

/** One question to a calculator. The same question is never asked twice; a stale one is cancelled. */
export const calculation = <N extends Calculator>(name: N, ask: CaseOf<N>) =>
  queryOptions({
    ...calculated,
    queryKey: ['compute', name, ask] as const,
    queryFn: ({ signal }) => compute<ResultOf<N>>(name, ask, signal),
  });

const keep = <T>(before: T | undefined) => before;

/**
 * A calculator whose last answer stays on the screen until the next one is there, and also where a figure cannot be read. Nothing is
 * asked while there is no question.
 *
 * @param of what it is about: of another one no answer stays
 */
export function useCalculator<N extends Calculator>(name: N, ask: CaseOf<N> | null, of = '') {
  const query = useQuery({
    ...calculation(name, ask ?? ({} as CaseOf<N>)),
    enabled: ask !== null,
    placeholderData: keep,
  });
  const data = useLastGood<ResultOf<N>>(query, of);
  const { error, isPending, isError, isPlaceholderData, refetch } = query;
  return { data, error, isPending, isError, isPlaceholderData, refetch };
}

/** The same, with no answer between two questions. */
export const useFreshCalculator = <N extends Calculator>(name: N, ask: CaseOf<N> | null) =>
  useQuery({ ...calculation(name, ask ?? ({} as CaseOf<N>)), enabled: ask !== null });

export const useSchools = () => useQuery({ ...calculation('schools', {}), gcTime: Number.POSITIVE_INFINITY });
