import { describe, expect, it } from 'vitest';
import type { DayResult, Line } from '../api/types';
import { planLink } from './planLink';

const line = (id: number, name: string) => ({ id, name, material: 'mono', size: '0.28', size_from: 'label' }) as Line;
const wish = { reel: 1, spool: 3, main: 5, backing: 6, length: '500 ft' };
const day = (job: object, off: object[] = []) =>
  ({ jobs: [{ id: 'spool:3', main_m: 152.4, backing_m: 40, main_goes_m: null, ...job }], off }) as unknown as DayResult;
const asked = (...of: [Partial<typeof wish> & { reuse?: number; task?: 'replace' }, DayResult]) =>
  new URL(
    planLink(
      { ...wish, ...of[0] },
      [line(5, 'Main'), line(6, 'New backing'), line(7, 'Old main')],
      11,
      undefined,
      of[1],
    ),
    'http://x',
  ).searchParams;

describe('the plan that a bench day leads to', () => {
  it('asks for what was typed, or for the whole metres that go on', () => {
    expect(asked({}, day({})).get('mainLength')).toBe('500 ft');
    expect(asked({}, day({ main_goes_m: 140 })).get('mainLength')).toBe('140 m');
  });

  it('takes the old line under it where that was chosen', () => {
    expect(asked({}, day({})).get('backingName')).toBe('New backing');
    const old = asked({ reuse: 4 }, day({}, [{ spool: 4, line: 7, length_m: 90 }]));
    expect([old.get('backingName'), old.get('backingWith')]).toEqual(['Old main', 'old_line']);
  });

  it('leaves the backing out where it stays or none goes under', () => {
    expect(asked({ task: 'replace' }, day({})).get('way')).toBe('kept');
    expect(asked({}, day({ backing_m: null })).get('way')).toBe('main_only');
  });
});
