import type { Angler, Filler, PlanCase, Reel } from '../api/types';
import { backingOf } from '../parts/onSpool';
import { type Units, withUnit } from '../units/units';
import { type Draft, type DraftKey, EMPTY, KEYS, type LineRole, lineKeys, REASONS } from './draft';
import { fillerOf, mainOffReel, oldLine, spoolOf } from './records';

export type Habits = Pick<Angler['habits'], 'long_cast' | 'beginner' | 'schools'>;
export const NO_HABITS: Habits = { long_cast: false, beginner: false, schools: {} };

/** Habits of two: how full goes by whoever fishes the reel, all else by whoever winds it. */
export function filledFor(user: Angler | undefined, winder: Angler | undefined): Habits {
  const { full: _, ...schools } = winder?.habits.schools ?? {};
  const full = user?.habits.schools.full;
  return {
    long_cast: user?.habits.long_cast ?? false,
    beginner: user?.habits.beginner ?? false,
    schools: full === undefined ? schools : { ...schools, full },
  };
}

/** Fields that hold a gap, depth or diameter, and those that hold a length of line. */
const SMALL: readonly DraftKey[] = [
  'sleeve',
  'ratedGap',
  'lipMm',
  'arborMm',
  'deepMm',
  'traverseMm',
  'bevel',
  'mark',
  'gap',
  'join',
  'keptDepth',
];
const LENGTHS: readonly DraftKey[] = ['mainLength', 'backingLength', 'cast', 'run'];

/** A field's text with the unit a bare figure in it is meant in. */
const whole = (draft: Draft, key: DraftKey, units: Units): string =>
  SMALL.includes(key)
    ? withUnit(draft[key], units.small)
    : LENGTHS.includes(key)
      ? withUnit(draft[key], units.length)
      : draft[key];

/** What differs from an empty plan, for a link or for saving, readable whatever the units are then. Read again by "revive". */
export function differences(draft: Draft, units: Units): Record<string, string> {
  return Object.fromEntries(
    KEYS.filter((key) => draft[key] !== EMPTY[key]).map((key) => [key, whole(draft, key, units)]),
  );
}

/** What there is to take line from. */
export interface Stock {
  fillers: Filler[];
  reels: Reel[];
  /** what finished fills have taught of this spool and these lines */
  learnt?: PlanCase['learnt'];
}
const NO_STOCK: Stock = { fillers: [], reels: [] };

/** Ways under which backing lies, so that its fields matter. */
export const WITH_BACKING: readonly Draft['way'][] = ['backing', 'turn_over', 'grip'];

/** The reasons of the gap that are switched off. */
export const switchedOff = (draft: Draft): NonNullable<PlanCase['off']> =>
  REASONS.filter((reason) => draft.off.split(',').includes(reason));
/** The spool as the calculators take it. */
export const spoolCase = (draft: Draft, units: Units): PlanCase['spool'] => {
  const figure = (key: DraftKey) => whole(draft, key, units) || null;
  return {
    ratings_text: draft.stamp,
    ratings_units: draft.stampUnits || null,
    ratings_material: draft.stampMaterial,
    lip_diameter_mm: figure('lipMm'),
    arbor_diameter_mm: figure('arborMm'),
    arbor_deep_diameter_mm: figure('deepMm'),
    traverse_mm: figure('traverseMm'),
    measured_with: draft.with,
    lay: draft.lay,
    rated_gap_mm: figure('ratedGap'),
  };
};

/** The question for the server, exactly as typed. Null while there is nothing to ask about. */
export function toCase(draft: Draft, units: Units, habits: Habits, stock: Stock = NO_STOCK): PlanCase | null {
  if (!draft.mainSize.trim() || !(draft.stamp.trim() || draft.lipMm.trim())) return null;
  const figure = (key: DraftKey) => whole(draft, key, units) || null;
  const onReel = mainOffReel(draft, stock.reels);
  const line = (role: LineRole) => {
    const keys = lineKeys(role);
    const filler = fillerOf(role, draft, stock.fillers);
    const old = role === 'backing' ? oldLine(stock.reels).find((each) => each.id === draft.backingOff) : onReel;
    return {
      material: draft[keys.material],
      size: draft[keys.size],
      size_from: draft[keys.from],
      length_m: figure(keys.length),
      on_hand_m: old?.piece.length_m ?? filler?.left_m ?? null,
      on_hand_half_m: (old ? old.piece.half_m : filler?.half_m) ?? null,
      price: (!old && filler?.price) || null,
      price_for_m: filler?.full_length_m ?? null,
    };
  };
  const withBacking =
    (draft.open === 'backing' && draft.way !== 'main_only') ||
    draft.way === 'grip' ||
    (draft.backingSize.trim() !== '' && draft.backingLength.trim() !== '');
  return {
    reel: {
      kind: draft.kind,
      lip: draft.lip,
      bevel_depth_mm: figure('bevel'),
      full_mark_mm: figure('mark'),
      gear_ratio: draft.gear || null,
    },
    spool: spoolCase(draft, units),
    main: {
      ...line('main'),
      off_reel: onReel?.here === false,
      parked: onReel?.here === true,
      length_by: draft.mainBy,
      parts: /^\d+$/.test(draft.parts) ? Number(draft.parts) : null,
      cast_m: figure('cast'),
      run_m: figure('run'),
    },
    backing: withBacking ? { ...line('backing'), with: draft.backingWith || null } : null,
    kept: kept(draft, stock.reels, figure('keptDepth')),
    open: draft.open,
    way: draft.way,
    sleeve_mm: figure('sleeve'),
    tape_wraps: draft.wraps || null,
    grips: draft.grips === 'yes',
    gap_mm: figure('gap'),
    join_depth_mm: draft.open === 'backing' ? figure('join') : null,
    ...(stock.learnt ? { learnt: stock.learnt } : {}),
    ...habits,
    off: switchedOff(draft),
  };
}

/** Backing that lies on the spool and may stay; null where none is known of. */
function kept(draft: Draft, reels: Reel[], depth: string | null): PlanCase['kept'] {
  const spool = spoolOf(draft, reels);
  const backing = backingOf(spool);
  return backing.length === 0 && depth === null
    ? null
    : {
        depth_mm: depth,
        readings: draft.keptReadings || null,
        sound: spool?.keeps_backing ?? false,
        layers: backing.map(({ line, length_m, half_m }) => ({
          material: line.material,
          size: line.size,
          size_from: line.size_from,
          length_m,
          on_hand_half_m: half_m,
        })),
      };
}

const FIELDS: Record<string, DraftKey> = {
  'kept.depth_mm': 'keptDepth',
  'kept.readings': 'keptReadings',
  kept: 'keptDepth',
  'reel.bevel_depth_mm': 'bevel',
  'reel.full_mark_mm': 'mark',
  'reel.gear_ratio': 'gear',
  gear_ratio: 'gear',
  'spool.ratings_text': 'stamp',
  'spool.rated_gap_mm': 'ratedGap',
  'spool.length_m': 'stamp',
  'spool.diameter_mm': 'stamp',
  'spool.lip_diameter_mm': 'lipMm',
  'spool.arbor_diameter_mm': 'arborMm',
  'spool.arbor_deep_diameter_mm': 'deepMm',
  'spool.traverse_mm': 'traverseMm',
  'main.size': 'mainSize',
  'main.length_m': 'mainLength',
  'main.cast_m': 'cast',
  'main.run_m': 'run',
  'main.parts': 'parts',
  sleeve_mm: 'sleeve',
  tape_wraps: 'wraps',
  'backing.size': 'backingSize',
  'backing.length_m': 'backingLength',
  gap_mm: 'gap',
  'spool.gap_mm': 'gap',
  join_depth_mm: 'join',
};

/** The field on screen that a problem speaks of. */
export const fieldOf = (problemField: string): DraftKey | null => FIELDS[problemField] ?? null;
