import type { Piece } from '../../api/types';
import type { Segment } from './Tape';

/** What lies on a spool as a tape shows it. */
export const segmentsOf = (contents: Piece[], word: (piece: Piece) => string): Segment[] =>
  contents.map((piece, index) => ({
    id: `${index}`,
    material: piece.line.material,
    length: piece.length_m,
    word: word(piece),
    backing: piece.role === 'backing',
  }));
