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
  { key: 'mono_range', label: 'Mono capacity, as printed', placeholder: '6-14 lb, 0.2-0.3 mm' },
  { key: 'braid_range', label: 'Braid capacity, as printed', placeholder: '10-25 lb, PE 0.8-1.5' },
];

export const STAMP: FormField = {
  key: 'stamp',
  label: 'Capacity printed on the spool',
  placeholder: '0.25/200, 8/140, PE 1.5-200',
  wide: true,
  as: (props, { kind, stamp_units, stamp_material }) => (
    <StampField {...props} known={stampKnown(kind, stamp_material, stamp_units)} />
  ),
};

export const spoolFields = (units: Units, kind: Reel['kind']): FormField[] => [
  { key: 'name', label: 'Spool name', placeholder: 'deep' },
  { ...STAMP, as: (props, values) => STAMP.as?.(props, { ...values, kind }) },
  {
    key: 'stamp_units',
    label: 'Units of the printed capacity',
    choices: STAMP_UNITS,
  },
  {
    key: 'stamp_material',
    label: 'Printed capacity is for',
    choices: MATERIALS,
  },
  { key: 'rated_gap', label: 'Printed full level, below the lip', unit: units.small, placeholder: 'if known' },
  { key: 'lip_diameter', label: 'Lip diameter', unit: units.small, placeholder: units.small },
  { key: 'arbor_diameter', label: 'Arbor diameter', unit: units.small, placeholder: units.small },
  { key: 'arbor_deep_diameter', label: 'Arbor diameter, other end', unit: units.small, placeholder: 'if it tapers' },
  { key: 'traverse', label: 'Spool width', unit: units.small, placeholder: units.small },
  { key: 'bevel_depth', label: 'Bevel depth', unit: units.small, placeholder: units.small },
  { key: 'full_mark', label: 'Full mark on the spool, below the lip', unit: units.small, placeholder: 'if it has one' },
  { key: 'lip', label: 'Lip shape', choices: LIPS },
  {
    key: 'lay',
    label: 'Lays line',
    choices: LAYS,
  },
  {
    key: 'grips',
    label: 'Arbor surface',
    choices: [
      { value: '', label: 'plain' },
      { value: 'yes', label: 'grips braid (strip, pin or hole)' },
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
