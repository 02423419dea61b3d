import type { Schemas } from '../api/client';
import type { Reel, Spool } from '../api/types';
import { mainOf } from '../parts/onSpool';
import { thickness, type Units } from '../units/units';

type CauseId = Schemas['TroubleResult']['causes'][number]['id'];

/** What is set in the lab so that it shows a cause, and what to try there. */
export const SHOWN: Partial<Record<CauseId, { set: Record<string, string>; says: string }>> = {
  against_rotor: {
    set: { feed: 'over_end', rotor: 'cw', filler: 'ccw' },
    says: 'Here the filler spool lies the wrong way round. Change how it lies to see the difference.',
  },
  slipping_drag: {
    set: { feed: 'rotating', slip: '20' },
    says: 'Here the drag slips for 20 handle turns. Type 0 to see the line without it.',
  },
  bail_by_handle: {
    set: { feed: 'rotating', cast: 'yes' },
    says: 'Here the line was cast. Close the bail by hand, and this is all there is.',
  },
  spinning_lure: {
    set: { feed: 'rotating' },
    says: 'A spinning lure twists the line further. Trailing the bare line takes it out again.',
  },
  twist: { set: { feed: 'over_end' }, says: 'Trail the line without a lure, and see what is left of the twist.' },
};

/** The twist lab as it shows a cause, with the angler's own reel and line. */
export function labLink(cause: CauseId, reel: Reel | undefined, spool: Spool | undefined, units: Units): string {
  const line = mainOf(spool)?.line;
  const fields = {
    shows: cause,
    ...SHOWN[cause]?.set,
    ...(reel && { reel: reel.kind, gear: reel.gear_ratio }),
    ...(line && { material: line.material, diameter: thickness(line.diameter_mm, units) }),
    ...(spool?.measures.lip_diameter && { spoolMm: spool.measures.lip_diameter }),
  };
  return `/twist?${new URLSearchParams(Object.entries(fields).filter(([, typed]) => typed !== ''))}`;
}
