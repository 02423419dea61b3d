import { describe, expect, it } from 'vitest';
import { motif, tiled } from './motif';
import { drawn } from './section/drawn';
import { arborProfile, buildUp, frame, layerPath, metal, spread, standIn, surface } from './section/outline';
import { placeWords, step, ticks } from './tape/ticks';

const room = { width: 640, height: 340, padLeft: 60, padRight: 110, padTop: 30, padBottom: 30 };

describe('the section', () => {
  it('fits the whole spool into its room, whatever the proportions', () => {
    for (const [traverse, depth] of [
      [8, 14],
      [40, 6],
      [19.5, 7.6],
    ] as const) {
      const shape = {
        lip_mm: 50,
        arbor_thin_mm: 50 - 2 * depth,
        arbor_thick_mm: 50 - 2 * depth,
        traverse_mm: traverse,
        bare_depth_mm: depth,
      };
      const f = frame(shape, room);
      expect(f.left).toBeGreaterThan(room.padLeft);
      expect(f.right).toBeLessThan(room.width - room.padRight);
      expect(f.top + depth * f.scale).toBeLessThan(room.height - room.padBottom);
      expect(f.right - f.left).toBeCloseTo(traverse * f.scale, 6);
    }
  });

  it('draws a taper as a vee on a baitcaster and as a cone elsewhere', () => {
    const shape = { lip_mm: 34, arbor_thin_mm: 15, arbor_thick_mm: 20, traverse_mm: 22, bare_depth_mm: 9.5 };
    const f = frame(shape, room);
    expect(arborProfile(shape, f, 'baitcasting')).toHaveLength(3);
    const cone = arborProfile(shape, f, 'spinning');
    expect(cone).toHaveLength(2);
    expect(cone[1]?.[1]).toBeGreaterThan(cone[0]?.[1] ?? 0);
  });

  it('keeps tabs apart and inside, in their order', () => {
    const placed = spread([100, 104, 300], 38, 20, 310);
    expect((placed[1] ?? 0) - (placed[0] ?? 0)).toBeGreaterThanOrEqual(38);
    expect(Math.max(...placed)).toBeLessThanOrEqual(310);
    expect(spread([315, 318], 38, 20, 310)).toEqual([272, 310]);
  });

  it('stacks layers by their share of the room where the shape is not known', () => {
    const layer = {
      role: 'main' as const,
      material: 'mono' as const,
      diameter_mm: 0.3,
      length_m: 100,
      share_of_full: 0.4,
    };
    const guess = drawn(null, [{ ...layer, role: 'backing' }, layer]);
    expect(guess.toScale).toBe(false);
    const [under, over] = guess.layers;
    expect((under?.top ?? 0) - (under?.bottom ?? 0)).toBeCloseTo((over?.top ?? 0) - (over?.bottom ?? 0), 6);
    expect(over?.top).toBeLessThan(standIn().lip_mm);
  });
});

describe('the line in the section', () => {
  const shape = { lip_mm: 46, arbor_thin_mm: 30, arbor_thick_mm: 30, traverse_mm: 18, bare_depth_mm: 8 };
  const f = frame(shape, room);
  const points = (path: string) =>
    path
      .replaceAll(/[MZ]/g, '')
      .split('L')
      .map((each) => each.split(' ').map(Number) as [number, number]);
  /** twice the area inside a closed path, px² */
  const area = (path: string) =>
    Math.abs(
      points(path).reduce((sum, [x, y], index, all) => {
        const [nextX, nextY] = all[(index + 1) % all.length] ?? [0, 0];
        return sum + x * nextY - nextX * y;
      }, 0),
    ) / 2;

  it('humps on one side as much as it hollows on the other, so that a layer keeps its room', () => {
    const level = layerPath(surface(f, 200, 0), surface(f, 150, 0));
    const humped = layerPath(surface(f, 200, 0), surface(f, 150, 24));
    expect(points(humped).length).toBeGreaterThan(20);
    expect(area(humped)).toBeCloseTo(area(level), 3);
    const tops = surface(f, 150, 24).map(([, y]) => y);
    expect(Math.max(...tops) - Math.min(...tops)).toBeCloseTo(24, 1);
  });

  it('draws a sleeve between the bare arbor and what it comes to', () => {
    const sleeved = { ...shape, arbor_thin_mm: 36, arbor_thick_mm: 36, bare_depth_mm: 5 };
    const ring = buildUp(shape, sleeved, f, 'spinning');
    expect(area(ring)).toBeCloseTo((f.right - f.left) * 3 * f.scale, 3);
  });

  it('bevels both lips of a baitcaster and the front one of any other', () => {
    const slants = (kind: 'spinning' | 'baitcasting') => metal(shape, f, kind, 'bevelled', 1.6).split('L').length;
    expect(slants('baitcasting')).toBe(slants('spinning') + 1);
    expect(metal(shape, f, 'spinning', 'rounded', 1.6)).toContain('Q');
    expect(metal(shape, f, 'spinning', 'straight', 1.6)).not.toContain('Q');
  });
});

describe('the tape', () => {
  it('numbers its scale in round steps with room for each', () => {
    expect(step(266, 10)).toBe(50);
    expect(step(97, 8)).toBe(20);
    expect(step(7, 7)).toBe(1);
    expect(ticks(100, 25)).toEqual([0, 25, 50, 75, 100]);
  });

  it('never lets two words cover each other, nor run off the page', () => {
    const long = 130;
    for (const cut of [5, 40, 200, 460, 495]) {
      const places = placeWords(
        [
          { from: 0, to: cut, wide: long },
          { from: cut, to: 500, wide: long },
        ],
        520,
      );
      const spans = places.map((place) => ({ row: place.row, left: place.end ? place.x - long : place.x }));
      const [one, other] = spans;
      if (one?.row === other?.row) expect(Math.abs((one?.left ?? 0) - (other?.left ?? 0))).toBeGreaterThanOrEqual(long);
      for (const span of spans) {
        expect(span.left).toBeGreaterThanOrEqual(0);
        expect(span.left + long).toBeLessThanOrEqual(520);
      }
    }
  });
});

describe('a texture on paper', () => {
  const names = ['mono', 'fluoro', 'hybrid', 'braid', 'built'] as const;
  const starts = (path: string) =>
    [...path.matchAll(/M([-\d.]+) ([-\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);

  it('covers its box with whole tiles and no more', () => {
    for (const name of names) {
      const box = { x: 20, y: 30, width: 50, height: 21 };
      const [strokes, solid] = tiled(name, 10, box);
      expect(starts(strokes)).toHaveLength(5 * 3);
      for (const [x = 0, y = 0] of starts(strokes + solid)) {
        expect(x).toBeGreaterThanOrEqual(box.x);
        expect(x).toBeLessThanOrEqual(box.x + box.width);
        expect(y).toBeGreaterThanOrEqual(box.y - 10);
        expect(y).toBeLessThanOrEqual(box.y + box.height);
      }
    }
  });

  it('tells every material from the others without colour', () => {
    const drawings = names.map((name) => JSON.stringify(motif(name, 8, 0, 0)));
    expect(new Set(drawings).size).toBe(names.length);
  });
});
