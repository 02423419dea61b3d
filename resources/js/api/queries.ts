import { type QueryClient, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, client, type Schemas } from './client';

export type Angler = Schemas['Angler'];
export type Reel = Schemas['Reel'];
export type Spool = Schemas['Spool'];
export type Line = Schemas['Line'];
export type Filler = Schemas['Filler'];
export type SavedPlan = Schemas['Plan'];
export type Rod = Schemas['Rod'];
export type LogEvent = Schemas['Event'];
export type PlanCase = Schemas['PlanCase'];
export type PlanResult = Schemas['PlanResult'];

export const useAnglers = () => useQuery({ queryKey: ['anglers'], queryFn: () => answer(client.GET('/api/anglers')) });
export const useReels = () => useQuery({ queryKey: ['reels'], queryFn: () => answer(client.GET('/api/reels')) });
export const useLines = () => useQuery({ queryKey: ['lines'], queryFn: () => answer(client.GET('/api/lines')) });
export const useFillers = () => useQuery({ queryKey: ['fillers'], queryFn: () => answer(client.GET('/api/fillers')) });
export const usePlans = () => useQuery({ queryKey: ['plans'], queryFn: () => answer(client.GET('/api/plans')) });
export const useRods = () => useQuery({ queryKey: ['rods'], queryFn: () => answer(client.GET('/api/rods')) });

export const useSavedPlan = (id: number | null) =>
  useQuery({
    queryKey: ['plans', id],
    enabled: id !== null,
    queryFn: () => answer(client.GET('/api/plans/{id}', { params: { path: { id: id ?? 0 } } })),
  });

/** One question to the plan calculator. The same question is never asked twice. */
export const planQuery = (planCase: PlanCase) =>
  queryOptions({
    queryKey: ['compute', 'plan', planCase],
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 30_000,
    retry: false,
    queryFn: ({ signal }) => answer(client.POST('/api/compute/plan', { body: planCase, signal })),
  });

/** A plan worked out; asked again whenever the case changes, the stale question cancelled. */
export const usePlanResult = (planCase: PlanCase | null) =>
  useQuery({ ...planQuery(planCase ?? ({} as PlanCase)), enabled: planCase !== null });

/** A change that makes these lists stale. */
function useChange<V, R>(change: (value: V) => Promise<R>, ...stale: string[]) {
  const queries: QueryClient = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => Promise.all(stale.map((name) => queries.invalidateQueries({ queryKey: [name] }))),
  });
}

interface Change<B> {
  id: number;
  body: B;
}

const at = (id: number) => ({ params: { path: { id } } });

export const useChangeAngler = () =>
  useChange(
    ({ id, body }: Change<Schemas['AnglerChange']>) => answer(client.PATCH('/api/anglers/{id}', { ...at(id), body })),
    'anglers',
  );
export const useAddReel = () =>
  useChange((body: Schemas['NewReel']) => answer(client.POST('/api/reels', { body })), 'reels');
export const useChangeReel = () =>
  useChange(
    ({ id, body }: Change<Schemas['ReelChange']>) => answer(client.PATCH('/api/reels/{id}', { ...at(id), body })),
    'reels',
  );
export const useAddSpool = () =>
  useChange((body: Schemas['NewSpool']) => answer(client.POST('/api/spools', { body })), 'reels');
export const useChangeSpool = () =>
  useChange(
    ({ id, body }: Change<Schemas['SpoolChange']>) => answer(client.PATCH('/api/spools/{id}', { ...at(id), body })),
    'reels',
  );
export const useAddRod = () =>
  useChange((body: Schemas['NewRod']) => answer(client.POST('/api/rods', { body })), 'rods');
export const useChangeRod = () =>
  useChange(
    ({ id, body }: Change<Schemas['RodChange']>) => answer(client.PATCH('/api/rods/{id}', { ...at(id), body })),
    'rods',
  );
export const useAddLine = () =>
  useChange((body: Schemas['NewLine']) => answer(client.POST('/api/lines', { body })), 'lines');
export const useChangeLine = () =>
  useChange(
    ({ id, body }: Change<Schemas['LineChange']>) => answer(client.PATCH('/api/lines/{id}', { ...at(id), body })),
    'lines',
    'fillers',
    'reels',
  );
export const useAddFiller = () =>
  useChange((body: Schemas['NewFiller']) => answer(client.POST('/api/fillers', { body })), 'fillers');
export const useChangeFiller = () =>
  useChange(
    ({ id, body }: Change<Schemas['FillerChange']>) => answer(client.PATCH('/api/fillers/{id}', { ...at(id), body })),
    'fillers',
  );
export const useAddEvent = () =>
  useChange((body: LogEvent) => answer(client.POST('/api/events', { body })), 'fillers', 'reels');
export const useAddPlan = () =>
  useChange((body: Schemas['NewPlan']) => answer(client.POST('/api/plans', { body })), 'plans');
export const useChangePlan = () =>
  useChange(
    ({ id, body }: Change<Schemas['PlanChange']>) => answer(client.PATCH('/api/plans/{id}', { ...at(id), body })),
    'plans',
  );
