import { useAllLines, useFillers, useReels } from '../api/records';
import type { DayResult } from '../api/types';
import { fillerName } from '../parts/fillerName';
import { useBench } from '../shell/bench';
import { length, words } from '../units/units';
import { is, refOf } from './refs';

/** What the spools and sources of a bench day are called. */
export function useDayWords(day: DayResult | undefined) {
  const { units } = useBench();
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { data: lines = [] } = useAllLines();
  const line = (id: number) => lines.find((each) => each.id === id);
  const job = (name: string): string => {
    const reel = reels.find((each) => each.spools.some((spool) => is(name, 'spool', spool.id)));
    const spool = reel?.spools.find((each) => is(name, 'spool', each.id));
    return reel ? `${reel.name}, ${spool?.name ?? ''}` : name;
  };
  const source = (name: string): string => {
    const ref = refOf(name);
    const filler = ref?.kind === 'filler' ? fillers.find((each) => each.id === ref.id) : undefined;
    if (filler)
      return filler.full_length_m === null
        ? `${fillerName(filler, fillers)}, filler spool`
        : `${fillerName(filler, fillers)}, filler spool of ${words(length(filler.full_length_m, units, 0))}`;
    if (ref?.kind === 'spool') return `the old line from ${job(name)}`;
    const pack = ref?.kind === 'pack' ? day?.packs[ref.id] : undefined;
    return pack ? `${line(pack.line)?.name}, new spool of ${words(length(pack.length_m, units, 0))}` : name;
  };
  return { job, source, line, lines };
}
