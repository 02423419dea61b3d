import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../api/types';
import { EMPTY, unsaid } from './saying';
import { DID, dateOf, SAYINGS, sayingOf } from './words';

const entry = (change: Partial<LogEntry>): LogEntry => ({
  id: 'a',
  kind: 'wound',
  happened_at: '2026-06-10T12:00:00Z',
  standing: true,
  spool: 1,
  outing: null,
  level: null,
  inspection: null,
  leader: null,
  trouble: null,
  old_turn: false,
  drag: null,
  moves: [],
  counts: [],
  ...change,
});

describe('what an entry can be put right as', () => {
  it('is what it was said as', () => {
    expect(sayingOf(entry({ kind: 'lost' }))).toBe('lost');
    expect(sayingOf(entry({ kind: 'cut_back' }))).toBe('cut_back');
    expect(sayingOf(entry({ kind: 'topped_up' }))).toBe('topped_up');
    expect(sayingOf(entry({ kind: 'moved' }))).toBe('moved');
    expect(sayingOf(entry({ kind: 'turned_over' }))).toBe('turn_over');
    const level = { gap: '2 mm', gap_mm: 2, readings: 3, counts: true, keep: false };
    expect(sayingOf(entry({ kind: 'measured', level }))).toBe('level');
    const outing = { hours: 3, sun: false, rough: false, cast: '', cast_m: null, run: '', run_m: null };
    expect(sayingOf(entry({ kind: 'fished', outing }))).toBe('fished');
  });

  it('is nothing where a run or a stock-take wrote it', () => {
    expect(sayingOf(entry({ kind: 'wound' }))).toBeNull();
    expect(sayingOf(entry({ kind: 'stock_take' }))).toBeNull();
    const move = (kind: 'waste' | 'filler') => ({
      from: { kind: 'spool' as const, id: 1 },
      to: { kind, id: 2 },
      length_m: 5,
      line: 1,
    });
    expect(sayingOf(entry({ kind: 'stripped', moves: [move('waste')] }))).toBe('main_off');
    expect(sayingOf(entry({ kind: 'stripped', moves: [move('waste'), { ...move('waste'), line: 2 }] }))).toBe('off');
    // some of it went back onto a filler: not one saying
    expect(sayingOf(entry({ kind: 'stripped', moves: [move('waste'), move('filler')] }))).toBeNull();
  });

  it('has words for every kind, and a day for every time', () => {
    for (const saying of Object.values(SAYINGS)) expect(saying.word).not.toBe('');
    for (const word of Object.values(DID)) expect(word).not.toBe('');
    expect(dateOf('2026-06-10T12:00:00Z')).toMatch(/^2026-06-\d\d$/);
  });
});

describe('what is left in the fields once something was written down', () => {
  const sent = { ...EMPTY, metres: '8', words: 'cut off in the kelp' };
  it('is nothing of what was sent', () => {
    expect(unsaid(sent, { ...sent })).toEqual(EMPTY);
  });
  it('is all that was typed while it went out', () => {
    expect(unsaid(sent, { ...sent, metres: '67', filler: '7' })).toEqual({ ...EMPTY, metres: '67', filler: '7' });
  });
});
