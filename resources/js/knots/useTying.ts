import { useReducedMotion } from '@mantine/hooks';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { type Film, moveEnds } from '../drawings/knot/film';
import { useKeys } from '../parts/useKeys';

/** Seconds of the film in a second. */
export const PACES = [
  { value: '0.5', label: 'slowly' },
  { value: '1', label: 'normal' },
  { value: '2', label: 'quickly' },
];

/** The time at which a film stands: told to whoever draws it, sixty times a second, without drawing all else again. */
export class FilmClock {
  private readonly heard = new Set<() => void>();

  constructor(public at: number) {}

  readonly subscribe = (tell: () => void) => {
    this.heard.add(tell);
    return () => {
      this.heard.delete(tell);
    };
  };

  set(at: number): void {
    this.at = at;
    for (const tell of this.heard) tell();
  }
}

/** The time at every moment; what uses it is drawn for every frame. */
export const useClock = (clock: FilmClock) => useSyncExternalStore(clock.subscribe, () => clock.at);

/** Where a time stands among the ends of the moves: in which, whether that is over, whether nothing has begun yet. */
function standing(ends: number[], at: number) {
  const found = ends.findIndex((end) => at <= end + 1e-6);
  const move = found < 0 ? Math.max(0, ends.length - 1) : found;
  return `${move} ${Math.abs(at - (ends[move] ?? 0)) < 1e-3} ${at <= 0}`;
}

/** Where a knot's film stands, and what moves it: on by a move, back by one, to a time, or along. */
export function useTying(film: Film | undefined, moves: number, keys: boolean) {
  const still = useReducedMotion();
  const ends = useMemo(() => (film ? moveEnds(film, moves) : []), [film, moves]);
  const [clock] = useState(() => new FilmClock(-1));
  const [goal, setGoal] = useState<number | null>(null);
  const [pace, setPace] = useState('1');
  // it opens with its first move done, to be looked at
  if (clock.at < 0 && ends[0] !== undefined) clock.at = ends[0];
  const [move = 0, over, began] = useSyncExternalStore(clock.subscribe, () => standing(ends, clock.at))
    .split(' ')
    .map((each) => (each === 'true' ? 1 : Number(each) || 0));

  useEffect(() => {
    if (goal === null) return;
    let frame = 0;
    let before: number | null = null;
    const tick = (now: number) => {
      const gone = before === null ? 0 : (now - before) / 1000;
      before = now;
      clock.set(Math.min(goal, clock.at + Math.min(gone, 0.1) * Number(pace)));
      if (clock.at >= goal) setGoal(null);
      else frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [goal, pace, clock]);

  const length = film?.length ?? 0;
  const to = useCallback(
    (time: number) => {
      setGoal(null);
      // the last step of a slider may fall a little short
      clock.set(time > length - 0.06 ? length : time);
    },
    [length, clock],
  );
  const next = useCallback(() => {
    // while a move is drawn, it is done at once and the one after it begins
    const drawn = ends.find((each) => each > clock.at + 1e-3);
    const end = goal === null ? drawn : ends.find((each) => each > (drawn ?? 0) + 1e-3);
    if (goal !== null && drawn !== undefined) to(drawn);
    if (end === undefined) return;
    if (still) to(end);
    else setGoal(end);
  }, [ends, still, to, clock, goal]);
  const back = useCallback(() => {
    to(ends.filter((each) => each < clock.at - 1e-3).at(-1) ?? ends[0] ?? 0);
  }, [ends, to, clock]);
  const play = useCallback(() => {
    const end = ends.at(-1) ?? 0;
    if (clock.at >= end - 1e-3) clock.set(0);
    setGoal(end);
  }, [ends, clock]);
  const begin = useCallback(() => to(0), [to]);
  const pause = useCallback(() => setGoal(null), []);
  useKeys(
    keys
      ? [
          ['ArrowRight', next],
          ['ArrowLeft', back],
        ]
      : [],
  );
  return {
    clock,
    move,
    /** the move that it stands in is done */
    over: over === 1,
    /** nothing is laid yet */
    began: began === 0,
    first: move === 0,
    last: move === ends.length - 1 && over === 1,
    playing: goal !== null,
    /** steps instead of motion */
    still,
    length,
    pace,
    setPace,
    to,
    next,
    back,
    play,
    pause,
    begin,
  };
}

export type TyingState = ReturnType<typeof useTying>;
