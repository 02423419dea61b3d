import { describe, expect, it } from 'vitest';
import { across, blank, type Frame, path, tip } from './bend';

const frame: Frame = { butt: { x: 20, y: 280 }, length: 260, full: 30 };
const far = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);

describe('the rod', () => {
  it('keeps its length however it bends, and starts at the butt', () => {
    for (const force of [0, 5, 15, 30]) {
      const points = blank(frame, force, 1.2);
      expect(points[0]).toEqual(frame.butt);
      const long = points.slice(1).reduce((sum, point, i) => sum + far(point, points[i] ?? frame.butt), 0);
      expect(long).toBeCloseTo(frame.length, 6);
    }
  });

  it('is straight without a force, and its tip comes down as it is pulled', () => {
    const still = blank(frame, 0, 1.2);
    expect(far(still.at(-1) ?? frame.butt, frame.butt)).toBeCloseTo(frame.length, 6);
    let last = tip(frame, 0, 1.2).y;
    for (let force = 2; force <= 30; force += 2) {
      const { y } = tip(frame, force, 1.2);
      expect(y).toBeGreaterThan(last);
      last = y;
    }
  });

  it('has a scale whose marks lie across the way of the tip, each at its force', () => {
    for (const force of [3, 12, 25]) {
      const [inside, outside] = across(frame, force, 1.2, 8, 12);
      const at = tip(frame, force, 1.2);
      expect(far(inside, at)).toBeCloseTo(8, 6);
      expect(far(outside, at)).toBeCloseTo(12, 6);
      expect(far(inside, outside)).toBeCloseTo(20, 6);
    }
    expect(path(frame, 0, 30, 1.2)).toMatch(/^M[\d.-]+ [\d.-]+(L[\d.-]+ [\d.-]+){24}$/);
  });
});
