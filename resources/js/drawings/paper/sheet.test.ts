import { describe, expect, it } from 'vitest';
import { gaugeRow, ray, SHEET_MM, STEPS_MM, stripMarks, TONGUE_MM } from './sheet';

describe('the sheet of paper tools', () => {
  it('reads a diameter where that much goes round it', () => {
    const first = stripMarks(0, 58, SHEET_MM.width);
    for (const { reads, at } of first) expect(at).toBeCloseTo(Math.PI * reads, 9);
    // the second strip is laid with its start on a figure of the first, and goes on from there
    const second = stripMarks(50, 105, SHEET_MM.width);
    const joined = first.find((mark) => mark.reads === 50)?.at ?? 0;
    for (const { reads, at } of second) expect(joined + at).toBeCloseTo(Math.PI * reads, 9);
    expect(first.at(-1)?.reads).toBe(58);
    expect(second.at(-1)?.reads).toBeGreaterThan(100);
  });

  it('has a tongue for every step, as long as it says', () => {
    const seen = [0, 1].flatMap((row) => {
      const { outline, tongues } = gaugeRow(row, 0, 14);
      for (const { at, step } of tongues) {
        expect(outline).toContain(`H${at - TONGUE_MM.broad / 2}V${14 + step}H${at + TONGUE_MM.broad / 2}V14`);
      }
      return tongues.map(({ step }) => step);
    });
    expect(seen).toEqual(STEPS_MM);
    expect(STEPS_MM.at(0)).toBe(0.5);
    expect(STEPS_MM.at(-1)).toBe(6);
    expect(6 * TONGUE_MM.apart).toBeLessThanOrEqual(SHEET_MM.width);
  });

  it('shows forty-five degrees half way up from the level edge', () => {
    const [, x, y] = /L([\d.-]+) ([\d.-]+)/.exec(ray(45, 0, 60)) ?? [];
    expect(Number(x)).toBeCloseTo(-Number(y), 3);
    expect(Math.hypot(Number(x), Number(y))).toBeCloseTo(60, 2);
  });
});
