import { useDebouncedCallback } from '@mantine/hooks';
import { useCallback, useRef, useState } from 'react';
import { Problem } from '../api/client';
import { useAddDay, useChangeDay, useDays } from '../api/stock';
import { day as inWords } from '../parts/day';
import { done, failed } from '../parts/undo';
import { useLinked } from '../parts/useLinked';
import { useBench } from '../shell/bench';
import { useNavigate, useParams } from '../shell/route';

/** Spools by number; what is wanted on them where it is not as usual; pins and forbidden sources; what was ticked by hand. */
export const START = { spools: '', wish: '', pin: '', forbid: '', pieces: '1', done: '' };
export type DayDraft = typeof START;

/** After the last change, ms. */
const REST = 350;

/** A bench day: in the address until it is kept, on the server from then on, the same on every device. */
export function useKeptDay() {
  const { angler } = useBench();
  const { id } = useParams();
  const navigate = useNavigate();
  const days = useDays();
  const add = useAddDay();
  const change = useChangeDay();
  const [linked, link] = useLinked(START);
  const kept = days.data?.find((each) => String(each.id) === id);
  // what was changed here and is still on its way
  const [ahead, setAhead] = useState<Partial<DayDraft>>({});
  const at: DayDraft = kept ? { ...START, ...kept.draft, ...ahead } : linked;
  const latest = useRef({ ahead, days });
  latest.current = { ahead, days };
  const save = useCallback(async (): Promise<void> => {
    const { ahead: sent, days: now } = latest.current;
    const mine = (all: typeof now.data) => all?.find((each) => String(each.id) === id);
    const write = async (day: ReturnType<typeof mine>) =>
      day &&
      change.mutateAsync({ id: day.id, body: { version: day.version, draft: { ...START, ...day.draft, ...sent } } });
    try {
      await write(mine(now.data)).catch(async (error: unknown) => {
        if (!(error instanceof Problem) || error.status !== 409) throw error;
        // another device was quicker: what was changed here goes over what is there now
        return write(mine((await now.refetch()).data));
      });
      // what was changed again meanwhile is still on its way
      setAhead((since) =>
        Object.fromEntries(Object.entries(since).filter(([key, value]) => sent[key as keyof DayDraft] !== value)),
      );
    } catch (error) {
      failed(error);
    }
  }, [change, id]);
  const later = useDebouncedCallback(() => void save(), { delay: REST, flushOnUnmount: true });
  const set = (next: Partial<DayDraft>) => {
    if (!kept) return link(next);
    // at once, so that what leaves the place takes it along
    latest.current = { ahead: { ...latest.current.ahead, ...next }, days };
    setAhead(latest.current.ahead);
    later();
  };
  /** Keeps it from now on; the number it has then. */
  const keep = async (): Promise<number | null> => {
    if (kept) return kept.id;
    try {
      const made = await add.mutateAsync({
        name: `Bench day of ${inWords(new Date().toISOString())}`,
        angler: angler?.id ?? null,
        draft: at,
      });
      return made.id;
    } catch (error) {
      failed(error);
      return null;
    }
  };
  const end = async () => {
    if (!kept) return;
    try {
      await change.mutateAsync({ id: kept.id, body: { archived: true } });
      navigate('/day');
      done(`${kept.name} archived.`, () => change.mutateAsync({ id: kept.id, body: { archived: false } }));
    } catch (error) {
      failed(error);
    }
  };
  return {
    at,
    set,
    kept,
    days,
    gone: id !== undefined && days.data !== undefined && !kept,
    keep,
    end,
    keeping: add.isPending,
  };
}
