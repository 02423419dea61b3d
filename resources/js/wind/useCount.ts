import { useCallback, useEffect, useRef, useState } from 'react';
import { useLatest } from '../parts/useLatest';
import * as beats from './beat';
import { tick } from './sound';
import type { Tell } from './useRun';

/** How often the beat is looked at, ms. */
const LOOK = 50;

interface CountProps {
  tell: Tell;
  pace: number;
  sound: boolean;
  slow: boolean;
  /** turns so far on this layer */
  soFar: number;
  /** turns left; the beat stops there */
  left: number | null;
}

/** Counting handle turns: by tap, or by a steady beat that taps put right. */
export function useCount({ tell, pace, sound, slow, soFar, left }: CountProps) {
  const [beat, setBeat] = useState(() => beats.still(pace));
  const [bounced, setBounced] = useState(false);
  // the beat changes faster than it is drawn: every change goes through here
  const now = useRef(beat);
  const seen = useLatest({ sound, slow, soFar });
  const take = useCallback(
    ([turns, after]: [number, beats.Beat]) => {
      now.current = after;
      setBeat(after);
      if (turns === 0) return;
      tell({ kind: 'turns', turns });
      if (seen.current.sound) tick(seen.current.slow ? 'slow' : 'turn');
    },
    [tell, seen],
  );
  const running = beat.since !== null;
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => {
      const [turns, after] = beats.run(now.current, performance.now());
      if (turns > 0) take([turns, after]);
    }, LOOK);
    return () => window.clearInterval(timer);
  }, [running, take]);
  const set = useCallback((since: number | null) => {
    now.current = { ...now.current, since };
    setBeat(now.current);
  }, []);
  // at the stop the beat ends by itself; going on is the angler's own doing
  const there = left !== null && left <= 0;
  useEffect(() => {
    if (!there || now.current.since === null) return;
    set(null);
    if (seen.current.sound) tick('stop');
  }, [there, set, seen]);
  return {
    running,
    /** the last tap came so soon after one that it is taken for the same, with a wet hand */
    bounced,
    pace: beat.pace,
    // when it was tapped, not when the page got round to it: a page that was busy for a while makes no two turns of one wet tap
    // held down, a key is one tap
    tap: useCallback(
      (event: { timeStamp: number; repeat?: boolean }) => {
        if (event.repeat) return;
        const [turns, after] = beats.tap(now.current, event.timeStamp);
        setBounced(turns === 0);
        take([turns, after]);
      },
      [take],
    ),
    /** the last turn again, as long as there is one */
    back: useCallback(() => seen.current.soFar > 0 && tell({ kind: 'turns', turns: -1 }), [tell, seen]),
    start: useCallback(() => set(performance.now()), [set]),
    stop: useCallback(() => set(null), [set]),
    /** kept with the angler */
    setPace: useCallback(
      (next: number) => {
        now.current = { ...now.current, pace: Math.max(10, Math.min(200, next)) };
        setBeat(now.current);
        tell({ kind: 'pace', pace: now.current.pace });
      },
      [tell],
    ),
  };
}
