import { useCallback, useEffect, useRef, useState } from 'react';
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
  const now = useRef({ beat, sound, slow, soFar, left });
  now.current = { beat, sound, slow, soFar, left };
  const take = useCallback(
    ([turns, after]: [number, beats.Beat]) => {
      now.current.beat = after;
      setBeat(after);
      if (turns === 0) return;
      tell({ kind: 'turns', turns });
      if (now.current.sound) tick(now.current.slow ? 'slow' : 'turn');
    },
    [tell],
  );
  const running = beat.since !== null;
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => {
      const [turns, after] = beats.run(now.current.beat, performance.now());
      if (turns > 0) take([turns, after]);
    }, LOOK);
    return () => window.clearInterval(timer);
  }, [running, take]);
  const set = useCallback((since: number | null) => {
    now.current.beat = { ...now.current.beat, since };
    setBeat(now.current.beat);
  }, []);
  // at the stop the beat ends by itself; going on is the angler's own doing
  const there = left !== null && left <= 0;
  useEffect(() => {
    if (!there || now.current.beat.since === null) return;
    set(null);
    if (now.current.sound) tick('stop');
  }, [there, set]);
  return {
    running,
    pace: beat.pace,
    // when it was tapped, not when the page got round to it: a page that was busy for a while makes no two turns of one wet tap
    tap: useCallback((event: { timeStamp: number }) => take(beats.tap(now.current.beat, event.timeStamp)), [take]),
    /** the last turn again, as long as there is one */
    back: useCallback(() => now.current.soFar > 0 && tell({ kind: 'turns', turns: -1 }), [tell]),
    start: useCallback(() => set(performance.now()), [set]),
    stop: useCallback(() => set(null), [set]),
    setPace: useCallback((next: number) => {
      now.current.beat = { ...now.current.beat, pace: Math.max(10, Math.min(200, next)) };
      setBeat(now.current.beat);
    }, []),
  };
}
