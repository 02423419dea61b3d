import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { at, useChange } from './change';
import { answer, client } from './client';
import { key } from './keys';
import { useAnglers } from './records';

const as = (angler: number | undefined) => (angler === undefined ? {} : { angler });

export const useUpkeep = (angler: number | undefined) => {
  // who is at the bench is known first: it is not asked twice
  const { isPending } = useAnglers();
  return useQuery({
    queryKey: key('upkeep', angler),
    enabled: !isPending,
    placeholderData: keepPreviousData,
    queryFn: () => answer(client.GET('/api/upkeep', { params: { query: as(angler) } })),
  });
};
export const useSpoolHistory = (spool: number, angler: number | undefined, until = '') =>
  useQuery({
    queryKey: key('upkeep', 'history', spool, angler, until),
    placeholderData: (before, query) => (query?.queryKey[2] === spool ? before : undefined),
    queryFn: () =>
      answer(
        client.GET('/api/spools/{id}/history', {
          params: { path: { id: spool }, query: { ...as(angler), ...(until ? { until } : {}) } },
        }),
      ),
  });

export const useLearnt = () => useQuery({ queryKey: key('learnt'), queryFn: () => answer(client.GET('/api/learnt')) });
/** What a plan is told of its spool and lines; null until it is known, or where there is nothing. */
export const useLearntForPlan = (spool: number | undefined, main: number | undefined, backing: number | undefined) =>
  useQuery({
    queryKey: key('learnt', 'plan', spool, main, backing),
    enabled: spool !== undefined,
    queryFn: () =>
      answer(
        client.GET('/api/learnt/plan', {
          params: {
            query: {
              spool: spool ?? 0,
              ...(main === undefined ? {} : { main }),
              ...(backing === undefined ? {} : { backing }),
            },
          },
        }),
      ),
  });

export const useCalendars = () =>
  useQuery({ queryKey: key('calendar'), queryFn: () => answer(client.GET('/api/calendar')) });
export const useFollow = () => useChange('calendar', () => answer(client.POST('/api/calendar')));
export const useRevoke = () =>
  useChange('calendar', (id: number) => answer(client.DELETE('/api/calendar/{id}', at(id))));
