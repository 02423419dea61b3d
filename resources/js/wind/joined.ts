import type { Run, RunStep } from '../api/types';
import { type Joined, type TypedLine, typedLine } from '../knots/useKnotChoice';

/** The leader a step begins with. */
export const USUAL_LEADER: TypedLine = { material: 'fluoro', size: '0.35' };

/** The line that is tied to the hook: the leader, where one is tied on, or the main line. */
export function atHook({ layers, steps }: Run['state']): TypedLine {
  const main = layers.at(-1);
  return main?.diameter_mm && !steps.some((step) => step.kind === 'leader')
    ? { material: main.material, size: `${main.diameter_mm} mm` }
    : USUAL_LEADER;
}

/**
 * What is joined at a step: the arbor, the line below, the leader, or the hook.
 *
 * @param leader as it is typed at the step of the leader
 * @param hooked the line at the hook as it is typed at that step
 */
export function joins(
  state: Run['state'],
  step: RunStep,
  leader: TypedLine,
  hooked: TypedLine = atHook(state),
): Joined {
  const { layers, grips, kept } = state;
  const line = (index: number) => ({
    material: layers[index]?.material ?? 'mono',
    diameter_mm: layers[index]?.diameter_mm ?? null,
  });
  if (step.kind === 'tie') return { where: 'arbor', one: line(0), other: null, grips, backing: layers.length > 1 };
  if (step.kind === 'hook_knot') return { where: 'hook', one: typedLine(hooked), other: null };
  const above = step.layer ?? layers.length - 1;
  const under =
    above === 0 && kept ? { material: kept.material ?? 'mono', diameter_mm: kept.diameter_mm } : line(above - 1);
  return step.kind === 'join'
    ? { where: 'buried', one: under, other: line(above) }
    : { where: 'guides', one: line(above), other: typedLine(leader) };
}
