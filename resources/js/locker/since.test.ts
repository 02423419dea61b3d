// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { since } from './since';

const NOW = new Date('2026-05-10T12:00:00Z');

describe('since when a line is on a spool', () => {
  it('is read as people know it, and never lies ahead', () => {
    expect(since('2024', NOW)).toBe('2024-07-01');
    expect(since(' 2024-03 ', NOW)).toBe('2024-03-15');
    expect(since('3/2024', NOW)).toBe('2024-03-15');
    expect(since('2024-03-31', NOW)).toBe('2024-03-31');
    expect(since('2026', NOW)).toBe('2026-05-10');
    expect(since('2026-05', NOW)).toBe('2026-05-10');
  });

  it('says what would be right', () => {
    for (const wrong of ['', 'last year', '24', '2024-13', '2024-02-31', '13/2024'])
      expect(() => since(wrong, NOW), wrong).toThrow('Type a year such as 2024');
    for (const late of ['2027', '2026-05-11']) expect(() => since(late, NOW), late).toThrow('still to come');
  });
});
