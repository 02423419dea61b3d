import { describe, expect, it } from 'vitest';
import { type FormField, formKey, whole } from './form';

const fields: FormField[] = [
  { key: 'name', label: 'Name' },
  { key: 'line_max', label: 'Line to', unit: 'lb' },
];

describe('a form of figures', () => {
  it('gives bare figures the unit they were meant in when it is sent', () => {
    expect(whole({ name: 'Rod 12', line_max: '12' }, fields)).toEqual({ name: 'Rod 12', line_max: '12 lb' });
    expect(whole({ name: '', line_max: '5 kg' }, fields)).toEqual({ name: '', line_max: '5 kg' });
    expect(whole({ line_max: '' }, fields)).toEqual({ line_max: '' });
  });

  it('finds the field a problem speaks of, by the name of the figure', () => {
    expect(formKey('max_drag', ['name', 'max_drag'])).toBe('max_drag');
    expect(formKey('ratings_text', ['name', 'stamp'])).toBe('stamp');
    expect(formKey('arbor_diameter_mm', ['arbor_diameter'])).toBe('arbor_diameter');
    expect(formKey('counts.0.length_m', ['length'])).toBe('length');
    expect(formKey('something', ['name'])).toBeUndefined();
  });
});
