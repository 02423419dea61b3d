// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import type { Run } from '../api/types';
import { emptyUnder, isPast } from './NothingUnder';

const step = (kind: string, layer: number | null) => ({ id: `${kind}.${layer}`, kind, layer });
const STEPS = [
  step('check', null),
  step('soak', 1),
  step('wind', 0),
  step('place', 1),
  step('join', 1),
  step('wind', 1),
  step('level', null),
];
const [CHECK, SOAK, WIND, PLACE, JOIN, MAIN, LEVEL] = STEPS as never[] as [
  never,
  never,
  never,
  never,
  never,
  never,
  never,
];
const run = (layer: number, backing: number, main = 0) =>
  ({
    written: [],
    state: {
      layer,
      steps: STEPS,
      layers: [
        { role: 'backing', wound_m: backing, known: [] },
        { role: 'main', wound_m: main, known: [] },
      ],
      progress: { layer, turns: 0, left_m: 10, turns_left: 20, retrieve_m: 0.5 },
    },
  }) as never as Run;

describe('a step that would leave planned line off the spool', () => {
  it('is asked about while the backing is not wound, and only then', () => {
    for (const to of [JOIN, MAIN, LEVEL]) expect(emptyUnder(run(0, 0), 0, to)).toBe(0);
    // nothing goes on at these
    for (const to of [CHECK, SOAK, WIND, PLACE]) expect(emptyUnder(run(0, 0), 0, to)).toBeNull();
    // some is on, or the browser has counted turns the server does not know of yet
    expect(emptyUnder(run(0, 0.1), 0, MAIN)).toBeNull();
    expect(emptyUnder(run(0, 0), 1, MAIN)).toBeNull();
    // the main line is on the way already
    expect(emptyUnder(run(1, 0), 0, LEVEL)).toBeNull();
  });

  it('lies past the line that is being wound', () => {
    expect([CHECK, WIND, JOIN, MAIN, LEVEL].map((to) => isPast(run(0, 5).state, to))).toEqual([
      false,
      false,
      true,
      true,
      true,
    ]);
    expect(isPast(run(1, 50).state, MAIN)).toBe(false);
  });
});
