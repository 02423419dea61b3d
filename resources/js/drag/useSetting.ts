import { useLocalStorage } from '@mantine/hooks';
import { useCallback } from 'react';
import { useCalculator } from '../api/calculators';
import { type Units, withUnit } from '../units/units';
import type { Knob } from './knob';

/** One pull as it was typed or read. */
export interface Pulled {
  position: string;
  startUp: string;
  running: string;
  /** it was asked about, and stands */
  sure?: boolean;
}
interface Held {
  /** the kind of knob these places are of */
  knob: string;
  pulls: Pulled[];
  /** where the knob stands now */
  position: string;
  /** counted from fully backed off */
  fromOff: boolean;
}
const NONE: Held = { knob: '', pulls: [], position: '', fromOff: true };

/** Kept on this computer: nothing typed is lost by a reload. */
const useStore = (key: string) =>
  useLocalStorage<Held>({ key: `undro-drag ${key}`, defaultValue: NONE, getInitialValueInEffect: false });

/** What is held of a setting that goes on. */
export const useHeld = (key: string): Held => useStore(key)[0];

interface Asked {
  key: string;
  target: number | null;
  knob: Knob;
  stop: string;
  /** what the weakest link bears where it is read, N */
  weakest: number | null;
  units: Units;
}

/** The pulls at one setting and what to do next by all of them. */
export function useSetting({ key, target, knob, stop, weakest, units }: Asked) {
  const [held, setHeld] = useStore(key);
  // another knob, another count: the places of the old one mean nothing on it
  const now = held.knob === '' || held.knob === knob ? held : NONE;
  const force = (typed: string) => withUnit(typed, units.force);
  const pulls = now.pulls.map((pull) => ({
    position: pull.position || '0',
    running_N: pull.running.trim() === '' ? null : force(pull.running),
    start_up_N: pull.startUp.trim() === '' ? null : force(pull.startUp),
    sure: pull.sure === true,
  }));
  // counted from fully backed off it goes no lower; a lever goes no farther than its strike stop
  const limits = {
    min: now.fromOff || knob === 'notch' ? '0' : null,
    max: knob === 'notch' && stop.trim() !== '' ? stop : null,
  };
  const next = useCalculator(
    'drag_next',
    target === null || pulls.length === 0 ? null : { target_N: target, knob, limits, pulls, weakest_N: weakest },
  );
  const change = useCallback(
    (make: (before: Held) => Partial<Held>) =>
      setHeld((before) => {
        const base = before.knob === '' || before.knob === knob ? before : NONE;
        return { ...base, knob, ...make(base) };
      }),
    [setHeld, knob],
  );
  const add = useCallback(
    (pull: Omit<Pulled, 'position'>) => {
      change((before) => ({ pulls: [...before.pulls, { position: before.position || '0', ...pull }] }));
    },
    [change],
  );
  return {
    held: now,
    pulls,
    limits,
    // the last answer stays until the next one is there, and counts for nothing meanwhile
    next: pulls.length === 0 ? undefined : next.data,
    fresh: !next.isPlaceholderData,
    problem: next.error,
    change,
    add,
    /** one pull as it is put right, or as it stands all the same */
    put: (index: number, pull: Partial<Pulled>) =>
      change((before) => ({ pulls: before.pulls.map((each, i) => (i === index ? { ...each, ...pull } : each)) })),
    takeOut: (index: number) => change((before) => ({ pulls: before.pulls.filter((_, i) => i !== index) })),
    stands: (position: string) => change(() => ({ position })),
    takeBack: () => change((before) => ({ pulls: before.pulls.slice(0, -1) })),
    anew: () => change(() => ({ pulls: [], position: '' })),
  };
}

export type Setting = ReturnType<typeof useSetting>;
