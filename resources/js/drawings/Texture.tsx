import type { Material } from './material';

interface TextureProps {
  id: string;
  material: Material;
  /** one wrap of the line, px; never drawn finer than the eye can tell */
  tile: number;
  /** where a tile begins, px */
  x?: number;
  y?: number;
}

const FINEST = 5;

/** The material's own texture as an SVG pattern: rings for nylon, dotted rings for fluorocarbon, half discs for hybrid, plaits for braid. */
export function Texture({ id, material, tile, x = 0, y = 0 }: TextureProps) {
  const t = Math.max(FINEST, tile);
  return (
    <pattern id={id} width={t} height={t} patternUnits="userSpaceOnUse" patternTransform={`translate(${x} ${y})`}>
      <g fill="none" stroke="var(--ink)" strokeWidth={t > 9 ? 1 : 0.8}>
        <Motif material={material} t={t} />
      </g>
    </pattern>
  );
}

function Motif({ material, t }: { material: Material; t: number }) {
  const c = t / 2;
  const r = t * 0.42;
  switch (material) {
    case 'braid':
      return <path d={`M0 ${t * 0.72}L${c} ${t * 0.28}L${t} ${t * 0.72}`} strokeWidth={1.1} />;
    case 'fluoro':
      return (
        <>
          <circle cx={c} cy={c} r={r} />
          <circle cx={c} cy={c} r={Math.max(0.8, t * 0.11)} fill="var(--ink)" stroke="none" />
        </>
      );
    case 'hybrid':
      return (
        <>
          <circle cx={c} cy={c} r={r} />
          <path
            d={`M${c - r} ${c}A${r} ${r} 0 0 0 ${c + r} ${c}Z`}
            fill="var(--ink)"
            fillOpacity={0.55}
            stroke="none"
          />
        </>
      );
    case 'mono':
      return <circle cx={c} cy={c} r={r} />;
  }
}
