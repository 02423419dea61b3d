import type { Schemas } from '../api/client';
import type { Reel } from '../api/types';

/** The question which signs of trouble a reel of this kind can show. @param reel undefined: not known */
export const signsOf = (reel: Reel['kind'] | undefined): Schemas['TroubleCase'] => ({ known: reel ? { reel } : {} });
