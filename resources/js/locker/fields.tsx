import type { Reel, Spool } from '../api/types';
import { KINDS, LAYS, LIPS, MATERIALS, STAMP_UNITS, TOOLS } from '../parts/choices';
import type { FormField } from '../parts/form';
import { stampKnown } from '../printed/known';
import { StampField } from '../printed/PrintedField';
import type { Units } from '../units/units';

export const reelFields = (units: Units): FormField[] => [
  { key: 'name', label: 'Name', wide: true },
  { key: 'kind', label: 'Kind', choices: KINDS },
  { key: 'gear_ratio', label: 'Gear ratio', placeholder: '5.2', kind: 'number' },
  { key: 'max_drag', label: 'Maximum drag', placeholder: `8 ${units.force}`, unit: units.force },
  { key: 'mono_range', label: 'Nylon, as printed', placeholder: '6-14 lb, 0.2-0.3 mm' },
  { key: 'braid_range', label: 'Braid, as printed', placeholder: '10-25 lb, PE 0.8-1.5' },
];

export const STAMP: FormField = {
  key: 'stamp',
  label: 'Stamped on the spool',
  placeholder: '0.25/200, 8/140, PE 1.5-200',
  wide: true,
  as: (props, { kind, stamp_units, stamp_material }) => (
    <StampField {...props} known={stampKnown(kind, stamp_material, stamp_units)} />
  ),
};

export const spoolFields = (units: Units, kind: Reel['kind']): FormField[] => [
  { key: 'name', label: 'Spool', placeholder: 'deep' },
  { ...STAMP, as: (props, values) => STAMP.as?.(props, { ...values, kind }) },
  {
    key: 'stamp_units',
    label: 'Units of the stamp',
    choices: STAMP_UNITS,
  },
  {
    key: 'stamp_material',
    label: 'The stamp is for',
    choices: MATERIALS,
  },
  { key: 'rated_gap', label: 'Stamp is full at', unit: units.small, placeholder: 'as usual' },
  { key: 'lip_diameter', label: 'Lip, across', unit: units.small, placeholder: units.small },
  { key: 'arbor_diameter', label: 'Arbor, across', unit: units.small, placeholder: units.small },
  { key: 'arbor_deep_diameter', label: 'Other arbor end', unit: units.small, placeholder: 'if it tapers' },
  { key: 'traverse', label: 'Traverse', unit: units.small, placeholder: units.small },
  { key: 'bevel_depth', label: 'Depth of the bevel', unit: units.small, placeholder: units.small },
  { key: 'full_mark', label: 'Its own full mark', unit: units.small, placeholder: 'under the lip, if it has one' },
  { key: 'lip', label: 'Shape of the lip', choices: LIPS },
  {
    key: 'lay',
    label: 'How it lays line',
    choices: LAYS,
  },
  {
    key: 'grips',
    label: 'The arbor',
    choices: [
      { value: '', label: 'is bare' },
      { value: 'yes', label: 'grips: strip, pin or hole' },
    ],
  },
  {
    key: 'measured_with',
    label: 'Measured with',
    choices: TOOLS,
  },
];

export const reelValues = (reel: Reel): Record<string, string> => ({
  name: reel.name,
  kind: reel.kind,
  gear_ratio: reel.gear_ratio,
  max_drag: reel.max_drag,
  mono_range: reel.mono_range,
  braid_range: reel.braid_range,
});

export const spoolValues = (spool: Spool): Record<string, string> => ({
  name: spool.name,
  stamp: spool.stamp,
  stamp_units: spool.stamp_units ?? '',
  stamp_material: spool.stamp_material,
  lip: spool.lip,
  lay: spool.lay,
  measured_with: spool.measured_with,
  grips: spool.grips ? 'yes' : '',
  ...spool.measures,
});

/** Form values as the server takes them. */
export function spoolBody(values: Record<string, string>) {
  const {
    lip_diameter,
    arbor_diameter,
    arbor_deep_diameter,
    traverse,
    bevel_depth,
    rated_gap,
    full_mark,
    stamp_units,
    grips,
    ...rest
  } = values;
  return {
    ...(rest as {
      name: string;
      lip: Spool['lip'];
      lay: Spool['lay'];
      stamp: string;
      stamp_material: Spool['stamp_material'];
      measured_with: Spool['measured_with'];
    }),
    grips: grips === 'yes',
    stamp_units: (stamp_units || null) as Spool['stamp_units'],
    measures: { lip_diameter, arbor_diameter, arbor_deep_diameter, traverse, bevel_depth, rated_gap, full_mark },
  };
}
