import type { Schemas } from '../api/client';
import { sentence } from '../units/sentence';
import { length, small, type Units, words } from '../units/units';

/** A measured diameter as typed into a field: a line's in mm, a spool's in the angler's unit. */
export const diameterTyped = (measured: Schemas['MeasureResult'], units: Units): string =>
  (measured.diameter_mm ?? 0) < 3
    ? `${(measured.diameter_mm ?? 0).toFixed(3)} mm`
    : words(small(measured.diameter_mm ?? 0, units, 1));

/** How a length was measured and how well it is known, as the log notes it. */
export const howMeasured = ({ word, says, half }: Schemas['MeasureResult'], units: Units): string =>
  `by ${word}: ${sentence(says, units)}, ± ${words(length(half, units, 0))}`;

/** A measured length as it is typed into a field, with how well it is known; the server reads it again. */
export const lengthTyped = ({ length_m, total_m, half }: Schemas['MeasureResult']): string =>
  `${(total_m ?? length_m ?? 0).toFixed(1)} ± ${half.toFixed(1)} m`;
