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

  it('a tap adds one while the beat stands, and a second within half a second none', () => {
    const [one, after] = tap(still(60), 1000);
    expect(one).toBe(1);
    expect(tap(after, 1400)[0]).toBe(0);
    expect(tap(after, 1500)[0]).toBe(1);
  });

  it('a tap puts a running beat right', () => {
    const beat = { ...still(60), since: 0 };
    const [late, afterLate] = tap(beat, 1200);
    expect(late).toBe(1);
    expect(run(afterLate, 2100)[0]).toBe(0);
    expect(run(afterLate, 2200)[0]).toBe(1);
    const [early, afterEarly] = tap(beat, 800);
    expect(early).toBe(1);
    expect(run(afterEarly, 1700)[0]).toBe(0);
  });
});
