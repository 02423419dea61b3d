import type { Schemas } from '../api/client';
import { shorten } from '../parts/shorten';

/** What may be chosen in the fields that are no free text. */
export const CHOICES = {
  kind: ['spinning', 'baitcasting', 'spincast'],
  lip: ['bevelled', 'straight', 'rounded'],
  lay: ['even', 'normal', 'coarse'],
  with: ['caliper', 'ruler', 'paper_strip', 'unknown'],
  stampUnits: ['', 'lb_yd', 'lb_m', 'mm_m', 'pe_m'],
  stampMaterial: ['mono', 'fluoro', 'hybrid', 'braid'],
  mainMaterial: ['mono', 'fluoro', 'hybrid', 'braid'],
  mainFrom: ['label', 'measured', 'short_wrap_test'],
  /** what says how long the main line is: typed, all of the filler, a share of it, or casts and a run */
  mainBy: ['typed', 'all', 'share', 'reach'],
  backingMaterial: ['mono', 'fluoro', 'hybrid', 'braid'],
  backingFrom: ['label', 'measured', 'short_wrap_test'],
  backingWith: ['', 'nylon', 'old_line', 'thread', 'tape'],
  /** what lies under the main line, or how it gets there */
  way: ['kept', 'backing', 'main_only', 'grip', 'sleeve', 'tape', 'turn_over'],
  open: ['backing', 'main', 'level'],
  /** yes: the arbor has a strip, a pin or a hole that holds the line */
  grips: ['', 'yes'],
  /** yes: an identical spare spool is at hand */
  spare: ['', 'yes'],
} as const satisfies {
  kind: readonly Schemas['ReelKind'][];
  lip: readonly Schemas['Lip'][];
  lay: readonly Schemas['Lay'][];
  with: readonly Schemas['MeasuredWith'][];
  stampUnits: readonly (Schemas['StampUnits'] | '')[];
  stampMaterial: readonly Schemas['Material'][];
  mainMaterial: readonly Schemas['Material'][];
  mainFrom: readonly Schemas['SizeFrom'][];
  mainBy: readonly Schemas['LengthBy'][];
  backingMaterial: readonly Schemas['Material'][];
  backingFrom: readonly Schemas['SizeFrom'][];
  backingWith: readonly (Schemas['BackWith'] | '')[];
  way: readonly Schemas['WayId'][];
  open: readonly Schemas['Open'][];
  grips: readonly ('' | 'yes')[];
  spare: readonly ('' | 'yes')[];
};

/** What the gap is made of: its base, and what is added to it. */
export const REASONS = ['base', 'springy', 'thin_braid', 'poor_lay', 'long_cast', 'beginner', 'floor'] as const;

/** All that is added to the base: beside a full mark of the spool’s own it starts off. */
export const ADJUSTMENTS = REASONS.slice(1).join(',');

type ChoiceKey = keyof typeof CHOICES;
type Chosen = { -readonly [K in ChoiceKey]: (typeof CHOICES)[K][number] };

/** Fields of free text. */
const TYPED = {
  /** the saved plan this started from */
  plan: '',
  reel: '',
  spool: '',
  bevel: '',
  /** a full mark of the spool’s own, under the lip */
  mark: '',
  gear: '',
  stamp: '',
  ratedGap: '',
  lipMm: '',
  arborMm: '',
  deepMm: '',
  traverseMm: '',
  mainName: '',
  mainSize: '',
  mainLength: '150 m',
  mainFiller: '',
  /** the spool the main line comes off, of another reel */
  mainOff: '',
  parts: '2',
  otherReel: '',
  otherSpool: '',
  cast: '',
  run: '',
  backingName: '',
  backingSize: '0.30 mm',
  backingLength: '',
  backingFiller: '',
  /** old line as backing: the spool it lies on, and which piece from the arbor out */
  backingOff: '',
  /** backing that stays: how deep its surface lies where that was read, else the log’s lengths count */
  keptDepth: '',
  keptReadings: '3',
  sleeve: '',
  wraps: '',
  rod: '',
  gap: '',
  join: '',
  /** reasons of the gap that are switched off, between commas */
  off: '',
};

/** Everything typed and chosen on the Plan place: flat, so that it fits a link and a saved plan as it is. */
export type Draft = typeof TYPED & Chosen;
export type DraftKey = keyof Draft;

export const EMPTY: Draft = {
  ...TYPED,
  kind: 'spinning',
  lip: 'bevelled',
  lay: 'normal',
  with: 'caliper',
  stampUnits: '',
  stampMaterial: 'mono',
  mainMaterial: 'braid',
  mainFrom: 'label',
  mainBy: 'typed',
  backingMaterial: 'mono',
  backingFrom: 'label',
  backingWith: '',
  way: 'backing',
  open: 'backing',
  grips: '',
  spare: '',
};
export const KEYS = Object.keys(EMPTY) as DraftKey[];

const isChoice = (key: DraftKey): key is ChoiceKey => key in CHOICES;

/** One of what may be chosen in a field; anything else is what an empty plan has there. */
export const chosen = <K extends ChoiceKey>(key: K, text: string): Draft[K] =>
  (CHOICES[key] as readonly string[]).includes(text) ? (text as Draft[K]) : EMPTY[key];

/** Longer than any field may be. */
const MOST = 200;

/** A change of some fields from plain text: of a link, a saved plan, or a list that was chosen from. */
export function read(text: Partial<Record<DraftKey, string>>): Partial<Draft> {
  const change: Partial<Draft> = {};
  const put = <K extends DraftKey>(key: K, value: Draft[K]) => {
    change[key] = value;
  };
  for (const key of KEYS) {
    const value = text[key];
    if (typeof value !== 'string') continue;
    if (isChoice(key)) put(key, chosen(key, value));
    else put(key, shorten(value, MOST));
  }
  return change;
}

export type LineRole = 'main' | 'backing';

/** Keys of a role's own fields. */
export const lineKeys = <R extends LineRole>(role: R) =>
  ({
    name: `${role}Name`,
    material: `${role}Material`,
    size: `${role}Size`,
    from: `${role}From`,
    length: `${role}Length`,
    filler: `${role}Filler`,
  }) as const satisfies Record<string, DraftKey>;

/** What was put by hand rather than typed; null: it was typed, or follows from the figures. */
export interface Held {
  /** marks of the drawing, mm under the lip */
  gap: number | null;
  join: number | null;
  /** the main line, in the unit of the angler */
  length: number | null;
}

/** A plan being made, and what of it was put by hand. */
export interface Drafting {
  draft: Draft;
  held: Held;
}

export type Step =
  /** fields are typed or chosen */
  | { what: 'set'; change: Partial<Draft> }
  /** a mark is moved in the drawing */
  | { what: 'drag'; mark: 'gap' | 'join'; mm: number }
  /** the main line is made longer or shorter with the slider */
  | { what: 'slide'; length: number; unit: string }
  /** a link or a saved plan fills everything */
  | { what: 'revive'; stored: Record<string, string> };

/** A draft from a link or a saved plan; what it does not know is left out. */
export const revive = (stored: Record<string, string>): Draft => ({ ...EMPTY, ...read(stored) });

export const begin = (stored: Record<string, string>): Drafting => ({
  draft: revive(stored),
  held: { gap: null, join: null, length: null },
});

/** Backing that stays is that of one spool: another spool begins with a fill from its arbor. */
const elsewhere = (before: Draft, change: Partial<Draft>): Partial<Draft> =>
  before.way === 'kept' && change.way === undefined && change.spool !== undefined && change.spool !== before.spool
    ? { way: 'backing', open: 'backing', keptDepth: '' }
    : {};

/** The one place that says what each step makes of a draft. */
export function reduce(before: Drafting, step: Step): Drafting {
  switch (step.what) {
    case 'set':
      return {
        draft: { ...before.draft, ...step.change, ...elsewhere(before.draft, step.change) },
        held: {
          gap: step.change.gap === undefined ? before.held.gap : null,
          join: step.change.join === undefined ? before.held.join : null,
          length: step.change.mainLength === undefined ? before.held.length : null,
        },
      };
    case 'drag':
      return {
        draft: { ...before.draft, [step.mark]: `${step.mm.toFixed(2)} mm` },
        held: { ...before.held, [step.mark]: step.mm },
      };
    case 'slide':
      return {
        draft: { ...before.draft, mainBy: 'typed', join: '', mainLength: `${step.length} ${step.unit}` },
        held: { ...before.held, join: null, length: step.length },
      };
    case 'revive':
      return begin(step.stored);
  }
}
