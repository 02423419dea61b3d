import type { Schemas } from '../api/client';
import { small, type Units, words } from '../units/units';

/** A measured diameter as typed into a field: a line's in mm, a spool's in the angler's unit. */
export const diameterTyped = (measured: Schemas['MeasureResult'], units: Units): string =>
  (measured.diameter_mm ?? 0) < 3
    ? `${(measured.diameter_mm ?? 0).toFixed(3)} mm`
    : words(small(measured.diameter_mm ?? 0, units, 1));
