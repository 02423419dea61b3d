/** A second tap within this time is one tap with a wet hand, ms. */
export const TAP_APART = 500;

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

/**
 * A tap says that a turn is done now. While the beat stands it is one more; while it runs it puts the beat right: the turn it
 * was in the middle of counts if more than half of it is over.
 */
export function tap(beat: Beat, now: number): [turns: number, Beat] {
  if (now - beat.tapped < TAP_APART) return [0, beat];
  const tapped = { ...beat, tapped: now };
  if (beat.since === null) return [1, tapped];
  const [turns, after] = run(tapped, now);
  const over = (now - (after.since ?? now)) / period(beat.pace);
  return [turns + (over >= 0.5 ? 1 : 0), { ...after, since: now }];
}
