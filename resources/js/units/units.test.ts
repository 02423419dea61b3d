import { describe, expect, it } from 'vitest';
import { everyForce, force, fraction, length, METRIC, small, type Units, withUnit, words } from './units';

const IMPERIAL: Units = { length: 'yd', small: 'in', force: 'lb' };

describe('units on screen', () => {
  it('shows the same figure in the units of the angler', () => {
    expect(words(length(150, METRIC))).toBe('150 m');
    expect(words(length(137.16, IMPERIAL))).toBe('150 yd');
    expect(words(small(3.175, IMPERIAL))).toBe('0.125 in');
    expect(words(force(88.964, IMPERIAL))).toBe('20 lb');
    expect(words(force(78.4532, METRIC))).toBe('8.0 kg');
  });

  it('never shows a minus before nothing', () => {
    expect(length(-0.001, METRIC).figure).toBe('0.0');
  });

  it('gives the nearest 64th of an inch, reduced', () => {
    expect(fraction(1.5875, IMPERIAL)).toBe('1/16 in');
    expect(fraction(3.175, IMPERIAL)).toBe('1/8 in');
    expect(fraction(25.4, IMPERIAL)).toBe('1 in');
    expect(fraction(28.575, IMPERIAL)).toBe('1 1/8 in');
    expect(fraction(0.1, IMPERIAL)).toBe('0 in');
    expect(fraction(3, METRIC)).toBe('');
  });

  it('adds the unit a bare figure was typed in, and leaves every other text alone', () => {
    expect(withUnit('46', 'mm')).toBe('46 mm');
    expect(withUnit('46,5 ', 'mm')).toBe('46,5 mm');
    expect(withUnit('1/8', 'in')).toBe('1/8 in');
    expect(withUnit('1.8 in', 'mm')).toBe('1.8 in');
    expect(withUnit('', 'mm')).toBe('');
    expect(withUnit('wide', 'mm')).toBe('wide');
  });

  it('shows a drag in every unit on one line, the angler’s own first, ounces under a kilogram', () => {
    expect(everyForce(19.6133, METRIC)).toBe('2.00 kg · 19.6 N · 4.41 lb');
    expect(everyForce(4.903325, { ...METRIC, force: 'lb' })).toBe('1.10 lb · 4.90 N · 0.50 kg · 17.6 oz');
  });

  it('tells a drag more finely than a line’s strength', () => {
    expect(words(force(12.65, METRIC))).toBe('1.29 kg');
    expect(words(force(12.65, { ...METRIC, force: 'N' }))).toBe('12.7 N');
    expect(words(force(67.7, METRIC))).toBe('6.9 kg');
    expect(words(force(150, METRIC))).toBe('15 kg');
  });
});
