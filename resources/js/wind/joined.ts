import type { Run, RunStep } from '../api/types';
import { type Joined, type TypedLine, typedLine } from '../knots/useKnotChoice';

/** The leader a step begins with. */
export const USUAL_LEADER: TypedLine = { material: 'fluoro', size: '0.35' };

/** What is joined at a step: the arbor, the line below, or the leader. */
export function joins({ layers, grips, kept }: Run['state'], step: RunStep, leader: TypedLine): Joined {
  const line = (index: number) => ({
    material: layers[index]?.material ?? 'mono',
    diameter_mm: layers[index]?.diameter_mm ?? null,
  });
  if (step.kind === 'tie') return { where: 'arbor', one: line(0), other: null, grips, backing: layers.length > 1 };
  const above = step.layer ?? layers.length - 1;
  const under =
    above === 0 && kept ? { material: kept.material ?? 'mono', diameter_mm: kept.diameter_mm } : line(above - 1);
  return step.kind === 'join'
    ? { where: 'buried', one: under, other: line(above) }
    : { where: 'guides', one: line(above), other: typedLine(leader) };
}
