import type { Angler, Care, DragCase, DragSetting, Reel, Rod, Spool } from '../api/types';
import { mainOf } from '../parts/onSpool';
import { type Units, withUnit } from '../units/units';

/** What the Drag place holds, as typed; it stands in the address. */
export const START = {
  at: 'set',
  fishing: 'general',
  fraction: '',
  main: '',
  /** empty: by the log */
  mainCondition: '',
  join: 'double_uni',
  joinTested: '',
  leader: '',
  leaderCondition: '1',
  /** empty: no hook knot is named */
  hookKnot: '',
  terminalTested: '',
  snap: '',
  snapCondition: '1',
  rod: '',
  mechanism: '',
  knob: '',
  stop: '',
  tip: 'yes',
  angle: '45',
  sleeve: '',
  out: '',
  /** a force wanted because it was so before */
  wanted: '',
  /** the spool in its reel that this chain was begun for; from then on it is as typed, empty fields too */
  begun: '',
  sweep: '1.8 m',
  slack: '0.5 m',
  turns: '0',
  distance: '30 m',
  hook: '',
  lines: '',
};
export type DragDraft = typeof START;

/** Kept with a setting, so that the next one begins from it. */
const CARRIED = [
  'fishing',
  'fraction',
  'main',
  'join',
  'joinTested',
  'leader',
  'leaderCondition',
  'hookKnot',
  'terminalTested',
  'snap',
  'snapCondition',
  'rod',
  'mechanism',
  'knob',
  'stop',
  'tip',
  'angle',
  'sleeve',
] as const;
/** All of it that is kept; how worn the line was then says nothing of the next time. */
const CHAIN = [...CARRIED, 'mainCondition'] as const;

export const chainOf = (draft: DragDraft): Record<string, string> =>
  Object.fromEntries(CHAIN.map((key) => [key, draft[key]]));

/**
 * The chain to begin with on a spool: what the address says, over what was kept last, over what lies on the spool. Of a chain that
 * was begun on another spool nothing comes along.
 */
export function begun(
  draft: DragDraft,
  key: string,
  spool: Spool | undefined,
  last: DragSetting | undefined,
): DragDraft {
  if (draft.begun === key) return draft;
  const strength = mainOf(spool)?.line.strength ?? '';
  const fresh = draft.begun === '';
  const chain = Object.fromEntries(
    CARRIED.map((name) => [
      name,
      fresh && draft[name] !== START[name] ? draft[name] : (last?.chain[name] ?? START[name]),
    ]),
  ) as Pick<DragDraft, (typeof CARRIED)[number]>;
  const tied = fresh && draft.leader !== START.leader ? null : leaderOf(spool);
  return {
    ...draft,
    ...chain,
    ...tied,
    main: chain.main || strength,
    mainCondition: fresh ? draft.mainCondition : START.mainCondition,
    wanted: fresh ? draft.wanted : START.wanted,
    begun: key,
  };
}

/** The leader of the log: it belongs to the spool until it is changed. Null: the log never spoke of one. */
function leaderOf(spool: Spool | undefined): Partial<DragDraft> | null {
  if (!spool?.leader_known) return null;
  const { leader } = spool;
  return leader === null ? { leader: '' } : { leader: leader.strength, ...(leader.knot ? { join: leader.knot } : {}) };
}

/** The spool with what lies on it, as the calculators take it. */
export function spoolCase(reel: Reel, spool: Spool, sleeve: string) {
  const { measures } = spool;
  return {
    reel: reel.kind,
    gear_ratio: reel.gear_ratio || null,
    spool: {
      ratings_text: spool.stamp,
      ratings_units: spool.stamp_units,
      ratings_material: spool.stamp_material,
      lip_diameter_mm: measures.lip_diameter,
      arbor_diameter_mm: measures.arbor_diameter,
      arbor_deep_diameter_mm: measures.arbor_deep_diameter,
      traverse_mm: measures.traverse,
      lay: spool.lay,
      rated_gap_mm: measures.rated_gap,
      bevel_depth_mm: measures.bevel_depth,
      sleeve_mm: sleeve || null,
    },
    layers: spool.contents.map((piece) => ({
      role: piece.role,
      material: piece.line.material,
      diameter_mm: piece.line.diameter_mm,
      length_m: piece.length_m,
    })),
  };
}

/** What a knot kept in the angler’s own pull tests; empty where it was not tested. */
export const ownTest = (knot: string, angler: Angler | undefined) => `${angler?.knots.tested[knot] ?? ''}`;

/** A force set before and wanted again, N; the address may hold anything. */
export function wantedOf(draft: DragDraft): number | null {
  const wanted = Number(draft.wanted);
  return wanted > 0 && Number.isFinite(wanted) ? wanted : null;
}

interface Asked {
  draft: DragDraft;
  reel: Reel | undefined;
  spool: Spool | undefined;
  rod: Rod | undefined;
  units: Units;
  /** what the log says the main line has left of its strength */
  worn: Care['condition'] | null;
  /** the angler at the bench: habits, and own pull tests by knot */
  angler: Angler | undefined;
  /** the setting that holds; without one that was measured the target counts */
  kept: DragSetting | null;
  points: DragSetting[];
  /** force at the tip over force at the reel, where both were measured */
  guides: number | null;
  ladder: number[];
}

/** The question to the drag calculator; null while the main line's strength is not said. */
export function dragCase({
  draft,
  reel,
  spool,
  rod,
  units,
  angler,
  kept,
  points,
  guides,
  ladder,
  worn,
}: Asked): DragCase | null {
  const force = (typed: string) => (typed.trim() === '' ? null : withUnit(typed, units.force));
  const main = force(draft.main);
  if (main === null) return null;
  const filled = reel && spool && mainOf(spool) && spool.picture.shape;
  return {
    chain: {
      main_N: main,
      main_condition: draft.mainCondition || `${worn?.keeps ?? 1}`,
      join: draft.join as 'fg',
      join_tested: draft.joinTested || ownTest(draft.join, angler),
      leader_N: force(draft.leader),
      leader_condition: draft.leaderCondition,
      hook_knot: (draft.hookKnot || null) as 'palomar' | null,
      terminal_tested: draft.terminalTested || ownTest(draft.hookKnot, angler),
      snap_N: force(draft.snap),
      snap_condition: draft.snapCondition,
    },
    fraction: draft.fraction || null,
    fishing: draft.fishing as 'general',
    schools: angler?.habits.schools ?? {},
    reel_max_N: reel?.max_drag_N ?? null,
    rod_max_N: rod?.max_drag || null,
    rod_angle_deg: draft.angle || null,
    wanted_N: wantedOf(draft),
    set_N: kept?.running_N ?? null,
    set_on_mm: kept?.surface_mm ?? null,
    tip: draft.tip === 'yes',
    guides,
    set_tip: kept?.tip ?? true,
    set_by:
      kept?.measured === true
        ? { knob: kept.knob, from_off: kept.from_off, pulls: kept.pulls.map((pull) => ({ ...pull })) }
        : null,
    measured: points.map(({ line_out_m, running_N }) => ({ line_out_m, running_N })),
    line_out_m: ladder,
    at_line_out_m: draft.out === '' ? 0 : draft.out,
    ...(filled ? spoolCase(reel, spool, draft.sleeve && withUnit(draft.sleeve, units.small)) : { layers: [] }),
  };
}

/** Round figures for a table over a line, in the angler's own unit. */
export function rungs(total: number, perUnit: number): number[] {
  const whole = total / perUnit;
  const by = [5, 10, 20, 25, 50, 100, 200].find((step) => whole / step <= 8) ?? 500;
  return Array.from({ length: Math.floor(whole / by) + 1 }, (_, i) => i * by * perUnit);
}
