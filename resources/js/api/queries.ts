import {
  keepPreviousData,
  type QueryClient,
  queryOptions,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { answer, client, type Schemas } from './client';

export type Angler = Schemas['Angler'];
export type Reel = Schemas['Reel'];
export type Spool = Schemas['Spool'];
export type Line = Schemas['Line'];
export type Piece = Schemas['Piece'];
export type Filler = Schemas['Filler'];
export type SavedPlan = Schemas['Plan'];
export type Rod = Schemas['Rod'];
export type LogEvent = Schemas['Event'];
export type PlanCase = Schemas['PlanCase'];
export type PlanResult = Schemas['PlanResult'];
export type Run = Schemas['Run'];
export type RunMark = Schemas['RunMark'];
export type RunStep = Schemas['RunStep'];

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

/** A calculator's answer is for one question, made up the same way each time: nothing to sort, nothing to compare. */
const calculated = {
  staleTime: Number.POSITIVE_INFINITY,
  gcTime: 30_000,
  retry: false,
  structuralSharing: false,
  queryKeyHashFn: (key: readonly unknown[]) => JSON.stringify(key),
} as const;

/** One question to the plan calculator. The same question is never asked twice. */
export const planQuery = (planCase: PlanCase) =>
  queryOptions({
    ...calculated,
    queryKey: ['compute', 'plan', planCase],
    queryFn: ({ signal }) => answer(client.POST('/api/compute/plan', { body: planCase, signal })),
  });

/** A plan worked out; asked again whenever the case changes, the stale question cancelled. */
export const usePlanResult = (planCase: PlanCase | null) =>
  useQuery({ ...planQuery(planCase ?? ({} as PlanCase)), enabled: planCase !== null });

export type WaysResult = Schemas['WaysResult'];
export type Sentence = Schemas['Sentence'];

const keep = <T>(before: T | undefined) => before;
/** A calculator whose last answer stays on the screen until the next one is there. */
const standing = { ...calculated, placeholderData: keep } as const;

export const useWays = (ask: (PlanCase & { pace_turns_per_min?: number | null; spare?: boolean }) | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'ways', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) => answer(client.POST('/api/compute/ways', { body: ask ?? ({} as PlanCase), signal })),
  });

export const useMatch = (ask: Schemas['MatchCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'match', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/match', { body: ask ?? ({} as Schemas['MatchCase']), signal })),
  });

export const useChoice = (ask: Schemas['ChooseCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'choose', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/choose', { body: ask ?? ({} as Schemas['ChooseCase']), signal })),
  });

export const useMeasured = (ask: Schemas['MeasureCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'measure', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/measure', { body: ask ?? ({} as Schemas['MeasureCase']), signal })),
  });

export const useSchools = () =>
  useQuery({
    queryKey: ['compute', 'schools'],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => answer(client.POST('/api/compute/schools', { body: {} })),
  });

export const usePlacings = (ask: Schemas['PlacingsCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'placings', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/placings', { body: ask ?? ({} as Schemas['PlacingsCase']), signal })),
  });

export const useTwistLab = (ask: Schemas['TwistLabCase']) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'twist_lab', ask],
    queryFn: ({ signal }) => answer(client.POST('/api/compute/twist_lab', { body: ask, signal })),
  });

export type Counter = Schemas['Counter'];
/** The line counter as it was heard last, asked often while it is looked at. */
export const useCounter = (every: number) =>
  useQuery({
    queryKey: ['counter'],
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/counter', { signal })),
  });
export const driveCounter = (what: 'run' | 'stop' | 'stall' | 'pull', amount?: number) =>
  answer(client.POST('/api/devices/counter', { body: { do: what, ...(amount === undefined ? {} : { amount }) } }));

export type PullScale = Schemas['PullScale'];
/** The pull scale as it was heard last, asked often while it is looked at. */
export const useScale = (every: number | false) =>
  useQuery({
    queryKey: ['scale'],
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/scale', { signal })),
  });
export const driveScale = (what: 'drag' | 'target' | 'knob' | 'rise' | 'hold' | 'pull', amount?: number) =>
  answer(client.POST('/api/devices/scale', { body: { do: what, ...(amount === undefined ? {} : { amount }) } }));

/** The kitchen scale as it was heard last. */
export const useKitchen = (every: number) =>
  useQuery({
    queryKey: ['kitchen'],
    refetchInterval: every,
    gcTime: 0,
    queryFn: ({ signal }) => answer(client.GET('/api/devices/kitchen', { signal })),
  });
export const loadKitchen = (grams: number) =>
  answer(client.POST('/api/devices/kitchen', { body: { do: 'load', amount: grams } }));

export const useForget = () => useChange((id: number) => answer(client.DELETE('/api/pairing/{id}', at(id))), 'pairing');

export type JoinsCase = Schemas['JoinsCase'];
export type KnotId = Schemas['KnotId'];

export const useJoins = (ask: JoinsCase | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'joins', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) => answer(client.POST('/api/compute/joins', { body: ask ?? ({} as JoinsCase), signal })),
  });

export const useKnot = (knot: KnotId) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'knot', knot],
    queryFn: ({ signal }) => answer(client.POST('/api/compute/knot', { body: { knot }, signal })),
  });

export const useLeader = (ask: { leader_m: string; drop_m: string; path_m: string } | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'leader', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/leader', { body: ask ?? { leader_m: '', drop_m: '', path_m: '' }, signal })),
  });

export const useStripWays = (pieces: { material: Line['material']; length_m: number }[], worn: string) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'strip', pieces, worn],
    enabled: pieces.length > 0,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/strip', { body: { pieces, worn_m: worn || null }, signal })),
  });

export type DragCase = Schemas['DragCase'];
export type DragResult = Schemas['DragResult'];
export type DragNext = Schemas['DragNextResult'];
export type DragSetting = Schemas['DragSetting'];
export type DragSteps = Schemas['DragStepsResult'];

export const useDrag = (ask: DragCase | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'drag', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) => answer(client.POST('/api/compute/drag', { body: ask ?? {}, signal })),
  });

export const useDragNext = (ask: Schemas['DragNextCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'drag_next', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/drag_next', { body: ask ?? ({} as Schemas['DragNextCase']), signal })),
  });

export const useDragSteps = (ask: Schemas['DragStepsCase']) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'drag_steps', ask],
    queryFn: ({ signal }) => answer(client.POST('/api/compute/drag_steps', { body: ask, signal })),
  });

export const useStrikes = (ask: Schemas['StrikesCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'strikes', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/strikes', { body: ask ?? ({} as Schemas['StrikesCase']), signal })),
  });

export const useDragPractice = (ask: Schemas['DragPracticeCase'] | null) =>
  useQuery({
    ...standing,
    queryKey: ['compute', 'drag_practice', ask],
    enabled: ask !== null,
    queryFn: ({ signal }) =>
      answer(client.POST('/api/compute/drag_practice', { body: ask ?? ({} as Schemas['DragPracticeCase']), signal })),
  });

/** The settings of the drag of a spool in its reel, newest first. */
export const useDrags = (reel: number | undefined, spool: number | undefined) =>
  useQuery({
    queryKey: ['drags', reel, spool],
    enabled: reel !== undefined && spool !== undefined,
    queryFn: () => answer(client.GET('/api/drags', { params: { query: { reel: reel ?? 0, spool: spool ?? 0 } } })),
  });
export const useKeepDrag = () =>
  useChange((body: Schemas['NewDrag']) => answer(client.POST('/api/drags', { body })), 'drags', 'events');
/** Runs, those that are going on first. */
export const useRuns = () => useQuery({ queryKey: ['runs'], queryFn: () => answer(client.GET('/api/runs')) });

/** What changes when a run writes down what is wound. */
const WRITTEN = ['runs', 'fillers', 'reels', 'lines', 'events', 'upkeep', 'day'];

export const useBeginRun = () =>
  useChange((body: Schemas['NewRun']) => answer(client.POST('/api/runs', { body })), 'runs', 'lines');
export const useTakeRunBack = () =>
  useChange(
    (uuid: string) => answer(client.POST('/api/runs/{uuid}/take-back', { params: { path: { uuid } } })),
    ...WRITTEN,
    'run',
  );
/** Lists that a mark of a run may have made stale. */
export const afterWriting = (queries: QueryClient) =>
  Promise.all(WRITTEN.map((name) => queries.invalidateQueries({ queryKey: [name] })));

export type LogEntry = Schemas['LogEntry'];
export type Care = Schemas['Care'];
export type Learnt = Schemas['Learnt'];
export type StockLine = Schemas['StockLine'];
export type DayResult = Schemas['DayResult'];
export type DayWish = Schemas['DayWish'];

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
    queryKey: ['events', 'log', wish],
    initialPageParam: '',
    placeholderData: keepPreviousData,
    queryFn: ({ pageParam, signal }) =>
      answer(
        client.GET('/api/log', {
          params: { query: { ...wish, ...(pageParam ? { after: pageParam } : {}) } },
          signal,
        }),
      ),
    getNextPageParam: (page) => page.more ?? undefined,
  });

const as = (angler: number | undefined) => (angler === undefined ? {} : { angler });
export const useUpkeep = (angler: number | undefined) =>
  useQuery({
    queryKey: ['upkeep', angler],
    placeholderData: keepPreviousData,
    queryFn: () => answer(client.GET('/api/upkeep', { params: { query: as(angler) } })),
  });
export const useSpoolHistory = (spool: number, angler: number | undefined, until = '') =>
  useQuery({
    queryKey: ['upkeep', 'history', spool, angler, until],
    placeholderData: (before, query) => (query?.queryKey[2] === spool ? before : undefined),
    queryFn: () =>
      answer(
        client.GET('/api/spools/{id}/history', {
          params: { path: { id: spool }, query: { ...as(angler), ...(until ? { until } : {}) } },
        }),
      ),
  });
export const useLearnt = () =>
  useQuery({ queryKey: ['upkeep', 'learnt'], queryFn: () => answer(client.GET('/api/learnt')) });
/** What a plan is told of its spool and lines; null until it is known, or where there is nothing. */
export const useLearntForPlan = (spool: number | undefined, main: number | undefined, backing: number | undefined) =>
  useQuery({
    queryKey: ['upkeep', 'plan', spool, main, backing],
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
export const useStock = () =>
  useQuery({ queryKey: ['upkeep', 'stock'], queryFn: () => answer(client.GET('/api/stock')) });
export const usePacks = () => useQuery({ queryKey: ['packs'], queryFn: () => answer(client.GET('/api/packs')) });
export const useAddPack = () =>
  useChange(
    (body: { line: number; length: string; price: string }) => answer(client.POST('/api/packs', { body })),
    'packs',
    'day',
    'upkeep',
  );
export const useChangePack = () =>
  useChange(
    ({ id, archived }: { id: number; archived: boolean }) =>
      answer(client.PATCH('/api/packs/{id}', { params: { path: { id } }, body: { archived } })),
    'packs',
    'day',
    'upkeep',
  );
export const useDayUsual = () =>
  useQuery({ queryKey: ['day', 'usual'], queryFn: () => answer(client.GET('/api/day')) });
export const useDay = (ask: Schemas['DayCase'] | null) =>
  useQuery({
    queryKey: ['day', ask],
    enabled: ask !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: ({ signal }) => answer(client.POST('/api/day', { body: ask ?? { jobs: [] }, signal })),
  });
export const useCalendars = () =>
  useQuery({ queryKey: ['calendar'], queryFn: () => answer(client.GET('/api/calendar')) });
export const useFollow = () => useChange(() => answer(client.POST('/api/calendar')), 'calendar');
export const useRevoke = () =>
  useChange((id: number) => answer(client.DELETE('/api/calendar/{id}', at(id))), 'calendar');
/** What an entry of the log changes. */
const LOGGED = ['events', 'fillers', 'reels', 'drags', 'upkeep', 'day'];
export const useAddEntry = () =>
  useChange(
    ({ id, body }: Change<Schemas['NewEntry']>) => answer(client.POST('/api/spools/{id}/entries', { ...at(id), body })),
    ...LOGGED,
  );

export const useEvents = () => useQuery({ queryKey: ['events'], queryFn: () => answer(client.GET('/api/events')) });

export const useImport = () =>
  useChange(
    (body: { text: string; table: Schemas['DataTable'] | null; take: boolean }) =>
      answer(client.POST('/api/data/import', { body })),
    'reels',
    'lines',
    'fillers',
    'plans',
    'rods',
    'anglers',
    'events',
  );

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

/** One change of an angler after the other, each of what this window has seen last: another window's is not written over unseen. */
export const useChangeAngler = () => {
  const queries = useQueryClient();
  const stale = () =>
    Promise.all(['anglers', 'upkeep', 'day'].map((name) => queries.invalidateQueries({ queryKey: [name] })));
  return useMutation({
    scope: { id: 'angler' },
    mutationFn: ({ id, body }: Change<Schemas['AnglerChange']>) => {
      const version = queries.getQueryData<Angler[]>(['anglers'])?.find((angler) => angler.id === id)?.version;
      return answer(
        client.PATCH('/api/anglers/{id}', { ...at(id), body: { ...(version ? { version } : {}), ...body } }),
      );
    },
    onSuccess: (changed) => {
      queries.setQueryData<Angler[]>(['anglers'], (all) =>
        all?.map((each) => (each.id === changed.id ? changed : each)),
      );
      return stale();
    },
    onError: stale,
  });
};
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
  useChange((body: Schemas['NewFiller']) => answer(client.POST('/api/fillers', { body })), 'fillers', 'events');
export const useChangeFiller = () =>
  useChange(
    ({ id, body }: Change<Schemas['FillerChange']>) => answer(client.PATCH('/api/fillers/{id}', { ...at(id), body })),
    'fillers',
  );
export const useAddEvent = () => useChange((body: LogEvent) => answer(client.POST('/api/events', { body })), ...LOGGED);
export const useAddPlan = () =>
  useChange((body: Schemas['NewPlan']) => answer(client.POST('/api/plans', { body })), 'plans');
export const useChangePlan = () =>
  useChange(
    ({ id, body }: Change<Schemas['PlanChange']>) => answer(client.PATCH('/api/plans/{id}', { ...at(id), body })),
    'plans',
  );
