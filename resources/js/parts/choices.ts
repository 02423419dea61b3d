import { MATERIAL_WORD } from '../drawings/material';

const same = (...values: string[]) => values.map((value) => ({ value, label: value }));

/** The choices a field may have, worded the same wherever they stand. */
export const KINDS = same('spinning', 'baitcasting', 'spincast');
export const LIPS = same('bevelled', 'straight', 'rounded');
export const MATERIALS = Object.entries(MATERIAL_WORD).map(([value, label]) => ({ value, label }));
export const STAMP_UNITS = [
  { value: '', label: 'detect units' },
  { value: 'mm_m', label: 'mm and m' },
  { value: 'lb_yd', label: 'lb and yd' },
  { value: 'lb_m', label: 'lb and m' },
  { value: 'pe_m', label: 'PE and m' },
];
export const LAYS = [
  { value: 'even', label: 'evenly' },
  { value: 'normal', label: 'average' },
  { value: 'coarse', label: 'unevenly' },
];
export const TOOLS = [
  { value: 'caliper', label: 'calipers' },
  { value: 'ruler', label: 'a ruler' },
  { value: 'paper_strip', label: 'a strip of paper' },
  { value: 'unknown', label: 'unknown' },
];
