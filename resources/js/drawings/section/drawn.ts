import type { Schemas } from '../../api/client';
import { type Shape, standIn } from './outline';
import type { DrawnLayer } from './Section';

/** Layers as a drawing wants them. Without a shape, each takes its share of the stand-in's height. */
export function drawn(
  shape: Shape | null,
  layers: Schemas['FilledLayer'][],
  bare: Shape | null = shape,
  kept: Schemas['KeptBacking'] | null = null,
): { shape: Shape; layers: DrawnLayer[]; toScale: boolean; built: Shape | null } {
  if (shape) {
    return {
      shape: bare ?? shape,
      // what a sleeve or tape makes of the arbor
      built: bare && !kept && bare.arbor_thin_mm !== shape.arbor_thin_mm ? shape : null,
      toScale: true,
      layers: [
        ...(bare && kept
          ? [
              {
                role: 'backing' as const,
                material: kept.material ?? 'mono',
                diameter: kept.diameter_mm ?? 0.3,
                bottom: bare.arbor_thin_mm,
                top: shape.arbor_thin_mm,
              },
            ]
          : []),
        ...layers.map((layer) => ({
          role: layer.role,
          material: layer.material,
          diameter: layer.diameter_mm,
          bottom: layer.bottom_diameter_mm ?? shape.arbor_thin_mm,
          top: layer.top_diameter_mm ?? shape.arbor_thin_mm,
        })),
      ],
    };
  }
  const guess = standIn();
  const full = guess.lip_mm - 3 - guess.arbor_thin_mm;
  let at = guess.arbor_thin_mm;
  return {
    shape: guess,
    built: null,
    toScale: false,
    layers: layers.map((layer) => {
      const bottom = at;
      at = Math.min(guess.lip_mm, at + full * layer.share_of_full);
      return { role: layer.role, material: layer.material, diameter: layer.diameter_mm, bottom, top: at };
    }),
  };
}
