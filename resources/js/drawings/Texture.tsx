import { createContext, useContext } from 'react';
import { type Motif, motif, tiled } from './motif';

/** On paper a texture is drawn motif by motif: a printed SVG pattern comes out as pixels. */
export const OnPaper = createContext(false);

interface TextureProps {
  id: string;
  motif: Motif;
  /** what it fills, px */
  d: string;
  /** a box round that, px; the tiles stand on its floor, from the left */
  box: { x: number; y: number; width: number; height: number };
  /** one wrap of the line, px; never drawn finer than the eye can tell */
  tile: number;
  className?: string | undefined;
}

const FINEST = 5;

/** An area in the texture of what lies there. */
export function Texture({ id, motif: name, d, box, tile, className }: TextureProps) {
  const onPaper = useContext(OnPaper);
  const t = Math.max(FINEST, tile);
  const strokeWidth = name === 'braid' ? 1.1 : t > 9 || name === 'built' ? 1 : 0.8;
  const drawn = (strokes: string, solid: string) => (
    <>
      <path d={strokes} fill="none" stroke="var(--ink)" strokeWidth={strokeWidth} />
      {solid && <path d={solid} fill="var(--ink)" />}
    </>
  );
  const one = motif(name, t, 0, 0);
  return (
    <>
      <defs>
        {onPaper ? (
          <clipPath id={id}>
            <path d={d} />
          </clipPath>
        ) : (
          <pattern
            id={id}
            width={t}
            height={t}
            patternUnits="userSpaceOnUse"
            patternTransform={`translate(${box.x} ${box.y + box.height})`}
          >
            {drawn(one.strokes, one.solid)}
          </pattern>
        )}
      </defs>
      {onPaper && <g clipPath={`url(#${id})`}>{drawn(...tiled(name, t, box))}</g>}
      <path d={d} style={{ fill: onPaper ? 'none' : `url(#${id})` }} className={className} />
    </>
  );
}
