import type { Schemas } from '../api/client';

/** Less line than this is none, m; the core writes no less. */
export const NOTHING_M = 0.05;

export type Units = Schemas['Units'];

/** A figure ready to be shown: the number as text, and its unit. */
export interface Shown {
  figure: string;
  unit: string;
}

const METRES = { m: 1, yd: 0.9144, ft: 0.3048 } as const;
const NEWTONS = { N: 1, kg: 9.80665, lb: 4.4482216152605 } as const;
const MM_PER_INCH = 25.4;

export const METRIC: Units = { length: 'm', small: 'mm', force: 'kg' };

const fixed = (value: number, digits: number) => {
  const shown = value.toFixed(digits);
  return Number(shown) === 0 ? shown.replace('-', '') : shown;
};

/** Length of line, from metres. */
export function length(metres: number, units: Units, digits?: number): Shown {
  const value = metres / METRES[units.length];
  return { figure: fixed(value, digits ?? (Math.abs(value) < 10 ? 1 : 0)), unit: units.length };
}

/** A length that is known roughly, from metres: to 10, and under 100 to 5. */
export function about(metres: number, units: Units): Shown {
  const value = metres / METRES[units.length];
  const step = Math.abs(value) < 100 ? 5 : 10;
  return { figure: fixed(Math.round(value / step) * step, 0), unit: units.length };
}

/** Line taken in by one handle turn: two decimals in m and yd, whole inches would be too coarse. */
export const retrieve = (metres: number, units: Units) => length(metres, units, 2);

/** Gap, depth or diameter of a spool, from mm; inches also as the nearest 64th. */
export function small(millimetres: number, units: Units, digits = 1): Shown {
  if (units.small === 'mm') return { figure: fixed(millimetres, digits), unit: 'mm' };
  return { figure: fixed(millimetres / MM_PER_INCH, 3), unit: 'in' };
}

/** The same in sixty-fourths of an inch, for whoever reads a rule; empty in mm. */
export const fraction = (millimetres: number, units: Units): string =>
  units.small === 'mm' ? '' : inchFraction(millimetres);

/** A small length in sixty-fourths of an inch, cut down. */
export function inchFraction(millimetres: number): string {
  const sixtyFourths = Math.round((Math.abs(millimetres) / MM_PER_INCH) * 64);
  if (sixtyFourths === 0) return '0 in';
  const whole = Math.floor(sixtyFourths / 64);
  let over = sixtyFourths % 64;
  let under = 64;
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  const part = over === 0 ? '' : `${over}/${under}`;
  return `${[whole || '', part].filter(Boolean).join(' ')} in`;
}

/** Thickness of a line, from mm: a hundredth of a millimetre is four ten-thousandths of an inch. */
export const thickness = (millimetres: number, units: Units): string =>
  units.small === 'mm' ? `${fixed(millimetres, 2)} mm` : `${fixed(millimetres / MM_PER_INCH, 4)} in`;

/** Below this it is a drag, told to a hundredth of a kilogram; above it a line's strength, N. */
const DRAG_N = 30;

/** Line strength or drag, from newtons. */
export function force(newtons: number, units: Units): Shown {
  const value = newtons / NEWTONS[units.force];
  const coarse = Math.abs(value) < 10 ? 1 : 0;
  return {
    figure: fixed(value, Math.abs(newtons) < DRAG_N ? (units.force === 'N' ? 1 : 2) : coarse),
    unit: units.force,
  };
}

/** What something is rated at, as it would be printed: no more digits than it takes. */
export function rated(newtons: number, units: Units): Shown {
  const value = newtons / NEWTONS[units.force];
  return { figure: `${Number(value.toFixed(Math.abs(value) < 10 ? 1 : 0))}`, unit: units.force };
}

/** A drag, to a hundredth however strong: figures that stand under each other. */
export function drag(newtons: number, units: Units): Shown {
  const value = newtons / NEWTONS[units.force];
  return { figure: fixed(value, units.force === 'N' || Math.abs(value) >= 20 ? 1 : 2), unit: units.force };
}

const OUNCE_N = 0.2780138509537812;

/** A force in every unit at once, the angler's own first; ounces under a kilogram. */
export function everyForce(newtons: number, units: Units): string {
  const order = [units.force, ...(['N', 'kg', 'lb'] as const).filter((unit) => unit !== units.force)];
  const shown = order.map((unit) => {
    const value = newtons / NEWTONS[unit];
    return `${fixed(value, Math.abs(value) < 10 ? 2 : 1)} ${unit}`;
  });
  if (newtons < NEWTONS.kg) shown.push(`${fixed(newtons / OUNCE_N, 1)} oz`);
  return shown.join(' · ');
}

/** Newtons in one unit of force, for charts and dials that carry a scale. */
export const newtonsPer = (units: Units): number => NEWTONS[units.force];

export const words = ({ figure, unit }: Shown): string => `${figure} ${unit}`;

/** A length with how well it is known, where it was not counted exactly: "80 ± 12 m". */
export function within(metres: number, half: number | null | undefined, units: Units, digits?: number): string {
  const shown = length(metres, units, digits);
  // a ± has one figure more than its length only where it is small
  const fine = half && half < 3 * METRES[units.length] ? 1 : 0;
  return half ? `${shown.figure} ± ${length(half, units, fine).figure} ${shown.unit}` : words(shown);
}

/** A small length with how well it is known: "1.6 ± 0.3 mm". */
export function deep(millimetres: number, half: number, units: Units): string {
  const shown = small(millimetres, units);
  return `${shown.figure} ± ${small(half, units).figure} ${shown.unit}`;
}

/** Typed text with the unit it was meant in, so that changing the units later does not change its meaning. */
export function withUnit(typed: string, unit: string): string {
  const trimmed = typed.trim();
  return /[\d.,]$/.test(trimmed) ? `${trimmed} ${unit}` : trimmed;
}

/** Metres per unit of length, for drawings that carry a scale. */
export const metresPer = (units: Units): number => METRES[units.length];
/** mm per unit of small length. */
export const millimetresPer = (units: Units): number => (units.small === 'mm' ? 1 : MM_PER_INCH);

/** What something costs, in whatever money it was written. */
export const price = ({ amount, money }: Schemas['Price']): string => `${amount.toFixed(2)}${money ? ` ${money}` : ''}`;

/** A time in minutes, as people say it. */
export const minutes = (value: number): string => (value < 1 ? 'under a minute' : `${Math.round(value)} min`);
