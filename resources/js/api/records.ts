import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { at, type Change, useChange } from './change';
import { answer, client, type Schemas } from './client';
import { key, stale } from './keys';
import type { Angler, Line } from './types';

export const useAnglers = () =>
  useQuery({ queryKey: key('anglers'), queryFn: () => answer(client.GET('/api/anglers')) });
/** The spool that was used last; what is on the bench does not change under one's hands while the page is open. */
export const useLastUsed = () =>
  useQuery({
    queryKey: key('bench'),
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answer(client.GET('/api/bench')),
  });
export const useReels = () => useQuery({ queryKey: key('reels'), queryFn: () => answer(client.GET('/api/reels')) });
const lines = { queryKey: key('lines'), queryFn: () => answer(client.GET('/api/lines')) };
/** Every line there is a name for, those put away too: what lies on spools and stands in the log is among them. */
export const useAllLines = () => useQuery(lines);
const listed = (all: Line[]) => all.filter((line) => !line.archived);
/** The lines to pick from. */
export const useLines = () => useQuery({ ...lines, select: listed });
export const useFillers = () =>
  useQuery({ queryKey: key('fillers'), queryFn: () => answer(client.GET('/api/fillers')) });
export const usePlans = () => useQuery({ queryKey: key('plans'), queryFn: () => answer(client.GET('/api/plans')) });
export const useRods = () => useQuery({ queryKey: key('rods'), queryFn: () => answer(client.GET('/api/rods')) });

export const useSavedPlan = (id: number | null) =>
  useQuery({
    queryKey: key('plans', id),
    enabled: id !== null,
    queryFn: () => answer(client.GET('/api/plans/{id}', at(id ?? 0))),
  });

/** One change of an angler after the other, each of what this window has seen last: another window's is not written over unseen. */
export const useChangeAngler = () => {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: 'angler' },
    mutationFn: ({ id, body }: Change<Schemas['AnglerChange']>) => {
      const version = queries.getQueryData<Angler[]>(key('anglers'))?.find((angler) => angler.id === id)?.version;
      return answer(
        client.PATCH('/api/anglers/{id}', { ...at(id), body: { ...(version ? { version } : {}), ...body } }),
      );
    },
    onSuccess: (changed) => {
      queries.setQueryData<Angler[]>(key('anglers'), (all) =>
        all?.map((each) => (each.id === changed.id ? changed : each)),
      );
      return stale(queries, 'angler');
    },
    onError: () => stale(queries, 'angler'),
  });
};

export const useAddReel = () =>
  useChange('reel', (body: Schemas['NewReel']) => answer(client.POST('/api/reels', { body })));
export const useChangeReel = () =>
  useChange('reel', ({ id, body }: Change<Schemas['ReelChange']>) =>
    answer(client.PATCH('/api/reels/{id}', { ...at(id), body })),
  );
export const useAddSpool = () =>
  useChange('reel', (body: Schemas['NewSpool']) => answer(client.POST('/api/spools', { body })));
export const useChangeSpool = () =>
  useChange('reel', ({ id, body }: Change<Schemas['SpoolChange']>) =>
    answer(client.PATCH('/api/spools/{id}', { ...at(id), body })),
  );
export const useAddRod = () =>
  useChange('rod', (body: Schemas['NewRod']) => answer(client.POST('/api/rods', { body })));
export const useChangeRod = () =>
  useChange('rod', ({ id, body }: Change<Schemas['RodChange']>) =>
    answer(client.PATCH('/api/rods/{id}', { ...at(id), body })),
  );
export const useAddLine = () =>
  useChange('line', (body: Schemas['NewLine']) => answer(client.POST('/api/lines', { body })));
export const useChangeLine = () =>
  useChange('line', ({ id, body }: Change<Schemas['LineChange']>) =>
    answer(client.PATCH('/api/lines/{id}', { ...at(id), body })),
  );
export const useAddFiller = () =>
  useChange('filler', (body: Schemas['NewFiller']) => answer(client.POST('/api/fillers', { body })));
export const useChangeFiller = () =>
  useChange('filler', ({ id, body }: Change<Schemas['FillerChange']>) =>
    answer(client.PATCH('/api/fillers/{id}', { ...at(id), body })),
  );
export const useAddPlan = () =>
  useChange('plan', (body: Schemas['NewPlan']) => answer(client.POST('/api/plans', { body })));
export const useChangePlan = () =>
  useChange('plan', ({ id, body }: Change<Schemas['PlanChange']>) =>
    answer(client.PATCH('/api/plans/{id}', { ...at(id), body })),
  );

export const useImport = () =>
  useChange('import', (body: { text: string; table: Schemas['DataTable'] | null; take: boolean }) =>
    answer(client.POST('/api/data/import', { body })),
  );

/** What was imported, the newest first. */
export const useImports = () =>
  useQuery({ queryKey: key('imports'), queryFn: () => answer(client.GET('/api/data/imports')) });
export const useTakeImportBack = () =>
  useChange('import', (uuid: string) =>
    answer(client.POST('/api/data/imports/{uuid}/take-back', { params: { path: { uuid } } })),
  );

export const useForget = () => useChange('pairing', (id: number) => answer(client.DELETE('/api/pairing/{id}', at(id))));
