import type { Schemas } from '../api/client';
import type { Line, Reel, Spool } from '../api/types';

/** A line as the measuring calculator takes it. */
export const aboutLine = (line: Line): Schemas['MeasureCase']['line'] => ({
  material: line.material,
  size: line.size,
  size_from: line.size_from,
});

/** A spool in its reel as the measuring calculator takes it. */
export const aboutSpool = (reel: Reel, spool: Spool): Partial<Schemas['MeasureCase']> => ({
  reel: reel.kind,
  spool: {
    ratings_text: spool.stamp,
    ratings_units: spool.stamp_units,
    ratings_material: spool.stamp_material,
    lip_diameter_mm: spool.measures.lip_diameter,
    arbor_diameter_mm: spool.measures.arbor_diameter,
    arbor_deep_diameter_mm: spool.measures.arbor_deep_diameter,
    traverse_mm: spool.measures.traverse,
    measured_with: spool.measured_with,
    lay: spool.lay,
    rated_gap_mm: spool.measures.rated_gap,
  } as never,
});
