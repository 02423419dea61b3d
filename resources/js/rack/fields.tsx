import { MATERIALS } from '../parts/choices';
import type { FormField } from '../parts/form';
import { SizeField } from '../printed/PrintedField';
import type { Units } from '../units/units';

export const lineFields = (units: Units): FormField[] => [
  { key: 'name', label: 'Line name', wide: true },
  {
    key: 'material',
    label: 'Kind',
    choices: MATERIALS,
  },
  {
    key: 'size',
    label: 'Diameter or strength',
    placeholder: '0.16, PE 1 or 20 lb',
    as: (props, { material }) => <SizeField {...props} known={{ material: (material ?? 'mono') as 'mono' }} />,
  },
  { key: 'strength', label: 'Strength', unit: units.force, placeholder: `9 ${units.force}` },
  { key: 'colour', label: 'Colour' },
];

export const fillerFields = (units: Units): FormField[] => [
  { key: 'full_length', label: 'Length when new', unit: units.length, placeholder: 'if known' },
  {
    key: 'price',
    label: 'Price',
    placeholder: units.money ? `9.50 ${units.money}` : 'any currency',
    unit: units.money || undefined,
  },
  { key: 'diameter', label: 'Diameter of the full filler spool', unit: units.small, placeholder: 'to work out twist' },
  { key: 'core', label: 'Diameter of the bare core', unit: units.small, placeholder: 'to work out twist' },
  { key: 'name', label: 'Note', placeholder: 'second spool, opened' },
];
