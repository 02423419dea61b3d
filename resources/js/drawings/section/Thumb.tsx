import { useId } from 'react';
import { Layers } from './Layers';
import { frame, type LipShape, metal, type ReelKind, type Shape, USUAL_BEVEL_MM } from './outline';
import type { DrawnLayer } from './Section';
import classes from './Section.module.css';

interface ThumbProps {
  shape: Shape;
  kind: ReelKind;
  lip: LipShape;
  layers: DrawnLayer[];
  toScale: boolean;
  built?: Shape | null;
  width?: number;
  height?: number;
}

/** The section at the size of a list entry: same outline, same textures, no words. */
export function Thumb({ shape, built, kind, lip, layers, toScale, width = 132, height = 70 }: ThumbProps) {
  const id = useId();
  const f = frame(shape, { width, height, padLeft: 2, padRight: 2, padTop: 8, padBottom: 2 });
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className={classes.thumb}>
      <path d={metal(shape, f, kind, lip, USUAL_BEVEL_MM)} className={toScale ? classes.metal : classes.guess} />
      <Layers id={id} shape={shape} built={built} frame={f} kind={kind} layers={layers} />
    </svg>
  );
}
