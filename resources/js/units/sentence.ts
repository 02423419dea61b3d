import type { Schemas } from '../api/client';
import {
  about,
  force,
  fraction,
  length,
  metresPer,
  millimetresPer,
  newtonsPer,
  small,
  thickness,
  type Units,
  words,
} from './units';

/** A sentence of the server with its figures as the angler reads them. */
export function sentence({ sentence: text, figures }: Schemas['Sentence'], units: Units): string {
  return text.replace(/\{(\d)\}/g, (written, index) => {
    const found = figures[Number(index)];
    return found ? figure(found, units) : written;
  });
}

/** A bound, or what was typed: with the digits it has. */
const exact = (value: number, unit: string): string => `${Number(value.toPrecision(4))} ${unit}`;

/** Thicker than this it is a part of a spool, not a line, mm. */
const LINE_TO_MM = 3;

function figure(found: Schemas['Sentence']['figures'][number], units: Units): string {
  if (found.exact_m !== undefined) return exact(found.exact_m / metresPer(units), units.length);
  if (found.exact_mm !== undefined) return exact(found.exact_mm / millimetresPer(units), units.small);
  if (found.exact_N !== undefined) return exact(found.exact_N / newtonsPer(units), units.force);
  if (found.about_m !== undefined) return words(about(found.about_m, units));
  if (found.force_N !== undefined) return words(force(found.force_N, units));
  if (found.diameter_mm !== undefined) {
    return found.diameter_mm < LINE_TO_MM
      ? thickness(found.diameter_mm, units)
      : words(small(found.diameter_mm, units));
  }
  if (found.length_m !== undefined) return words(length(found.length_m, units, Math.abs(found.length_m) < 10 ? 1 : 0));
  const depth = found.depth_mm ?? 0;
  return units.small === 'in' ? fraction(depth, units) : words(small(depth, units));
}
