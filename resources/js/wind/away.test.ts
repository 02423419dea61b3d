import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import type { Run, RunMark } from '../api/types';
import { between, whileAway } from './away';

type Step = Run['state']['steps'][number];
const step = (id: string, kind: Step['kind'], layer: number | null): Step => ({
  id,
  kind,
  layer,
  title: id,
  do: { text: id, sentence: id, figures: [] },
  right: '',
  wrong: '',
  caution: null,
  tool: null,
  seconds: null,
  turns: null,
  state: 'open',
  notes: [],
});
const STEPS = [
  step('check', 'check', null),
  step('tie', 'tie', 0),
  step('wind0', 'wind', 0),
  step('place1', 'place', 1),
  step('join1', 'join', 1),
  step('wind1', 'wind', 1),
  step('level', 'level', null),
];
const layer = (role: string, wound: number) => ({
  role,
  wound_m: wound,
  wound_half_m: 0,
  known: [],
  stopped: null,
  placed: null,
});
const progress = (at: number, turns: number, left: number) => ({
  layer: at,
  turns,
  left_m: left,
  turns_left: left / 0.5,
  retrieve_m: 0.5,
  stop: null,
});
const said = (text: string, figure: number) => ({ text, sentence: text, figures: [figure] });
const point = (at: number, turns: number) => ({
  layer: at,
  turns,
  layers: [layer('backing', at === 0 ? turns * 0.5 : 50), layer('main', at === 1 ? turns * 0.5 : 0)],
  progress: progress(at, turns, 50 - turns * 0.5),
  stops: Object.fromEntries(
    ['at_mark', 'early', 'filler_out', 'snapped'].map((why) => [
      why,
      { stop: said(why, turns), may_go_on: why !== 'at_mark', begin_anew: false },
    ]),
  ),
});
const moves = (last: string | null, loops: number, move: string) => ({
  feed: 'over_end',
  matched: null,
  last,
  loops,
  move,
  words: move,
  turned_over: loops,
});
const AHEAD = {
  seen: 3,
  points: [point(0, 0), point(0, 50), point(0, 120), point(1, 0), point(1, 120)],
  slack: [moves(null, 0, 'test'), moves('straight', 0, 'carry_on'), moves('loops', 1, 'look')],
} as unknown as Schemas['RunAhead'];
const RUN = {
  id: 'r',
  pace_turns_per_min: 60,
  written: [],
  state: {
    steps: STEPS,
    current: 'check',
    over: null,
    layer: 0,
    layers: [layer('backing', 0), layer('main', 0)],
    progress: progress(0, 0, 50),
    slack: { seen: [], move: 'test', words: '', turned_over: 0, matched: null },
    soaks: {},
    feed: 'over_end',
    firm: null,
  },
} as unknown as Run;
let id = 0;
const told = (...marks: Omit<RunMark, 'id'>[]) =>
  marks.map((mark) => ({ ...mark, id: `m${++id}`, told_at: Date.UTC(2026, 10, 1) }));
const goneOn = (...marks: Omit<RunMark, 'id'>[]) => whileAway(RUN, AHEAD, told(...marks));

describe('a run where nobody answers', () => {
  it('goes from its first step to its last, layer after layer', () => {
    const { run, waits } = goneOn(
      { kind: 'done', step: 'check' },
      { kind: 'done', step: 'tie' },
      { kind: 'turns', turns: 100, layer: 0 },
      { kind: 'stopped', stop: 'at_mark' },
      { kind: 'done', step: 'wind0' },
      { kind: 'done', step: 'place1' },
      { kind: 'done', step: 'join1' },
      { kind: 'turns', turns: 60, layer: 1 },
    );
    expect(waits).toEqual([]);
    expect(run.state.current).toBe('wind1');
    expect(run.state.layer).toBe(1);
    expect(run.state.layers.map((each) => each.wound_m)).toEqual([50, 30]);
    // what the stop will write is not asked about again
    expect(run.written.map((each) => [each.layer, each.length_m, each.stop])).toEqual([[0, 50, 'at_mark']]);
    expect(run.state.progress.left_m).toBeCloseTo(20);
    const end = whileAway(
      run,
      AHEAD,
      told({ kind: 'skipped', step: 'wind1' }, { kind: 'done', step: 'level' }, { kind: 'finished' }),
    );
    expect(end.run.state.over).toBe('finished');
    expect(end.run.state.steps.map((each) => each.state)).toEqual([
      'done',
      'done',
      'done',
      'done',
      'done',
      'skipped',
      'done',
    ]);
  });

  it('reads what a turn takes in between two points, and takes turns back', () => {
    expect(goneOn({ kind: 'turns', turns: 25 }).run.state.layers[0]?.wound_m).toBeCloseTo(12.5);
    expect(goneOn({ kind: 'turns', turns: 85 }).run.state.progress.turns_left).toBeCloseTo(15);
    expect(goneOn({ kind: 'turns', turns: 20 }, { kind: 'turns', turns: -30 }).run.state.progress.turns).toBe(0);
    // past the last point it stays there rather than guessing on
    expect(goneOn({ kind: 'turns', turns: 500 }).run.state.progress.left_m).toBe(-10);
  });

  it('says at a stop what the server would have said', () => {
    const { run } = goneOn({ kind: 'turns', turns: 25 }, { kind: 'stopped', stop: 'snapped' });
    expect(run.state.progress.stop?.figures).toEqual([25]);
    expect(run.state.progress.may_go_on).toBe(true);
    const on = whileAway(run, AHEAD, told({ kind: 'resumed' }, { kind: 'turns', turns: 5 })).run;
    expect(on.state.progress.stop).toBeNull();
    expect(on.state.progress.turns).toBe(30);
  });

  it('begins a layer anew', () => {
    const begun = goneOn(
      { kind: 'done', step: 'check' },
      { kind: 'done', step: 'tie' },
      { kind: 'turns', turns: 8 },
    ).run;
    const { run } = whileAway(begun, AHEAD, told({ kind: 'stopped', stop: 'snapped' }, { kind: 'again' }));
    expect(run.state.current).toBe('tie');
    expect(run.state.progress.turns).toBe(0);
    expect(run.state.layers[0]?.stopped).toBeNull();
  });

  it('knows the moves of the slack test, and asks to look where nobody has', () => {
    expect(goneOn({ kind: 'slack', slack: 'loops' }).run.state.slack.move).toBe('look');
    const looked = goneOn({ kind: 'placed', step: 'tie', rotor_turns: 'cw', filler_turns: 'cw' }).run;
    expect(looked.state.slack.matched).toBe(true);
  });

  it('takes metres as this page writes them, and lets what only the server can work out wait', () => {
    expect(goneOn({ kind: 'said', metres: '20.00 ± 1.00 m' }).run.state.progress.turns).toBeCloseTo(40);
    const { run, waits } = goneOn(
      { kind: 'depth', depths: [{ mm: '3' }] },
      { kind: 'said', metres: '60 yd' },
      { kind: 'turns', turns: 4 },
    );
    expect(waits).toEqual(['depth', 'said']);
    expect(run.state.progress.turns).toBe(4);
  });

  it('counts on where no table came with it', () => {
    const { run } = whileAway(RUN, undefined, told({ kind: 'turns', turns: 7 }, { kind: 'done', step: 'check' }));
    expect(run.state.progress.turns).toBe(7);
    expect(run.state.current).toBe('tie');
  });

  it('changes nothing of what the server told', () => {
    const before = JSON.stringify(RUN);
    goneOn({ kind: 'done', step: 'check' }, { kind: 'turns', turns: 9 }, { kind: 'note', step: 'tie', words: 'x' });
    expect(JSON.stringify(RUN)).toBe(before);
  });

  it('lies between two answers in every figure', () => {
    expect(between({ a: 0, b: [2, null], c: 'x' }, { a: 10, b: [4, 3], c: 'y' }, 0.25)).toEqual({
      a: 2.5,
      b: [2.5, null],
      c: 'x',
    });
  });
});
