import type { Piece } from '../../api/types';
import type { Segment } from './Tape';

/** What lies on a spool as a tape shows it: the outermost is the main line, all under it backing. */
export const segmentsOf = (contents: Piece[], word: (piece: Piece) => string): Segment[] =>
  contents.map((piece, index) => ({
    id: `${index}`,
    material: piece.line.material,
    length: piece.length_m,
    word: word(piece),
    backing: index < contents.length - 1,
  }));
