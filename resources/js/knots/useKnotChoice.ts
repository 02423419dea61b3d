import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useChangeAngler } from '../api/records';
import type { Angler, JoinsCase, JoinsResult, KnotId } from '../api/types';
import { MATERIAL_WORD } from '../drawings/material';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';

export type Hands = NonNullable<JoinsCase['hands']>[number];
/** A line as it is typed here. */
export interface TypedLine {
  material: Schemas['Material'];
  /** as it is printed */
  size: string;
}
export type Joined = Pick<JoinsCase, 'where' | 'one' | 'other' | 'grips' | 'backing'>;

/** Which knots fit, asked for one pair of hands. */
export const joinsCase = (joined: Joined, hands: Hands[], angler: Angler | undefined): JoinsCase => ({
  ...joined,
  hands,
  ties_well: (angler?.knots.well ?? []) as KnotId[],
  tested: angler?.knots.tested ?? {},
});

export const typedLine = (line: TypedLine): JoinsCase['one'] => ({
  material: line.material,
  size: line.size,
});

/** The two lines that stand in Knots until others are typed, and where they are joined. */
export const FIRST_LINES = {
  where: 'guides',
  one: { material: 'braid', size: '0.16' },
  other: { material: 'fluoro', size: '0.30' },
} as const;

/** Which knot for these lines, this place and this pair of hands, with the angler's own tests; the first fitting one until another is picked. */
export function useKnotChoice(joined: Joined, start: KnotId | null = null) {
  const { angler } = useBench();
  const change = useChangeAngler();
  const [hands, setHands] = useLocalStorage<Hands[]>({ key: 'undro-hands', defaultValue: [] });
  const [picked, setPicked] = useState<KnotId | null>(start);
  const well = (angler?.knots.well ?? []) as KnotId[];
  const tested = angler?.knots.tested ?? {};
  const keep = (knots: NonNullable<Schemas['AnglerChange']['knots']>) =>
    angler && change.mutateAsync({ id: angler.id, body: { knots } }).catch(failed);
  const joins = useCalculator('joins', joinsCase(joined, hands, angler));
  const knots = joins.data?.knots ?? [];
  return {
    knots,
    /** how the knot is shown: where, whether with braid or a thin line, and what its lines are called, the thicker first */
    shown: shownFor(joined, joins.data),
    problem: joins.error?.message ?? null,
    knot: picked ?? knots[0]?.id ?? null,
    pick: setPicked,
    hands,
    setHands,
    well,
    tested,
    turnWell: (knot: KnotId) =>
      keep({ well: well.includes(knot) ? well.filter((each) => each !== knot) : [...well, knot] }),
    keepTest: (knot: KnotId, share: string) => keep({ tested: { [knot]: share } }),
  };
}

const ROLES = {
  buried: ['backing', 'main line'],
  guides: ['main line', 'leader'],
  arbor: ['line', 'line'],
  hook: ['line', 'line'],
} as const;

export function shownFor({ where, one, other }: Joined, found: Pick<JoinsResult, 'thicker' | 'thin'> | undefined) {
  const called = [one, other ?? one].map((line, index) => `${ROLES[where][index]}, ${MATERIAL_WORD[line.material]}`);
  const [first = '', second = ''] = found?.thicker === 'other' ? called.toReversed() : called;
  const names: [string, string] = [first, second];
  return { where, braid: one.material === 'braid' || other?.material === 'braid', thin: found?.thin ?? false, names };
}

export type KnotChoice = ReturnType<typeof useKnotChoice>;
