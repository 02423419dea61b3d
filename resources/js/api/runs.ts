import { type QueryClient, useQuery } from '@tanstack/react-query';
import { useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key, stale } from './keys';

/** Runs, those that are going on first. */
export const useRuns = () => useQuery({ queryKey: key('runs'), queryFn: () => answer(client.GET('/api/runs')) });

/** One run as it stands. */
export const useRunOf = (uuid: string | undefined) =>
  useQuery({
    queryKey: key('runs', uuid),
    enabled: uuid !== undefined,
    queryFn: () => answer(client.GET('/api/runs/{uuid}', { params: { path: { uuid: uuid ?? '' } } })),
  });
export const useBeginRun = () =>
  useChange('runBegun', (body: Schemas['NewRun']) => answer(client.POST('/api/runs', { body })));
export const useTakeRunBack = () =>
  useChange('runTakenBack', (uuid: string) =>
    answer(client.POST('/api/runs/{uuid}/take-back', { params: { path: { uuid } } })),
  );
/** Lists that a mark of a run may have made stale. */
export const afterWriting = (queries: QueryClient) => stale(queries, 'runWritten');
