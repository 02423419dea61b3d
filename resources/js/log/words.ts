import type { LogEntry, LogEvent } from '../api/types';

/** What an entry of the log says was done. */
export const DID: Record<LogEvent['kind'], string> = {
  bought: 'Bought',
  stock_take: 'Counted',
  found_on_spool: 'Found on a spool',
  wound: 'Wound',
  topped_up: 'Topped up',
  cut_back: 'Cut back',
  lost: 'Lost',
  turned_over: 'Reversed',
  moved: 'Moved',
  stripped: 'Stripped',
  fished: 'Fished',
  measured: 'Level measured',
  inspected: 'Line checked',
  leader_tied: 'Leader',
  trouble: 'Trouble',
  drag_set: 'Drag set',
  retired: 'Retired',
  voided: 'Undone',
};

/** What can be said of a spool, and which fields it takes. */
export const SAYINGS = {
  fished: { word: 'Fished', fields: ['hours', 'cast', 'run', 'sun', 'rough'] },
  lost: { word: 'Lost', fields: ['metres'] },
  cut_back: { word: 'Cut back', fields: ['metres'] },
  topped_up: { word: 'Topped up', fields: ['metres', 'filler'] },
  level: { word: 'Level measured', fields: ['gap', 'readings'] },
  inspected: { word: 'Line checked', fields: ['found', 'from', 'until'] },
  leader: { word: 'Leader', fields: ['leader'] },
  turn_over: { word: 'Reversed', fields: [] },
  moved: { word: 'Moved', fields: ['to'] },
  main_off: { word: 'Main line stripped', fields: [] },
  off: { word: 'All line stripped', fields: [] },
} as const satisfies Record<string, { word: string; fields: readonly string[] }>;

export type Saying = keyof typeof SAYINGS;

/** The saying an entry was written by; null: it was written by a run, or in another place. */
export const sayingOf = (entry: LogEntry): Saying | null => {
  if (entry.outing) return 'fished';
  if (entry.level) return 'level';
  if (entry.inspection) return 'inspected';
  if (entry.leader) return 'leader';
  switch (entry.kind) {
    case 'lost':
    case 'cut_back':
    case 'topped_up':
    case 'moved':
      return entry.kind;
    case 'stripped':
      if (!entry.moves?.every((move) => move.to.kind === 'waste')) return null;
      // of one line alone it was the main line: where there was no backing that is all of it
      return new Set(entry.moves.map((move) => move.line)).size > 1 ? 'off' : 'main_off';
    case 'turned_over':
      return 'turn_over';
    default:
      return null;
  }
};

/** The day of an entry, for a field that takes days. */
export const dateOf = (iso: string) => {
  const at = new Date(iso);
  return `${at.getFullYear()}-${`${at.getMonth() + 1}`.padStart(2, '0')}-${`${at.getDate()}`.padStart(2, '0')}`;
};
