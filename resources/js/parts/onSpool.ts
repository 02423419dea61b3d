import type { Piece, Reel, Spool } from '../api/types';

/** The main line on a spool; undefined: only backing lies there, or nothing. */
export const mainOf = (spool: Spool | undefined): Piece | undefined =>
  spool?.contents.find((piece) => piece.role === 'main');

/** What lies under it, from the arbor out. */
export const backingOf = (spool: Spool | undefined): Piece[] =>
  spool?.contents.filter((piece) => piece.role === 'backing') ?? [];

/** Spools in their reels that carry no main line. */
export const withoutMain = (reels: Reel[]): { reel: Reel; spool: Spool }[] =>
  reels.flatMap((reel) => reel.spools.filter((spool) => !mainOf(spool)).map((spool) => ({ reel, spool })));
