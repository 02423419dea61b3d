import { describe, expect, it } from 'vitest';
import type { Reel, Spool } from '../api/types';
import { METRIC } from '../units/units';
import { labelOf } from './labelOf';

const piece = (name: string, length: number, since: string | null, strength: number | null = 90) => ({
  line: { name, material: 'braid', diameter_mm: 0.16, strength: '', strength_N: strength },
  length_m: length,
  since,
});
const reel = (spools: object[]) => ({ name: 'Skerry', spools }) as unknown as Reel;
const spool = (...contents: object[]) =>
  ({
    name: 'deep',
    contents: contents.map((each, index) => ({ ...each, role: index < contents.length - 1 ? 'backing' : 'main' })),
  }) as unknown as Spool;

describe('what a label says', () => {
  it('the outermost first, with its own thickness, strength and date', () => {
    const on = spool(piece('Under', 110, '2026-01-02T10:00:00Z'), piece('Over', 150.4, '2026-03-04T10:00:00Z'));
    const label = labelOf(reel([on]), on, METRIC);
    expect(label.lines.map((line) => line.words)).toEqual(['150 m Over', '110 m Under']);
    expect(label.facts).toBe('0.16 mm · 9.2 kg');
    expect(label.date).toContain('2026');
    expect(label.reel).toBe('Skerry');
  });

  it('carries how well and how the length is known, and the level that was read', () => {
    const on = spool({ ...piece('Over', 53, '2026-03-04T10:00:00Z'), half_m: 4, known: ['counted', 'depth'] });
    const level = { gap: '1.6', gap_mm: 1.6, half_mm: 0.28, readings: 3, at: '2026-03-05T10:00:00Z' };
    const label = labelOf(reel([on]), { ...on, level }, METRIC);
    expect(label.lines[0]?.words).toBe('53 ± 4 m Over');
    expect(label.level).toBe('1.6 ± 0.3 mm below lip');
    expect(label.known).toBe('length counted, by level');
  });

  it('names the spool where the reel has several', () => {
    const on = spool(piece('Over', 150, null));
    expect(labelOf(reel([on, on]), on, METRIC).reel).toBe('Skerry, deep');
  });

  it('follows the units, and says nothing it does not know', () => {
    const on = spool(piece('Over', 91.44, null, null));
    const label = labelOf(reel([on]), on, { length: 'yd', small: 'in', force: 'lb' });
    expect(label.lines[0]?.words).toBe('100 yd Over');
    expect(label.facts).toBe('0.0063 in');
    expect(label.date).toBe('');
    expect(labelOf(reel([]), spool(), METRIC).lines).toEqual([]);
  });
});
