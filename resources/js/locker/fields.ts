import type { Reel, Spool } from '../api/queries';
import { MATERIAL_WORD } from '../drawings/material';
import type { FormField } from '../parts/form';
import type { Units } from '../units/units';

const choices = (...values: string[]) => values.map((value) => ({ value, label: value }));

export const reelFields = (units: Units): FormField[] => [
  { key: 'name', label: 'Name', wide: true },
  { key: 'kind', label: 'Kind', choices: choices('spinning', 'baitcasting', 'spincast') },
  { key: 'gear_ratio', label: 'Gear ratio', placeholder: '5.2' },
  { key: 'max_drag', label: 'Maximum drag', placeholder: `8 ${units.force}`, unit: units.force },
];

export const STAMP: FormField = {
  key: 'stamp',
  label: 'Stamped on the spool',
  placeholder: '0.25/200, 8/140, PE 1.5-200',
  wide: true,
};

export const spoolFields = (units: Units): FormField[] => [
  { key: 'name', label: 'Spool', placeholder: 'deep' },
  STAMP,
  {
    key: 'stamp_units',
    label: 'Units of the stamp',
    choices: [
      { value: '', label: 'as they look' },
      { value: 'mm_m', label: 'mm and m' },
      { value: 'lb_yd', label: 'lb and yd' },
      { value: 'lb_m', label: 'lb and m' },
      { value: 'pe_m', label: 'PE and m' },
    ],
  },
  {
    key: 'stamp_material',
    label: 'The stamp is for',
    choices: Object.entries(MATERIAL_WORD).map(([value, label]) => ({ value, label })),
  },
  { key: 'lip_diameter', label: 'Lip, across', unit: units.small, placeholder: units.small },
  { key: 'arbor_diameter', label: 'Arbor, across', unit: units.small, placeholder: units.small },
  { key: 'arbor_deep_diameter', label: 'Other arbor end', unit: units.small, placeholder: 'if it tapers' },
  { key: 'traverse', label: 'Traverse', unit: units.small, placeholder: units.small },
  { key: 'bevel_depth', label: 'Depth of the bevel', unit: units.small, placeholder: units.small },
  { key: 'lip', label: 'Lip', choices: choices('bevelled', 'straight', 'rounded') },
  {
    key: 'lay',
    label: 'How it lays line',
    choices: [
      { value: 'even', label: 'evenly' },
      { value: 'normal', label: 'as usual' },
      { value: 'coarse', label: 'in humps' },
    ],
  },
  {
    key: 'measured_with',
    label: 'Measured with',
    choices: [
      { value: 'caliper', label: 'a caliper' },
      { value: 'ruler', label: 'a ruler' },
      { value: 'unknown', label: 'not known' },
    ],
  },
];

export const reelValues = (reel: Reel): Record<string, string> => ({
  name: reel.name,
  kind: reel.kind,
  gear_ratio: reel.gear_ratio,
  max_drag: reel.max_drag,
});

export const spoolValues = (spool: Spool): Record<string, string> => ({
  name: spool.name,
  stamp: spool.stamp,
  stamp_units: spool.stamp_units ?? '',
  stamp_material: spool.stamp_material,
  lip: spool.lip,
  lay: spool.lay,
  measured_with: spool.measured_with,
  ...spool.measures,
});

/** Form values as the server takes them. */
export function spoolBody(values: Record<string, string>) {
  const { lip_diameter, arbor_diameter, arbor_deep_diameter, traverse, bevel_depth, stamp_units, ...rest } = values;
  return {
    ...(rest as {
      name: string;
      lip: Spool['lip'];
      lay: Spool['lay'];
      stamp: string;
      stamp_material: Spool['stamp_material'];
      measured_with: Spool['measured_with'];
    }),
    stamp_units: (stamp_units || null) as Spool['stamp_units'],
    measures: { lip_diameter, arbor_diameter, arbor_deep_diameter, traverse, bevel_depth },
  };
}
