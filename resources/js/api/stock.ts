import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { at, type Change, useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key } from './keys';
import { useLastGood } from './lastGood';

export const useStock = () => useQuery({ queryKey: key('stock'), queryFn: () => answer(client.GET('/api/stock')) });
export const usePacks = () => useQuery({ queryKey: key('packs'), queryFn: () => answer(client.GET('/api/packs')) });
export const useAddPack = () =>
  useChange('pack', (body: { line: number; length: string; price: string }) =>
    answer(client.POST('/api/packs', { body })),
  );
export const useChangePack = () =>
  useChange('pack', ({ id, archived }: { id: number; archived: boolean }) =>
    answer(client.PATCH('/api/packs/{id}', { ...at(id), body: { archived } })),
  );

/** What is usually wanted on each spool. */
export const useDayUsual = () =>
  useQuery({ queryKey: key('day', 'usual'), queryFn: () => answer(client.GET('/api/day')) });
export function useDay(ask: Schemas['DayCase'] | null) {
  const query = useQuery({
    queryKey: key('day', ask),
    enabled: ask !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: ({ signal }) => answer(client.POST('/api/day', { body: ask ?? { jobs: [] }, signal })),
  });
  const data = useLastGood(query);
  return { data, error: query.error, isPlaceholderData: query.isPlaceholderData };
}

/** Bench days that are kept, newest first. */
export const useDays = () => useQuery({ queryKey: key('days'), queryFn: () => answer(client.GET('/api/days')) });
export const useAddDay = () =>
  useChange('day', (body: Schemas['NewKeptDay']) => answer(client.POST('/api/days', { body })));
export const useChangeDay = () =>
  useChange('day', ({ id, body }: Change<Schemas['KeptDayChange']>) =>
    answer(client.PATCH('/api/days/{id}', { ...at(id), body })),
  );
