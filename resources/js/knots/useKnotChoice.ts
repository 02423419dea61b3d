import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useChangeAngler } from '../api/records';
import type { JoinsCase, KnotId } from '../api/types';
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

export const typedLine = (line: TypedLine): JoinsCase['one'] => ({
  material: line.material,
  size: line.size,
});

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
  const joins = useCalculator('joins', { ...joined, hands, ties_well: well, tested });
  const knots = joins.data?.knots ?? [];
  return {
    knots,
    /** which of the two is drawn thick */
    thick: joins.data?.thicker === 'other' ? ('b' as const) : ('a' as const),
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

export type KnotChoice = ReturnType<typeof useKnotChoice>;
