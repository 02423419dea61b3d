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
const STEP = mass('step_g', 'Step of the scale', '1 g', true);

const WHERE =
  'Lip: the front rim, across its widest. Arbor: the bare core; of a taper, each end by itself. Traverse: inside, from flange to flange. Turn the spool a little between readings.';
const readings = (units: Units): MeasureField[] =>
  [
    ['first_mm', 'Reading'],
    ['second_mm', 'And again'],
    ['third_mm', 'And a third time'],
  ].map(([key = '', label = ''], index) => ({
    key,
    label,
    placeholder: `31.0 ${units.small}`,
    unit: units.small,
    optional: index > 0,
  }));

const bar = (units: Units): MeasureField => ({
  key: 'bar_mm',
  label: 'The sheet’s 100 mm bar measures',
  placeholder: 'not checked',
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
    how: 'Lay a strip of paper round it, mark where it meets, unroll it and measure to the mark. Divided by pi that is how thick it is.',
    fields: (units) => [{ key: 'round_mm', label: 'Round it', placeholder: `97 ${units.small}`, unit: units.small }],
  },
  printed_strip: {
    word: 'printed strip',
    how: 'Cut the strip of the paper tools out, lay it round with the figures outside, and read the figure that its start meets. Type what the sheet’s bar measures: that says how true your printer is.',
    fields: (units) => [{ key: 'reads_mm', label: 'It reads', placeholder: '31 mm', unit: 'mm' }, bar(units)],
  },
  wrap_test: {
    word: 'wrap test',
    how: 'Wind touching wraps round a pencil, without pulling them flat, over 10 mm or more. Count them and measure how wide they lie.',
    fields: (units) => [
      { key: 'wraps', label: 'Wraps', placeholder: '40' },
      { key: 'over_mm', label: 'Over a width of', placeholder: `12 ${units.small}`, unit: units.small },
    ],
  },
  kitchen_scale: {
    word: 'kitchen scale',
    how: 'Weigh the filler now. Its weight full is on the label or in your notes; an empty one of the same make gives the best answer.',
    fields: () => [
      mass('mass_g', 'Weighs now', '81 g'),
      mass('full_g', 'Weighed full', '120 g'),
      mass('empty_g', 'Empty, if you have one', '38 g', true),
      STEP,
    ],
  },
  weighed: {
    word: 'weighed spool',
    how: 'Weigh the spool bare, or a bare one of the same make, and then with the line on it.',
    fields: () => [mass('before_g', 'Bare', '62 g'), mass('after_g', 'With the line', '71 g'), STEP],
  },
  stepped_gauge: {
    word: 'stepped gauge',
    how: 'Hold the edge of the paper gauge on the lip, square to it, one tongue over the line. The step is the last whose tongue leaves the edge lying on the lip; the next lifts it.',
    fields: (units) => [{ key: 'step', label: 'The last step that goes in', placeholder: '2.5' }, bar(units)],
  },
  level: {
    word: 'level now',
    how: 'Lay a rule across the lip and read how far down the line lies, in three places round the spool.',
    fields: (units) => [
      { key: 'depth_mm', label: 'Under the lip now', placeholder: `3 ${units.small}`, unit: units.small },
      { key: 'readings', label: 'Places read', placeholder: '3', optional: true },
    ],
  },
};
