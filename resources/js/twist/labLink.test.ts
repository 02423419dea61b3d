import { expect, test } from 'vitest';
import type { Reel, Spool } from '../api/types';
import type { Units } from '../units/units';
import { labLink, SHOWN } from './labLink';

const yards: Units = { length: 'yd', small: 'in', force: 'lb' };
const reel = { kind: 'spincast', gear_ratio: '4.1' } as Reel;
const spool = {
  measures: { lip_diameter: '38 mm' },
  contents: [{ role: 'main', line: { material: 'mono', diameter_mm: 0.254 } }],
} as unknown as Spool;

const fieldsOf = (link: string) => Object.fromEntries(new URL(link, 'http://x').searchParams);

test('the lab opens with the own reel and line, in the own units, as the cause is', () => {
  expect(fieldsOf(labLink('slipping_drag', reel, spool, yards))).toEqual({
    shows: 'slipping_drag',
    feed: 'rotating',
    slip: '20',
    reel: 'spincast',
    gear: '4.1',
    material: 'mono',
    diameter: '0.0100 in',
    spoolMm: '38 mm',
  });
  expect(fieldsOf(labLink('twist', undefined, undefined, yards))).toEqual({ shows: 'twist', feed: 'over_end' });
});

test('line that lies against the rotor is shown so, and each cause says what to try', () => {
  const { rotor, filler } = fieldsOf(labLink('against_rotor', reel, spool, yards));
  expect(rotor).not.toBe(filler);
  for (const shown of Object.values(SHOWN)) expect(shown.says).toMatch(/\.$/);
});
