import { describe, expect, it } from 'vitest';
import type { Filler } from '../api/types';
import { fillerName } from './fillerName';

const filler = (id: number, left_m: number, name = '', line = 1) =>
  ({ id, left_m, name, line: { id: line, name: `Line ${line}` } }) as Filler;

describe('what a filler is called', () => {
  const rack = [filler(3, 150), filler(7, 150.2), filler(8, 90), filler(9, 150, 'opened'), filler(10, 150, '', 2)];
  it('is its line, where nothing in the rack is just like it', () => {
    expect([rack[2], rack[4]].map((each) => each && fillerName(each, rack))).toEqual(['Line 1', 'Line 2']);
  });
  it('is its note too, or its age among those with as much left', () => {
    expect([rack[3], rack[0], rack[1]].map((each) => each && fillerName(each, rack))).toEqual([
      'Line 1, opened',
      'Line 1, 1st',
      'Line 1, 2nd',
    ]);
  });
});
