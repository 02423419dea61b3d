import type { CaseOf } from '../api/calculators';
import type { Filler, Run } from '../api/types';
import type { Sense } from '../drawings/seat/Seat';

/** How a filler may lie before a reel that turns so: the question to the calculator. */
export const placingsCase = (
  state: Run['state'],
  layer: Run['state']['layers'][number],
  filler: Filler | undefined,
  rotor: Sense | null,
  circles: Sense | null,
): CaseOf<'placings'> => ({
  reel: state.reel,
  rotor_turns: rotor,
  filler_turns: circles,
  material: layer.material,
  diameter_mm: layer.diameter_mm,
  spool_diameter_mm: layer.bottom_mm,
  spool_after_mm: layer.top_mm,
  length_m: layer.planned_m,
  filler: {
    full_mm: filler?.diameter_mm ?? null,
    core_mm: filler?.core_mm ?? null,
    full_length_m: filler?.full_length_m ?? null,
    left_m: filler?.left_m ?? null,
  },
});
