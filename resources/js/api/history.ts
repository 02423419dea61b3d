import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { at, type Change, useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key } from './keys';
import type { LogEvent } from './types';

export interface LogWish {
  q?: string;
  kind?: string;
  spool?: number;
  from?: string;
  to?: string;
}
/** The log page by page, as far as it was asked for. */
export const useLog = (wish: LogWish) =>
  useInfiniteQuery({
    queryKey: key('events', 'log', wish),
    initialPageParam: '',
    placeholderData: keepPreviousData,
    queryFn: ({ pageParam, signal }) =>
      answer(
        client.GET('/api/log', { params: { query: { ...wish, ...(pageParam ? { after: pageParam } : {}) } }, signal }),
      ),
    getNextPageParam: (page) => page.more ?? undefined,
  });

export const useEvents = () => useQuery({ queryKey: key('events'), queryFn: () => answer(client.GET('/api/events')) });
export const useAddEvent = () => useChange('entry', (body: LogEvent) => answer(client.POST('/api/events', { body })));
export const useAddEntry = () =>
  useChange('entry', ({ id, body }: Change<Schemas['NewEntry']>) =>
    answer(client.POST('/api/spools/{id}/entries', { ...at(id), body })),
  );

/** The settings of the drag of a spool in its reel, newest first. */
export const useDrags = (reel: number | undefined, spool: number | undefined) =>
  useQuery({
    queryKey: key('drags', reel, spool),
    enabled: reel !== undefined && spool !== undefined,
    queryFn: () => answer(client.GET('/api/drags', { params: { query: { reel: reel ?? 0, spool: spool ?? 0 } } })),
  });
export const useKeepDrag = () =>
  useChange('drag', (body: Schemas['NewDrag']) => answer(client.POST('/api/drags', { body })));
