import { describe, expect, it } from 'vitest';
import type { Filler, Reel, Spool } from '../api/types';
import { METRIC } from '../units/units';
import { differences, fieldOf, filledFor, NO_HABITS, toCase } from './codec';
import { begin, type Draft, EMPTY, reduce, revive } from './draft';
import { fromReel, oldLine } from './records';

const typed = (change: Partial<Draft>): Draft => ({ ...EMPTY, stamp: '0.25/200', mainSize: '0.16', ...change });

describe('what is typed on the Plan place', () => {
  it('comes back the same from a link or a saved plan', () => {
    const draft = typed({
      lipMm: '46 mm',
      open: 'level',
      off: 'springy,floor',
      backingLength: '90 yd',
      mainName: 'Ødegård & søn?',
    });
    const link = new URLSearchParams(differences(draft, METRIC)).toString();
    expect(revive(Object.fromEntries(new URLSearchParams(link)))).toEqual(draft);
    expect(revive(differences(draft, METRIC))).toEqual(draft);
  });

  it('keeps the unit a bare figure was typed in', () => {
    const inches = { length: 'yd', small: 'in', force: 'lb' } as const;
    expect(differences(typed({ lipMm: '1.8', mainLength: '120' }), inches)).toMatchObject({
      lipMm: '1.8 in',
      mainLength: '120 yd',
    });
    expect(differences(typed({ lipMm: '46', gap: '2' }), METRIC)).toMatchObject({ lipMm: '46 mm', gap: '2 mm' });
  });

  it('leaves out what a link should not carry', () => {
    expect(revive({ nonsense: 'x', stamp: 'y'.repeat(500) })).toEqual({ ...EMPTY, stamp: 'y'.repeat(200) });
  });

  it('asks nothing until there is a spool and a line to ask about', () => {
    expect(toCase(EMPTY, METRIC, NO_HABITS)).toBeNull();
    expect(toCase(typed({ stamp: '' }), METRIC, NO_HABITS)).toBeNull();
    expect(toCase(typed({ stamp: '', lipMm: '46' }), METRIC, NO_HABITS)).not.toBeNull();
  });

  it('sends figures as typed, bare ones in the unit of the angler', () => {
    const inches = { length: 'yd', small: 'in', force: 'lb' } as const;
    const sent = toCase(
      typed({ lipMm: '1.8', gap: '1/16', mainLength: '150', traverseMm: '17 mm' }),
      inches,
      NO_HABITS,
    );
    expect(sent?.spool.lip_diameter_mm).toBe('1.8 in');
    expect(sent?.spool.traverse_mm).toBe('17 mm');
    expect(sent?.gap_mm).toBe('1/16 in');
    expect(sent?.main.length_m).toBe('150 yd');
    expect(sent?.spool.arbor_diameter_mm).toBeNull();
  });

  const line = { id: 4, name: 'Braid', material: 'braid', size: '0.16 mm', size_from: 'label' };
  const nylon = { ...line, id: 5, name: 'Nylon', material: 'mono', size: '0.30 mm' };
  const backed = [
    {
      id: 1,
      spools: [
        {
          id: 7,
          keeps_backing: true,
          contents: [
            { role: 'backing', line: nylon, length_m: 110 },
            { role: 'main', line, length_m: 138 },
          ],
        },
        { id: 8, keeps_backing: false, contents: [] },
      ],
    },
  ] as unknown as Reel[];

  it('tells of the backing on the spool, which another spool does not have', () => {
    const on = (spool: string, change: Partial<Draft> = {}) =>
      toCase(typed({ reel: '1', spool, way: 'kept', ...change }), METRIC, NO_HABITS, { fillers: [], reels: backed });
    expect(on('7')?.kept).toMatchObject({ sound: true, depth_mm: null, layers: [{ size: '0.30 mm', length_m: 110 }] });
    expect(on('8')?.kept).toBeNull();
    expect(on('8', { keptDepth: '4.2' })?.kept).toMatchObject({ sound: false, depth_mm: '4.2 mm', layers: [] });
    const moved = reduce(begin({ way: 'kept', spool: '7', keptDepth: '3 mm' }), {
      what: 'set',
      change: { spool: '8' },
    });
    expect(moved.draft).toMatchObject({ way: 'backing', open: 'backing', keptDepth: '' });
  });

  it('takes a main line off another reel as what is there, and off its own spool where no backing is under it', () => {
    const bare = [
      ...backed,
      { id: 2, spools: [{ id: 9, keeps_backing: false, contents: [{ role: 'main', line, length_m: 90 }] }] },
    ] as unknown as Reel[];
    const off = (spool: string, from: string) =>
      toCase(typed({ reel: '1', spool, mainOff: from }), METRIC, NO_HABITS, { fillers: [], reels: bare })?.main;
    expect(off('8', '7')).toMatchObject({ off_reel: true, parked: false, on_hand_m: 138 });
    expect(off('7', '7')).toMatchObject({ off_reel: false, parked: false, on_hand_m: null });
    expect(off('9', '9')).toMatchObject({ off_reel: false, parked: true, on_hand_m: 90 });
  });

  it('goes by whoever fishes the reel for how full, and by whoever winds it for the rest', () => {
    const tam = { habits: { long_cast: true, beginner: false, schools: { full: 'eighth', soak: 'before' } } } as never;
    const orla = { habits: { long_cast: false, beginner: true, schools: { full: 'rule', soak: 'never' } } } as never;
    expect(filledFor(tam, orla)).toEqual({
      long_cast: true,
      beginner: false,
      schools: { full: 'eighth', soak: 'never' },
    });
    expect(filledFor(undefined, undefined)).toEqual(NO_HABITS);
  });

  it('leaves backing out where it has no length and is not asked for', () => {
    expect(toCase(typed({ open: 'main' }), METRIC, NO_HABITS)?.backing).toBeNull();
    expect(toCase(typed({ open: 'main', backingLength: '20' }), METRIC, NO_HABITS)?.backing).not.toBeNull();
    expect(toCase(typed({}), METRIC, NO_HABITS)?.backing).not.toBeNull();
  });

  it('takes old line off a spool as what is at hand, already paid for', () => {
    const line = { name: 'Old', material: 'mono', size: '0.30 mm', size_from: 'label' };
    const reels = [{ id: 1, spools: [{ id: 7, contents: [{ line, length_m: 118 }] }] }] as unknown as Reel[];
    expect(oldLine(reels).map((each) => each.id)).toEqual(['7.0']);
    const fillers = [{ id: 3, line, left_m: 40, price: '9.50', full_length_m: 300 }] as unknown as Filler[];
    const draft = typed({ backingName: 'Old', backingOff: '7.0' });
    expect(toCase(draft, METRIC, NO_HABITS, { fillers, reels })?.backing).toMatchObject({
      on_hand_m: 118,
      price: null,
    });
    expect(toCase({ ...draft, backingOff: '' }, METRIC, NO_HABITS, { fillers, reels })?.backing).toMatchObject({
      on_hand_m: 40,
      price: '9.50',
    });
  });

  it('knows a spare spool from another one of the same reel', () => {
    const spool = (id: number, lip: string) =>
      ({
        id,
        stamp: '0.25/200',
        lip: 'bevelled',
        lay: 'normal',
        measures: { full_mark: '', lip_diameter: lip },
      }) as unknown as Spool;
    const reel = { id: 1, kind: 'spinning', spools: [spool(1, '46 mm'), spool(2, '46 mm'), spool(3, '44 mm')] };
    const spare = (index: number) => fromReel(reel as unknown as Reel, reel.spools[index] as Spool).spare;
    expect([spare(0), spare(1), spare(2)]).toEqual(['yes', 'yes', '']);
  });

  it('knows where on the screen a problem belongs', () => {
    expect(fieldOf('spool.lip_diameter_mm')).toBe('lipMm');
    expect(fieldOf('main.length_m')).toBe('mainLength');
    expect(fieldOf('somewhere.else')).toBeNull();
  });
});
