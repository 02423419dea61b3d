import type { JoinsCase, KnotId } from '../api/types';

/** The knots by their standard names: at the arbor first, then line to line, then at the hook. */
export const NAMES: Record<KnotId, string> = {
  arbor: 'arbor knot',
  double_overhand: 'double overhand',
  uni: 'uni',
  figure_eight: 'figure-eight noose',
  taped_tag: 'taped tag',
  double_uni: 'double uni',
  albright: 'Albright',
  alberto: 'Alberto',
  surgeons: 'surgeon’s',
  blood: 'blood knot',
  fg: 'FG',
  palomar: 'Palomar',
  improved_clinch: 'improved clinch',
  uni_hook: 'uni at the hook',
  non_slip_loop: 'non-slip loop',
};

/** Whether a single line is tied at this place: to the arbor or to a hook. */
export const tiesOneLine = (where: JoinsCase['where']) => where === 'arbor' || where === 'hook';
