import { describe, expect, it } from 'vitest';
import { run, still, tap } from './beat';

describe('the beat', () => {
  it('counts whole turns at the pace, however seldom it is looked at', () => {
    const beat = { ...still(60), since: 0 };
    expect(run(beat, 900)[0]).toBe(0);
    expect(run(beat, 5200)[0]).toBe(5);
    const [, after] = run(beat, 5200);
    expect(run(after, 5900)[0]).toBe(0);
    expect(run(after, 6000)[0]).toBe(1);
  });

  it('looked at often or once comes to the same', () => {
    let beat = { ...still(73), since: 0 as number | null };
    let often = 0;
    const last = 37 * 1621;
    for (let now = 0; now <= last; now += 37) {
      const [turns, after] = run(beat, now);
      often += turns;
      beat = after;
    }
    expect(often).toBe(run({ ...still(73), since: 0 }, last)[0]);
  });

  it('a tap adds one while the beat stands, however fast, and a bounce within an eighth of a second none', () => {
    let beat = still(60);
    let counted = 0;
    for (let at = 1000; at < 1000 + 20 * 125; at += 125) {
      const [turns, after] = tap(beat, at);
      counted += turns;
      beat = after;
    }
    expect(counted).toBe(20);
    const [one, after] = tap(still(60), 1000);
    expect([one, tap(after, 1119)[0], tap(after, 1120)[0]]).toEqual([1, 0, 1]);
  });

  it('the first tap stops a running beat and counts; from then on each tap is one', () => {
    const beat = { ...still(60), since: 0 };
    const [turns, stopped] = tap(beat, 3300);
    expect([turns, stopped.since]).toEqual([4, null]);
    expect(run(stopped, 60_000)[0]).toBe(0);
    expect(tap(stopped, 3700)[0]).toBe(1);
  });
});
