import { memo } from 'react';
import shared from '../drawing.module.css';
import { Texture } from '../Texture';
import { buildUp, type Frame, interior, layerPath, type ReelKind, type Shape, surface } from './outline';
import type { DrawnLayer } from './Section';
import classes from './Section.module.css';

interface LayersProps {
  id: string;
  shape: Shape;
  /** the arbor with a sleeve or tape on it */
  built?: Shape | null;
  frame: Frame;
  kind: ReelKind;
  layers: DrawnLayer[];
  /** how far a poor lay's hump stands over its hollow at the top, mm */
  hump?: number;
}

/** The line on the spool, each layer in its own texture at its own thickness, over whatever was built on the arbor. */
export const Layers = memo(function Layers({ id, shape, built, frame: f, kind, layers, hump = 0 }: LayersProps) {
  const y = (diameter: number) => f.top + ((shape.lip_mm - diameter) / 2) * f.scale;
  const height = Math.max(0.1, ...layers.map((layer) => layer.top - shape.arbor_thin_mm));
  // the hump grows from nothing on the arbor
  const at = (diameter: number) =>
    surface(f, y(diameter), hump * f.scale * Math.max(0, (diameter - shape.arbor_thin_mm) / height));
  const box = (from: number, to: number) => ({ x: f.left, y: from, width: f.right - f.left, height: to - from });
  return (
    <>
      <defs>
        <clipPath id={`${id}-room`}>
          <path d={interior(shape, f, kind, 200)} />
        </clipPath>
      </defs>
      {built && (
        <Texture
          id={`${id}-built`}
          motif="built"
          d={buildUp(shape, built, f, kind)}
          box={box(y(built.arbor_thick_mm), y(shape.arbor_thin_mm))}
          tile={6}
          className={classes.built}
        />
      )}
      <g clipPath={`url(#${id}-room)`}>
        {layers.map((layer, index) => {
          const d = layerPath(at(layer.bottom), at(layer.top));
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: layers have no identity but their order
            <g key={index}>
              <path d={d} className={layer.role === 'backing' ? shared.backing : shared.main} />
              <Texture
                id={`${id}-${index}`}
                motif={layer.material}
                d={d}
                box={box(y(layer.top) - hump * f.scale, y(layer.bottom) + hump * f.scale)}
                tile={layer.diameter * f.scale}
              />
            </g>
          );
        })}
      </g>
    </>
  );
});
