import type { Schemas } from '../api/client';

/** What is known of a stamp besides its text; nylon is as good as not said, and so is no switch of the units. */
export const stampKnown = (
  reel: string | undefined,
  material: string | undefined,
  units: string | undefined,
): Omit<Schemas['StampCase'], 'text'> => ({
  ...(reel && { reel: reel as Schemas['ReelKind'] }),
  ...(material && material !== 'mono' && { material: material as Schemas['Material'] }),
  ...(units && { units: units as Schemas['StampUnits'] }),
});
