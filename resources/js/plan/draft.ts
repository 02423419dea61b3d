import type { Angler, Filler, Line, PlanCase, Reel, Spool } from '../api/queries';
import { shorten } from '../parts/shorten';
import { type Units, withUnit } from '../units/units';

/** Everything typed on the Plan place. Flat text, so that it fits a link and a saved plan as it is. */
export const EMPTY = {
  /** the saved plan this started from */
  plan: '',
  reel: '',
  spool: '',
  kind: 'spinning',
  lip: 'bevelled',
  bevel: '',
  gear: '',
  stamp: '',
  stampUnits: '',
  stampMaterial: 'mono',
  ratedGap: '',
  lipMm: '',
  arborMm: '',
  deepMm: '',
  traverseMm: '',
  with: 'caliper',
  lay: 'normal',
  /** yes: the arbor has a strip, a pin or a hole that holds the line */
  grips: '',
  mainName: '',
  mainMaterial: 'braid',
  mainSize: '',
  mainFrom: 'label',
  mainLength: '150 m',
  mainFiller: '',
  /** what says how long the main line is: typed, all of the filler, a share of it, or casts and a run */
  mainBy: 'typed',
  parts: '2',
  otherReel: '',
  otherSpool: '',
  cast: '',
  run: '',
  backingName: '',
  backingMaterial: 'mono',
  backingSize: '0.30 mm',
  backingFrom: 'label',
  backingLength: '',
  backingFiller: '',
  backingWith: '',
  /** old line as backing: the spool it lies on, and which piece from the arbor out */
  backingOff: '',
  /** what lies under the main line, or how it gets there */
  way: 'backing',
  sleeve: '',
  wraps: '',
  /** yes: an identical spare spool is at hand */
  spare: '',
  rod: '',
  open: 'backing',
  gap: '',
  join: '',
  off: '',
};

export type Draft = typeof EMPTY;
export type Habits = Pick<Angler['habits'], 'long_cast' | 'beginner' | 'schools'>;
export const NO_HABITS: Habits = { long_cast: false, beginner: false, schools: {} };
export type DraftKey = keyof Draft;
export const KEYS = Object.keys(EMPTY) as DraftKey[];

/** Fields that hold a gap, depth or diameter, and those that hold a length of line. */
const SMALL: DraftKey[] = ['sleeve', 'ratedGap', 'lipMm', 'arborMm', 'deepMm', 'traverseMm', 'bevel', 'gap', 'join'];
const LENGTHS: DraftKey[] = ['mainLength', 'backingLength', 'cast', 'run'];

/** A field's text with the unit a bare figure in it is meant in. */
const whole = (draft: Draft, key: DraftKey, units: Units): string =>
  SMALL.includes(key)
    ? withUnit(draft[key], units.small)
    : LENGTHS.includes(key)
      ? withUnit(draft[key], units.length)
      : draft[key];

/** What differs from an empty plan, for a link or for saving, readable whatever the units are then. */
export function differences(draft: Draft, units: Units): Record<string, string> {
  return Object.fromEntries(
    KEYS.filter((key) => draft[key] !== EMPTY[key]).map((key) => [key, whole(draft, key, units)]),
  );
}

/** A draft from a link or a saved plan; what it does not know is left out. */
export function revive(stored: Record<string, string>): Draft {
  const draft = { ...EMPTY };
  for (const key of KEYS) {
    const value = stored[key];
    if (typeof value === 'string') draft[key] = shorten(value, 200);
  }
  return draft;
}

/** A spare spool just like this one. */
const alike = (other: Spool, spool: Spool): boolean =>
  other.id !== spool.id &&
  other.stamp === spool.stamp &&
  Object.entries(spool.measures).every(([key, value]) => other.measures[key as keyof Spool['measures']] === value);

/** The figures of a spool in its reel, as they stand in the locker. */
export function fromReel(reel: Reel, spool: Spool): Partial<Draft> {
  return {
    reel: String(reel.id),
    spool: String(spool.id),
    kind: reel.kind,
    gear: reel.gear_ratio,
    lip: spool.lip,
    lay: spool.lay,
    grips: spool.grips ? 'yes' : '',
    spare: reel.spools.some((other) => alike(other, spool)) ? 'yes' : '',
    stamp: spool.stamp,
    stampUnits: spool.stamp_units ?? '',
    stampMaterial: spool.stamp_material,
    lipMm: spool.measures.lip_diameter,
    arborMm: spool.measures.arbor_diameter,
    deepMm: spool.measures.arbor_deep_diameter,
    traverseMm: spool.measures.traverse,
    bevel: spool.measures.bevel_depth,
    ratedGap: spool.measures.rated_gap,
    with: spool.measured_with,
    gap: '',
    join: '',
    off: '',
  };
}

export type LineRole = 'main' | 'backing';

/** What there is to take line from. */
export interface Stock {
  fillers: Filler[];
  reels: Reel[];
  /** what finished fills have taught of this spool and these lines */
  learnt?: PlanCase['learnt'];
}

/** The figures of a spool that what was learnt of it speaks of. */
const ROOM: DraftKey[] = [
  'stamp',
  'stampUnits',
  'stampMaterial',
  'lipMm',
  'arborMm',
  'deepMm',
  'traverseMm',
  'lay',
  'with',
];

/** The records a draft still stands by, so that what was learnt of them holds: nothing of them was typed over. */
export function stands(draft: Draft, reels: Reel[], lines: Line[]) {
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const spool = reel?.spools.find((each) => String(each.id) === draft.spool);
  const kept = reel && spool ? fromReel(reel, spool) : {};
  const line = (role: LineRole) => {
    const keys = lineKeys(role);
    return lines.find(
      (each) =>
        each.name === draft[keys.name] &&
        each.material === draft[keys.material] &&
        each.size === draft[keys.size] &&
        each.size_from === draft[keys.from],
    )?.id;
  };
  return {
    spool: spool && ROOM.every((key) => kept[key] === draft[key]) ? spool.id : undefined,
    main: line('main'),
    backing: line('backing'),
  };
}

/** Every piece that lies on a spool now, and may serve again as backing. */
export const oldLine = (reels: Reel[]) =>
  reels.flatMap((reel) =>
    reel.spools.flatMap((spool) =>
      spool.contents.map((piece, index) => ({ id: `${spool.id}.${index}`, reel, spool, piece })),
    ),
  );

/** The filler a role's line comes off: the one picked, or the first of that name. */
export const fillerOf = (role: LineRole, draft: Draft, fillers: Filler[]): Filler | undefined =>
  draft[`${role}Filler`]
    ? fillers.find((each) => String(each.id) === draft[`${role}Filler`])
    : fillers.find((each) => draft[`${role}Name`] !== '' && each.line.name === draft[`${role}Name`]);

/** A line from the rack, by itself or with the filler it comes off. */
export function fromLine(role: LineRole, line: Line, filler?: Filler): Partial<Draft> {
  const size = line.size;
  return role === 'main'
    ? {
        mainName: line.name,
        mainMaterial: line.material,
        mainSize: size,
        mainFrom: line.size_from,
        mainFiller: String(filler?.id ?? ''),
        join: '',
      }
    : {
        backingName: line.name,
        backingMaterial: line.material,
        backingSize: size,
        backingFrom: line.size_from,
        backingFiller: String(filler?.id ?? ''),
        backingOff: '',
      };
}

/** Keys of a role's own fields. */
export const lineKeys = (role: LineRole) =>
  ({
    name: `${role}Name`,
    material: `${role}Material`,
    size: `${role}Size`,
    from: `${role}From`,
    length: `${role}Length`,
    filler: `${role}Filler`,
  }) as const satisfies Record<string, DraftKey>;

const NO_STOCK: Stock = { fillers: [], reels: [] };

/** Ways under which backing lies, so that its fields matter. */
export const WITH_BACKING = ['backing', 'turn_over', 'grip'];

/** The question for the server, exactly as typed. Null while there is nothing to ask about. */
export function toCase(draft: Draft, units: Units, habits: Habits, stock: Stock = NO_STOCK): PlanCase | null {
  if (!draft.mainSize.trim() || !(draft.stamp.trim() || draft.lipMm.trim())) return null;
  const figure = (key: DraftKey) => whole(draft, key, units) || null;
  const line = (role: LineRole) => {
    const keys = lineKeys(role);
    const filler = fillerOf(role, draft, stock.fillers);
    const old = role === 'backing' ? oldLine(stock.reels).find((each) => each.id === draft.backingOff) : undefined;
    return {
      material: draft[keys.material],
      size: draft[keys.size],
      size_from: draft[keys.from],
      length_m: figure(keys.length),
      on_hand_m: old?.piece.length_m ?? filler?.left_m ?? null,
      price: (!old && filler?.price) || null,
      price_for_m: filler?.full_length_m ?? null,
    };
  };
  const withBacking =
    (draft.open === 'backing' && draft.way !== 'main_only') ||
    draft.way === 'grip' ||
    (draft.backingSize.trim() !== '' && draft.backingLength.trim() !== '');
  return {
    reel: { kind: draft.kind, lip: draft.lip, bevel_depth_mm: figure('bevel'), gear_ratio: draft.gear || null },
    spool: spoolCase(draft, units),
    main: {
      ...line('main'),
      length_by: draft.mainBy,
      parts: /^\d+$/.test(draft.parts) ? Number(draft.parts) : null,
      cast_m: figure('cast'),
      run_m: figure('run'),
    },
    backing: withBacking ? { ...line('backing'), with: draft.backingWith || null } : null,
    open: draft.open,
    way: draft.way,
    sleeve_mm: figure('sleeve'),
    tape_wraps: draft.wraps || null,
    grips: draft.grips === 'yes',
    gap_mm: figure('gap'),
    join_depth_mm: draft.open === 'backing' ? figure('join') : null,
    ...(stock.learnt ? { learnt: stock.learnt } : {}),
    ...habits,
    off: draft.off ? draft.off.split(',') : [],
  } as PlanCase;
}

/** What a plan is called until somebody says otherwise. */
export const usualName = (draft: Draft, reels: Reel[]): string =>
  [
    reels.find((each) => String(each.id) === draft.reel)?.name ?? 'Spool',
    draft.mainName || draft.mainSize || 'plan',
  ].join(', ');

/** The spool as the calculators take it. */
export const spoolCase = (draft: Draft, units: Units) => {
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
  } as PlanCase['spool'];
};

const FIELDS: Record<string, DraftKey> = {
  'reel.bevel_depth_mm': 'bevel',
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

/** Whether a case asks anything of the lip's own drawing: the bevel's depth in mm, or what is usual. */
export const USUAL_BEVEL_MM = 1.5;
