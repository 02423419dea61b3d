import { useHotkeys, useReducedMotion } from '@mantine/hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type Film, moveEnds } from '../drawings/knot/film';

/** Seconds of the film in a second. */
export const PACES = [
  { value: '0.5', label: 'slowly' },
  { value: '1', label: 'as it is' },
  { value: '2', label: 'quickly' },
];

/** Where a knot's film stands, and what moves it: on by a move, back by one, to a time, or along. */
export function useTying(film: Film | undefined, moves: number, keys: boolean) {
  const still = useReducedMotion();
  const ends = useMemo(() => (film ? moveEnds(film, moves) : []), [film, moves]);
  const [seconds, setSeconds] = useState<number | null>(null);
  const [goal, setGoal] = useState<number | null>(null);
  const [pace, setPace] = useState('1');
  const at = seconds ?? ends[0] ?? 0;
  const place = useRef(at);
  place.current = at;

  useEffect(() => {
    if (goal === null) return;
    let frame = 0;
    let before: number | null = null;
    const tick = (now: number) => {
      const gone = before === null ? 0 : (now - before) / 1000;
      before = now;
      const next = Math.min(goal, place.current + Math.min(gone, 0.1) * Number(pace));
      setSeconds(next);
      if (next >= goal) setGoal(null);
      else frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [goal, pace]);

  // a move is over a little before its last frame
  const move = Math.max(
    0,
    ends.findIndex((end) => at <= end + 1e-6),
  );
  const over = Math.abs(at - (ends[move] ?? 0)) < 1e-3;
  const length = film?.length ?? 0;
  const to = useCallback(
    (time: number) => {
      setGoal(null);
      // the last step of a slider may fall a little short
      setSeconds(time > length - 0.06 ? length : time);
    },
    [length],
  );
  const next = useCallback(() => {
    const from = place.current;
    const end = ends.find((each) => each > from + 1e-3);
    if (end === undefined) return;
    if (still) to(end);
    else setGoal(end);
  }, [ends, still, to]);
  const back = useCallback(() => {
    const earlier = ends.filter((each) => each < place.current - 1e-3);
    to(earlier.at(-1) ?? ends[0] ?? 0);
  }, [ends, to]);
  const play = useCallback(() => {
    if (place.current >= (ends.at(-1) ?? 0) - 1e-3) setSeconds(0);
    setGoal(ends.at(-1) ?? null);
  }, [ends]);
  useHotkeys(
    keys
      ? [
          ['ArrowRight', next],
          ['ArrowLeft', back],
        ]
      : [],
  );
  return {
    at,
    move: Math.min(move, Math.max(0, moves - 1)),
    over,
    playing: goal !== null,
    /** steps instead of motion */
    still,
    first: at <= (ends[0] ?? 0) + 1e-3,
    last: at >= (ends.at(-1) ?? 0) - 1e-3,
    length,
    pace,
    setPace,
    to,
    next,
    back,
    play,
    pause: () => setGoal(null),
    begin: () => {
      setGoal(null);
      setSeconds(0);
    },
  };
}

export type TyingState = ReturnType<typeof useTying>;
