import type { Material } from './material';

/** What a texture shows: a line's material, or what was built on the arbor. */
export type Motif = Material | 'built';

const near = (px: number) => Math.round(px * 100) / 100;
const circle = (x: number, y: number, r: number) =>
  `M${near(x - r)} ${near(y)}a${near(r)} ${near(r)} 0 1 0 ${near(2 * r)} 0a${near(r)} ${near(r)} 0 1 0 ${near(-2 * r)} 0`;

/**
 * One tile, px, with its corner at x, y: rings for nylon, dotted rings for fluorocarbon, half discs for hybrid, plaits for
 * braid, slanted lines for a sleeve or tape. Two paths: what is stroked, and what is filled.
 */
export function motif(name: Motif, t: number, x: number, y: number): { strokes: string; solid: string } {
  const cx = x + t / 2;
  const cy = y + t / 2;
  const r = t * 0.42;
  switch (name) {
    case 'braid':
      return {
        strokes: `M${near(x)} ${near(y + t * 0.72)}L${near(cx)} ${near(y + t * 0.28)}L${near(x + t)} ${near(y + t * 0.72)}`,
        solid: '',
      };
    case 'fluoro':
      return { strokes: circle(cx, cy, r), solid: circle(cx, cy, Math.max(0.8, t * 0.11)) };
    case 'hybrid':
      return {
        strokes: circle(cx, cy, r),
        solid: `M${near(cx - r * 0.8)} ${near(cy)}a${near(r * 0.8)} ${near(r * 0.8)} 0 0 0 ${near(1.6 * r)} 0Z`,
      };
    case 'mono':
      return { strokes: circle(cx, cy, r), solid: '' };
    case 'built':
      return { strokes: `M${near(x)} ${near(y + t)}L${near(x + t)} ${near(y)}`, solid: '' };
  }
}

/** Tiles over a whole box, px, from its floor up: the two paths of `motif`, repeated. */
export function tiled(
  name: Motif,
  t: number,
  box: { x: number; y: number; width: number; height: number },
): [strokes: string, solid: string] {
  let strokes = '';
  let solid = '';
  for (let up = t; up < box.height + t; up += t) {
    for (let along = 0; along < box.width; along += t) {
      const one = motif(name, t, box.x + along, box.y + box.height - up);
      strokes += one.strokes;
      solid += one.solid;
    }
  }
  return [strokes, solid];
}
