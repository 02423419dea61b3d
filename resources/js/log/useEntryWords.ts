import type { Schemas } from '../api/client';
import { useAllLines, useAnglers, useFillers, useReels } from '../api/records';
import type { LogEntry } from '../api/types';
import { woundWords } from '../parts/known';
import { leaderWords } from '../parts/leader';
import { useBench } from '../shell/bench';
import { force, length, small, type Units, within, words } from '../units/units';

/** Puts an entry of the log into words: where it was, and what it says. */
export function useEntryWords() {
  const { units } = useBench();
  const { data: lines = [] } = useAllLines();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { data: anglers = [] } = useAnglers();
  return (entry: LogEntry): { where: string; facts: string[] } => {
    const reel = reels.find((each) => each.spools.some((spool) => spool.id === entry.spool));
    const spool = reel?.spools.find((each) => each.id === entry.spool);
    const name = (line: number) => lines.find((each) => each.id === line)?.name ?? 'line';
    const filler = entry.counts?.find((count) => count.at.kind === 'filler')?.at.id;
    return {
      where: reel ? `${reel.name}, ${spool?.name}` : '',
      facts: [
        ...moved(entry).map((each) => woundWords(each, units, name(each.line))),
        ...(entry.counts ?? []).map(
          (count) => `${within(Number(count.length_m), count.half_m, units, 0)} ${name(count.line)} counted`,
        ),
        filler ? (fillers.find((each) => each.id === filler)?.name ?? '') : '',
        ...outing(entry, units),
        entry.level
          ? `${words(small(entry.level.gap_mm, units))} below the lip, ${entry.level.readings === 1 ? 'one reading' : `${entry.level.readings} readings`}${entry.level.counts ? (entry.level.keep ? ', counted all the same' : '') : ', left out of what is learnt'}`
          : '',
        inspection(entry, units),
        entry.trouble ? [entry.trouble.words, entry.trouble.cause_words].filter(Boolean).join(': ') : '',
        leader(entry, units),
        dragSet(entry, units),
        entry.note ?? '',
        anglers.find((each) => each.id === entry.angler)?.name ?? '',
      ].filter(Boolean),
    };
  };
}

function leader({ leader }: LogEntry, units: Units): string {
  return leader ? (leader.off ? 'none is on' : leaderWords(leader, units)) : '';
}

/** What was measured, not what was aimed at. */
function dragSet({ drag }: LogEntry, units: Units): string {
  if (!drag) return '';
  if (drag.median_N === null) return `set by hand, not measured; target ${words(force(drag.target_N, units))}`;
  return [
    words(force(drag.median_N, units)),
    drag.peaks_only ? 'by its peaks' : '',
    drag.line_out_m === null ? '' : `with ${words(length(drag.line_out_m, units, 0))} of line out`,
    drag.pulls === 1 ? 'one pull' : `${drag.pulls} pulls`,
    drag.scattered ? 'scattered' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

interface Moved {
  line: number;
  length_m: number;
  half_m: number;
  known: Schemas['KnownBy'];
}

/** What moved, line by line; over a carrier and back counts once. */
function moved(entry: LogEntry): Moved[] {
  const sums = new Map<number, Moved>();
  for (const move of entry.moves ?? []) {
    if (move.to.kind === 'carrier' || (entry.kind === 'topped_up' && move.from.kind === 'carrier')) continue;
    const before = sums.get(move.line);
    sums.set(move.line, {
      line: move.line,
      length_m: (before?.length_m ?? 0) + Number(move.length_m),
      // the doubt stands with one of an entry's moves
      half_m: before?.half_m || move.half_m || 0,
      known: before?.known ?? move.known ?? [],
    });
  }
  return [...sums.values()];
}

function outing({ outing: day }: LogEntry, units: Units): string[] {
  if (!day) return [];
  return [
    day.hours === null ? '' : `${day.hours} h`,
    day.cast_m === null ? '' : `cast ${words(length(day.cast_m, units, 0))}`,
    day.run_m === null ? '' : `a run of ${words(length(day.run_m, units, 0))}`,
    day.sun ? 'heavy sun' : '',
    day.rough ? 'rough ground' : '',
  ].filter(Boolean);
}

function inspection({ inspection: found }: LogEntry, units: Units): string {
  if (!found) return '';
  if (found.from_m === null && found.until_m === null) return `${found.found}, all along`;
  return `${found.found} ${[
    found.from_m === null ? '' : `from ${words(length(found.from_m, units))}`,
    found.until_m === null ? '' : `to ${words(length(found.until_m, units))}`,
  ]
    .filter(Boolean)
    .join(' ')} off its end`;
}
