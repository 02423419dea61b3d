import { describe, expect, it } from 'vitest';
import type { DragSetting, Reel, Spool } from '../api/types';
import { METRIC } from '../units/units';
import { begun, chainOf, type DragDraft, dragCase, rungs, START, wantedOf } from './chain';

const line = { name: 'Brindle', material: 'braid', diameter_mm: 0.16, strength: '11 kg' };
const spool = {
  stamp: '0.25/200',
  measures: { lip_diameter: '46 mm', arbor_diameter: '30 mm', arbor_deep_diameter: '', traverse: '', rated_gap: '' },
  contents: [
    { role: 'backing', line: { ...line, material: 'mono', diameter_mm: 0.3 }, length_m: 80 },
    { role: 'main', line, length_m: 150 },
  ],
  picture: { shape: {} },
} as unknown as Spool;
const reel = { kind: 'spinning', gear_ratio: '5.2', max_drag_N: 78 } as unknown as Reel;
const asked = (draft: DragDraft) =>
  dragCase({
    draft,
    reel,
    spool,
    rod: undefined,
    units: METRIC,
    angler: undefined,
    kept: null,
    points: [],
    worn: null,
    guides: null,
    ladder: [],
  });

describe('the chain as it is typed', () => {
  it('begins from the line on the spool, goes on from what was kept, and what is typed counts first', () => {
    expect(begun(START, '1-1', spool, undefined).main).toBe('11 kg');
    const kept = { chain: { ...chainOf(START), main: '9 kg', leader: '6 kg', join: 'fg' } } as unknown as DragSetting;
    expect(begun(START, '1-1', spool, kept)).toMatchObject({ main: '9 kg', leader: '6 kg', join: 'fg', begun: '1-1' });
    expect(begun({ ...START, leader: '4 kg' }, '1-1', spool, kept)).toMatchObject({ leader: '4 kg', main: '9 kg' });
  });

  it('leaves an emptied field empty, and takes nothing along to another spool', () => {
    const kept = { chain: { ...chainOf(START), leader: '6 kg' } } as unknown as DragSetting;
    const emptied = { ...begun(START, '1-1', spool, kept), leader: '', main: '' };
    expect(begun(emptied, '1-1', spool, kept)).toMatchObject({ leader: '', main: '' });
    const other = begun({ ...emptied, leader: '3 kg', wanted: '12' }, '2-3', spool, undefined);
    expect(other).toMatchObject({ leader: '', main: '11 kg', wanted: '', begun: '2-3' });
  });

  it('keeps what a chain is, and nothing of where the screen stood', () => {
    const kept = chainOf({ ...START, out: '40', at: 'runs', wanted: '12', leader: '5 kg' });
    expect(kept.leader).toBe('5 kg');
    for (const key of ['at', 'out', 'wanted', 'sweep', 'distance']) expect(kept).not.toHaveProperty(key);
  });

  it('asks nothing without a main line, and gives bare figures the angler’s unit', () => {
    expect(asked(START)).toBeNull();
    const ask = asked({ ...START, main: '11', leader: '15 lb' });
    expect(ask?.chain).toMatchObject({ main_N: '11 kg', leader_N: '15 lb', snap_N: null });
    expect(ask?.layers?.map((layer) => layer.role)).toEqual(['backing', 'main']);
    expect(ask).toMatchObject({ reel: 'spinning', reel_max_N: 78 });
  });

  it('takes the leader that the log says is on, over the chain kept last', () => {
    const kept = { chain: { leader: '20 lb', join: 'albright' } } as unknown as DragSetting;
    const tied = { ...spool, leader_known: true, leader: { strength: '6 kg', knot: 'fg' } } as unknown as Spool;
    expect(begun(START, '1-1', tied, kept)).toMatchObject({ leader: '6 kg', join: 'fg' });
    expect(begun(START, '1-1', { ...tied, leader: null } as unknown as Spool, kept).leader).toBe('');
    expect(begun(START, '1-1', { ...tied, leader_known: false } as unknown as Spool, kept).leader).toBe('20 lb');
    expect(begun({ ...START, leader: '9 kg' }, '1-1', tied, kept).leader).toBe('9 kg');
  });

  it('takes no force from the address that is none', () => {
    expect(wantedOf({ ...START, wanted: '12.5' })).toBe(12.5);
    for (const wanted of ['', 'much', '-3', '0', 'Infinity']) expect(wantedOf({ ...START, wanted })).toBeNull();
  });

  it('asks for no run-out where nothing lies on the spool', () => {
    const bare = { ...spool, contents: [] } as unknown as Spool;
    const ask = dragCase({
      draft: { ...START, main: '5 kg' },
      reel,
      spool: bare,
      rod: undefined,
      units: METRIC,
      angler: undefined,
      kept: null,
      points: [],
      worn: null,
      guides: null,
      ladder: [],
    });
    expect(ask?.layers).toEqual([]);
    expect(ask).not.toHaveProperty('spool');
  });

  it('has a table of round figures in the angler’s own unit, nine rows at most', () => {
    expect(rungs(256, 1)).toEqual([0, 50, 100, 150, 200, 250]);
    for (const total of [20, 75, 180, 480, 1500]) {
      const rows = rungs(total, 0.9144);
      expect(rows.length).toBeLessThanOrEqual(9);
      expect(rows.at(-1)).toBeLessThanOrEqual(total);
      expect(((rows[1] ?? 0) / 0.9144) % 5).toBeCloseTo(0, 6);
    }
  });
});
