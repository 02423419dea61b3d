import { memo } from 'react';
import { Texture } from '../Texture';
import { type Frame, interior, type ReelKind, type Shape } from './outline';
import type { DrawnLayer } from './Section';
import classes from './Section.module.css';

interface LayersProps {
  id: string;
  shape: Shape;
  frame: Frame;
  kind: ReelKind;
  layers: DrawnLayer[];
}

/** The line on the spool, each layer in its own texture at its own thickness. */
export const Layers = memo(function Layers({ id, shape, frame: f, kind, layers }: LayersProps) {
  const y = (diameter: number) => f.top + ((shape.lip_mm - diameter) / 2) * f.scale;
  return (
    <>
      <defs>
        <clipPath id={`${id}-room`}>
          <path d={interior(shape, f, kind, 200)} />
        </clipPath>
        {layers.map((layer, index) => (
          <Texture
            // biome-ignore lint/suspicious/noArrayIndexKey: layers have no identity but their order
            key={index}
            id={`${id}-${index}`}
            material={layer.material}
            tile={layer.diameter * f.scale}
            x={f.left}
            y={y(layer.bottom)}
          />
        ))}
      </defs>
      <g clipPath={`url(#${id}-room)`}>
        {layers.map((layer, index) => {
          const top = y(layer.top);
          const box = {
            x: f.left,
            y: top,
            width: f.right - f.left,
            height: Math.max(0, y(layer.bottom) - top),
          };
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: layers have no identity but their order
            <g key={index}>
              <rect {...box} className={layer.role === 'backing' ? classes.backing : classes.main} />
              <rect {...box} fill={`url(#${id}-${index})`} />
            </g>
          );
        })}
      </g>
    </>
  );
});
