import type { Piece, Spool } from '../api/types';

/** The main line on a spool; undefined: only backing lies there, or nothing. */
export const mainOf = (spool: Spool | undefined): Piece | undefined =>
  spool?.contents.find((piece) => piece.role === 'main');

/** What lies under it, from the arbor out. */
export const backingOf = (spool: Spool | undefined): Piece[] =>
  spool?.contents.filter((piece) => piece.role === 'backing') ?? [];
