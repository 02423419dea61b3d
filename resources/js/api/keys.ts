import type { QueryClient } from '@tanstack/react-query';

/** The first word of every key there is: what goes stale goes by it. */
type Root =
  | 'anglers'
  | 'bench'
  | 'reels'
  | 'lines'
  | 'fillers'
  | 'plans'
  | 'rods'
  | 'runs'
  | 'run'
  | 'ahead'
  | 'events'
  | 'drags'
  | 'upkeep'
  | 'stock'
  | 'packs'
  | 'learnt'
  | 'day'
  | 'days'
  | 'calendar'
  | 'imports'
  | 'pairing'
  | 'practised'
  | 'account';

/** A key by its root and what narrows it down. */
export const key = (root: Root, ...of: unknown[]) => [root, ...of] as const;

/** What is worked out from the records and the log together. */
const WORKED_OUT: Root[] = ['upkeep', 'stock', 'learnt', 'day'];
/** What an entry of the log changes. */
const LOGGED: Root[] = ['events', 'days', 'fillers', 'reels', 'drags', ...WORKED_OUT];

/** What each kind of change makes stale. One table, so that no list forgets one. */
const STALE = {
  angler: ['anglers', ...WORKED_OUT],
  reel: ['reels', ...WORKED_OUT],
  rod: ['rods'],
  line: ['lines', 'fillers', 'reels', ...WORKED_OUT],
  filler: ['fillers', 'events', 'packs', ...WORKED_OUT],
  pack: ['packs', ...WORKED_OUT],
  plan: ['plans'],
  day: ['days'],
  entry: LOGGED,
  drag: ['drags', 'events'],
  runBegun: ['runs', 'lines'],
  /** what is wound is written down */
  runWritten: ['anglers', 'runs', 'lines', ...LOGGED],
  runTakenBack: ['runs', 'run', 'lines', ...LOGGED],
  import: [
    'imports',
    'practised',
    'anglers',
    'reels',
    'lines',
    'fillers',
    'plans',
    'rods',
    'runs',
    'run',
    'packs',
    ...LOGGED,
  ],
  calendar: ['calendar'],
  pairing: ['pairing'],
  practised: ['practised'],
  account: ['account'],
} as const satisfies Record<string, Root[]>;

export type Happening = keyof typeof STALE;

/** Everything that a change has made stale is asked for again. What is asked for the first time may have been read before the change: it is dropped. */
export const stale = (queries: QueryClient, happening: Happening) =>
  Promise.all(
    STALE[happening].map(async (root) => {
      const filters = { queryKey: [root] };
      await queries.cancelQueries({ ...filters, predicate: (query) => query.state.data === undefined });
      await queries.invalidateQueries(filters);
    }),
  );
