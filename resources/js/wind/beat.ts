/** A second contact within this time is one tap with a wet hand, ms. People crank two and three turns a second. */
export const TAP_APART = 120;

export interface Beat {
  /** turns a minute */
  pace: number;
  /** when the last whole turn was done, ms; null: the beat stands */
  since: number | null;
  /** when the screen was tapped last, ms */
  tapped: number;
}

export const still = (pace: number): Beat => ({ pace, since: null, tapped: Number.NEGATIVE_INFINITY });

/** One turn at this pace, ms. */
export const period = (pace: number): number => 60_000 / pace;

/** The whole turns since the last one, and the beat after them. */
export function run(beat: Beat, now: number): [turns: number, Beat] {
  if (beat.since === null) return [0, beat];
  const turns = Math.floor((now - beat.since) / period(beat.pace));
  return turns <= 0 ? [0, beat] : [turns, { ...beat, since: beat.since + turns * period(beat.pace) }];
}

/** A tap is one turn. While the beat runs the first one stops it, and from then on each tap is one. */
export function tap(beat: Beat, now: number): [turns: number, Beat] {
  if (now - beat.tapped < TAP_APART) return [0, beat];
  const [turns, after] = run(beat, now);
  return [turns + 1, { ...after, since: null, tapped: now }];
}
