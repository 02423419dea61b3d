import { describe, expect, it } from 'vitest';
import { spoken } from './spoken';

describe('what is announced while turns are counted', () => {
  it('is every ten turns, then the last five, then the stop once', () => {
    const told: string[] = [];
    for (let left = 42; left >= -8; left--) {
      const now = spoken(left);
      if (now !== told.at(-1)) told.push(now);
    }
    expect(told).toEqual([
      '50 turns left',
      '40 turns left',
      '30 turns left',
      '20 turns left',
      '10 turns left',
      '5 turns left',
      '4 turns left',
      '3 turns left',
      '2 turns left',
      '1 turn left',
      'Stop: at the mark.',
    ]);
  });

  it('is nothing where no turn tells a length', () => {
    expect(spoken(null)).toBe('');
  });
});
