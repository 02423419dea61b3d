import { describe, expect, it } from 'vitest';
import { sentence } from './sentence';
import { METRIC, type Units } from './units';

const said = (text: string, ...figures: Parameters<typeof sentence>[0]['figures']) => ({
  text,
  sentence: text,
  figures,
});
const IMPERIAL: Units = { length: 'yd', small: 'in', force: 'lb' };

describe('a sentence of the server', () => {
  it('reads its figures in the units of whoever reads it', () => {
    const stop = said(
      'Stop {0} under the lip after {1}; the line holds {2} and is {3} thick on an arbor of {4}.',
      { depth_mm: 3.175 },
      { length_m: 137.16 },
      { force_N: 88.964 },
      { diameter_mm: 0.3 },
      { diameter_mm: 31 },
    );
    expect(sentence(stop, METRIC)).toBe(
      'Stop 3.2 mm under the lip after 137 m; the line holds 9.1 kg and is 0.30 mm thick on an arbor of 31.0 mm.',
    );
    expect(sentence(stop, IMPERIAL)).toBe(
      'Stop 1/8 in under the lip after 150 yd; the line holds 20 lb and is 0.0118 in thick on an arbor of 1.220 in.',
    );
  });

  it('uses a figure as often as it is named, and leaves plain words alone', () => {
    expect(sentence(said('{0}, not {0}.', { length_m: 4.25 }), METRIC)).toBe('4.3 m, not 4.3 m.');
    expect(sentence(said('Wet it {gently}.'), METRIC)).toBe('Wet it {gently}.');
  });

  it('tells a bound with the digits it has', () => {
    const range = said(
      '{0} is out of range: it can be from {1} to {2}.',
      { exact_mm: 1016 },
      { exact_mm: 0.05 },
      { exact_mm: 254 },
    );
    expect(sentence(range, METRIC)).toBe('1016 mm is out of range: it can be from 0.05 mm to 254 mm.');
    expect(sentence(range, IMPERIAL)).toBe('40 in is out of range: it can be from 0.001969 in to 10 in.');
    expect(sentence(said('{0}, {1}', { about_m: 118.9 }, { about_m: 40 }), IMPERIAL)).toBe('130 yd, 45 yd');
    expect(sentence(said('{0}, {1}', { exact_m: 68.58 }, { exact_N: 9.80665 }), IMPERIAL)).toBe('75 yd, 2.205 lb');
  });

  it('leaves braces that no figure belongs to as they were typed', () => {
    expect(sentence(said('"{1}" cannot be read.', { length_m: 1 }), METRIC)).toBe('"{1}" cannot be read.');
  });
});
