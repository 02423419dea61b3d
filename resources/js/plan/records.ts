import type { Filler, Line, Reel, Spool } from '../api/types';
import { backingOf, mainOf } from '../parts/onSpool';
import { length, type Units, words } from '../units/units';
import { ADJUSTMENTS, type Draft, type DraftKey, EMPTY, type LineRole, lineKeys } from './draft';

/** A spare spool just like this one. */
const alike = (other: Spool, spool: Spool): boolean =>
  other.id !== spool.id &&
  other.stamp === spool.stamp &&
  Object.entries(spool.measures).every(([key, value]) => other.measures[key as keyof Spool['measures']] === value);

/** What is typed of a spool and its reel. */
const SPOOL = [
  'kind',
  'gear',
  'lip',
  'lay',
  'grips',
  'spare',
  'stamp',
  'stampUnits',
  'stampMaterial',
  'lipMm',
  'arborMm',
  'deepMm',
  'traverseMm',
  'bevel',
  'mark',
  'ratedGap',
  'with',
  'gap',
  'join',
  'off',
] as const satisfies readonly (keyof Draft)[];
const spoolKey = (draft: Pick<Draft, 'reel' | 'spool'>) => `undro-spool ${draft.reel} ${draft.spool}`;

/** Another reel is picked: what was typed of the spool is kept with this one, as long as the window is open. */
export function keepSpool(draft: Draft, reels: Reel[]): void {
  const spool = spoolOf(draft, reels);
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const locker: Partial<Draft> = reel && spool ? fromReel(reel, spool) : {};
  const typed = Object.fromEntries(
    SPOOL.filter((key) => draft[key] !== (locker[key] ?? EMPTY[key])).map((key) => [key, draft[key]]),
  );
  sessionStorage.setItem(spoolKey(draft), JSON.stringify(typed));
}

/** What was typed of it before. */
export const keptSpool = (of: Pick<Draft, 'reel' | 'spool'>): Partial<Draft> =>
  JSON.parse(sessionStorage.getItem(spoolKey(of)) ?? '{}');

/** The figures of a spool in its reel, as they stand in the locker. */
export function fromReel(reel: Reel, spool: Spool): Pick<Draft, 'reel' | 'spool' | (typeof SPOOL)[number]> {
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
    mark: spool.measures.full_mark,
    ratedGap: spool.measures.rated_gap,
    with: spool.measured_with,
    gap: '',
    join: '',
    off: spool.measures.full_mark.trim() === '' ? '' : ADJUSTMENTS,
  };
}

/** A line from the rack, by itself or with the filler it comes off. */
export function fromLine(role: LineRole, line: Line, filler?: Filler): Partial<Draft> {
  return role === 'main'
    ? {
        mainName: line.name,
        mainMaterial: line.material,
        mainSize: line.size,
        mainFrom: line.size_from,
        mainFiller: String(filler?.id ?? ''),
        mainOff: '',
        join: '',
      }
    : {
        backingName: line.name,
        backingMaterial: line.material,
        backingSize: line.size,
        backingFrom: line.size_from,
        backingFiller: String(filler?.id ?? ''),
        backingOff: '',
      };
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

/** The spool a draft is for. */
export const spoolOf = (draft: Draft, reels: Reel[]): Spool | undefined =>
  reels.find((each) => String(each.id) === draft.reel)?.spools.find((each) => String(each.id) === draft.spool);

/** The records a draft still stands by, so that what was learnt of them holds: nothing of them was typed over. */
export function stands(draft: Draft, reels: Reel[], lines: Line[]) {
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const spool = spoolOf(draft, reels);
  const kept: Partial<Draft> = reel && spool ? fromReel(reel, spool) : {};
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
  // of backing that stays, what was learnt of the line it is
  const under = draft.way === 'kept' ? backingOf(spool).at(-1)?.line.id : undefined;
  return {
    spool: spool && ROOM.every((key) => kept[key] === draft[key]) ? spool.id : undefined,
    main: line('main'),
    backing: under ?? line('backing'),
  };
}

/** Every piece that lies on a spool now, and may serve again as backing. */
export const oldLine = (reels: Reel[]) =>
  reels.flatMap((reel) =>
    reel.spools.flatMap((spool) =>
      spool.contents.map((piece, index) => ({ id: `${spool.id}.${index}`, reel, spool, piece })),
    ),
  );

/**
 * Every main line on a reel that may be wound onto this spool: off another reel, or off this spool itself where no backing lies under it
 * ("here": it waits on a spare spool while backing goes under it).
 */
export const mainsOnReels = (reels: Reel[], spool: string) =>
  reels.flatMap((reel) =>
    reel.spools.flatMap((each) => {
      const piece = mainOf(each);
      const here = String(each.id) === spool;
      return piece && !(here && each.contents.length > 1)
        ? [{ id: String(each.id), reel, spool: each, piece, here }]
        : [];
    }),
  );

/** The one of them that a draft goes by. */
export const mainOffReel = (draft: Draft, reels: Reel[]) =>
  draft.mainOff === '' ? undefined : mainsOnReels(reels, draft.spool).find((each) => each.id === draft.mainOff);

/** Where Plan opens with this filled in. */
export const planWith = (fields: Partial<Draft> & { day?: string }) =>
  `/plan?${new URLSearchParams(Object.entries(fields).filter(([, typed]) => typed !== ''))}`;

/** Plan's fields with the line that is on a spool, and backing to go under it. */
export const underneath = (reel: Reel, spool: Spool, units: Units, backing?: Line, filler?: Filler): Partial<Draft> => {
  const main = mainOf(spool);
  return main === undefined
    ? {}
    : {
        reel: `${reel.id}`,
        spool: `${spool.id}`,
        ...fromLine('main', main.line),
        mainOff: `${spool.id}`,
        mainBy: 'typed',
        mainLength: words(length(main.length_m, units)),
        way: 'backing',
        open: 'backing',
        ...(backing ? fromLine('backing', backing, filler) : {}),
      };
};

/** The filler a role's line comes off: the one picked, or the first of that name. */
export const fillerOf = (role: LineRole, draft: Draft, fillers: Filler[]): Filler | undefined =>
  draft[`${role}Filler`]
    ? fillers.find((each) => String(each.id) === draft[`${role}Filler`])
    : fillers.find((each) => draft[`${role}Name`] !== '' && each.line.name === draft[`${role}Name`]);

/** What a plan is called until somebody says otherwise. */
export const usualName = (draft: Draft, reels: Reel[]): string =>
  [
    reels.find((each) => String(each.id) === draft.reel)?.name ?? 'Spool',
    draft.mainName || draft.mainSize || 'plan',
  ].join(', ');
