import { describe, expect, it } from 'vitest';
import { gaugeRow, ray, SHEET_MM, TONGUE_MM } from './sheet';

describe('the sheet of paper tools', () => {
  it('has a tongue for every step, as long as it says', () => {
    const steps = [0.5, 1, 1.5, 2, 2.5, 3];
    const { outline, tongues } = gaugeRow(steps, 0, 14);
    for (const { at, step } of tongues) {
      expect(outline).toContain(`H${at - TONGUE_MM.broad / 2}V${14 + step}H${at + TONGUE_MM.broad / 2}V14`);
    }
    expect(tongues.map(({ step }) => step)).toEqual(steps);
    expect(steps.length * TONGUE_MM.apart).toBeLessThanOrEqual(SHEET_MM.width);
  });

  it('shows forty-five degrees half way up from the level edge', () => {
    const [, x, y] = /L([\d.-]+) ([\d.-]+)/.exec(ray(45, 0, 60)) ?? [];
    expect(Number(x)).toBeCloseTo(-Number(y), 3);
    expect(Math.hypot(Number(x), Number(y))).toBeCloseTo(60, 2);
  });
});
