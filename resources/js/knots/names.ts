import type { KnotId } from '../api/types';

/** The knots by their standard names: at the arbor first, then line to line. */
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
};
