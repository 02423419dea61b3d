import { describe, expect, it } from 'vitest';
import { type KnotPath, overs, stretch } from './weave';

const line = (name: 'a' | 'b', points: number[][]): KnotPath => ({ line: name, from: 'standing', to: 'tag', points });
/** From left to right along y, a point every unit. */
const along = (name: 'a' | 'b', y: number, z: number) =>
  line(
    name,
    Array.from({ length: 41 }, (_, x) => [x, y, z]),
  );
const down = (name: 'a' | 'b', x: number, z: number) =>
  line(
    name,
    Array.from({ length: 41 }, (_, y) => [x, y, z]),
  );

describe('what lies over is drawn again over it', () => {
  it('reaches a little to both sides of one crossing', () => {
    const paths = [along('a', 20, 5), down('b', 20, 0)];
    const [only, ...more] = overs(paths, [{ over: 0, over_at: 20, under: 1, under_at: 20 }]);
    expect(more).toEqual([]);
    expect(only?.path).toBe(0);
    expect(only?.from).toBeCloseTo(14, 0);
    expect(only?.to).toBeCloseTo(26, 0);
  });

  it('never covers the crossing after it, where the same line lies under', () => {
    const paths = [along('a', 20, 0), down('b', 18, -4), line('b', down('b', 22, 4).points)];
    const found = overs(paths, [
      { over: 0, over_at: 18, under: 1, under_at: 20 },
      { over: 2, over_at: 20, under: 0, under_at: 22 },
    ]);
    const first = found.find((each) => each.path === 0);
    expect(first?.to).toBeLessThanOrEqual(20);
    expect(found.find((each) => each.path === 2)).toBeDefined();
  });

  it('goes on over two in a row', () => {
    const paths = [along('a', 20, 5), down('b', 18, 0), line('b', down('b', 22, 0).points)];
    const found = overs(paths, [
      { over: 0, over_at: 18, under: 1, under_at: 20 },
      { over: 0, over_at: 22, under: 2, under_at: 20 },
    ]);
    expect(found[0]?.to).toBeGreaterThan(20);
  });

  it('draws the highest last', () => {
    const paths = [along('a', 20, 9), down('b', 10, 0), line('b', along('b', 30, 4).points)];
    const found = overs(paths, [
      { over: 0, over_at: 10, under: 1, under_at: 20 },
      { over: 2, over_at: 10, under: 1, under_at: 30 },
    ]);
    expect(found.map((each) => each.path)).toEqual([2, 0]);
  });

  it('a stretch begins and ends between the points of the curve', () => {
    expect(stretch(along('a', 5, 0), 1.5, 3.25)).toBe('M1.5 5.0L2.0 5.0L3.0 5.0L3.3 5.0');
    expect(stretch(along('a', 5, 0)).startsWith('M0.0 5.0L')).toBe(true);
  });
});
