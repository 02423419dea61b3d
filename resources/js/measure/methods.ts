import type { Schemas } from '../api/client';
import type { Units } from '../units/units';

/** What can be chosen; a wrap test turns out short by itself. */
export type Method = Exclude<Schemas['MeasureMethod'], 'short_wrap_test'>;

export interface MeasureField {
  key: string;
  label: string;
  placeholder: string;
  unit?: string;
  /** an answer comes without it */
  optional?: boolean;
}

export interface MethodWords {
  word: string;
  how: string;
  fields: (units: Units) => MeasureField[];
}

const mass = (key: string, label: string, placeholder: string, optional = false): MeasureField => ({
  optional,
  key,
  label,
  placeholder,
  unit: 'g',
});
const STEP = mass('step_g', 'Scale reads in steps of', '1 g', true);

const WHERE =
  'Lip: the front rim, at its widest. Arbor: the bare core; if it tapers, measure both ends. Spool width: inside, from flange to flange. Turn the spool a little between readings.';
const readings = (units: Units): MeasureField[] =>
  [
    ['first_mm', 'First reading'],
    ['second_mm', 'Second reading'],
    ['third_mm', 'Third reading'],
  ].map(([key = '', label = ''], index) => ({
    key,
    label,
    placeholder: `31.0 ${units.small}`,
    unit: units.small,
    optional: index > 0,
  }));

const bar = (units: Units): MeasureField => ({
  key: 'bar_mm',
  label: 'Length of the 100 mm bar on the sheet',
  placeholder: '100 mm',
  unit: units.small,
  optional: true,
});

/** Those that take the printed sheet of paper tools. */
export const ON_PAPER: Method[] = ['printed_strip', 'stepped_gauge', 'wrap_test'];

export const METHODS: Record<Method, MethodWords> = {
  caliper: { word: 'caliper', how: WHERE, fields: readings },
  ruler: { word: 'ruler', how: WHERE, fields: readings },
  paper_strip: {
    word: 'strip of paper',
    how: 'Wrap a strip of paper round it and mark where the ends meet. Unroll it and measure to the mark. Undro divides by pi to get the diameter.',
    fields: (units) => [
      { key: 'round_mm', label: 'Length to the mark', placeholder: `97 ${units.small}`, unit: units.small },
    ],
  },
  printed_strip: {
    word: 'printed strip',
    how: 'Cut out the strip from the paper tools. Wrap it round with the scale outside and read where its start meets the scale. Measure the 100 mm bar too, to check your printer.',
    fields: (units) => [{ key: 'reads_mm', label: 'Strip reads', placeholder: '31 mm', unit: 'mm' }, bar(units)],
  },
  wrap_test: {
    word: 'wrap test',
    how: 'Wind at least 10 mm of touching wraps round a pencil, without pulling the line flat. Count the wraps and measure their width.',
    fields: (units) => [
      { key: 'wraps', label: 'Number of wraps', placeholder: '40' },
      { key: 'over_mm', label: 'Width of the wraps', placeholder: `12 ${units.small}`, unit: units.small },
    ],
  },
  kitchen_scale: {
    word: 'kitchen scale',
    how: 'Weigh the filler spool now. Its full weight is on the label or in your notes. An empty one of the same make gives the surest answer.',
    fields: () => [
      mass('mass_g', 'Weight now', '81 g'),
      mass('full_g', 'Weight when full', '120 g'),
      mass('empty_g', 'Weight when empty', '38 g', true),
      STEP,
    ],
  },
  weighed: {
    word: 'weighed spool',
    how: 'Weigh the bare spool, or a bare one of the same make. Then weigh it with the line on.',
    fields: () => [
      mass('before_g', 'Weight of the bare spool', '62 g'),
      mass('after_g', 'Weight with line', '71 g'),
      STEP,
    ],
  },
  stepped_gauge: {
    word: 'stepped gauge',
    how: 'Hold the gauge’s edge square on the lip with one tongue over the line. Read the last step that lets the edge rest on the lip. The next step lifts it.',
    fields: (units) => [{ key: 'step', label: 'Last step that fits', placeholder: '2.5' }, bar(units)],
  },
  level: {
    word: 'line level',
    how: 'Lay a ruler across the lip and read how far below it the line is. Do this in three places round the spool.',
    fields: (units) => [
      { key: 'depth_mm', label: 'Line level below the lip', placeholder: `3 ${units.small}`, unit: units.small },
      { key: 'readings', label: 'Number of readings', placeholder: '3', optional: true },
    ],
  },
};
