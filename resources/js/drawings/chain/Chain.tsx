import { useElementSize } from '@mantine/hooks';
import { memo, useId } from 'react';
import shared from '../drawing.module.css';
import type { Material } from '../material';
import { Texture } from '../Texture';
import classes from './Chain.module.css';

export interface DrawnLink {
  name: string;
  kind: string | null;
  /** what it bears, as the angler reads it */
  figure: string;
  /** of the strongest link, 0 to 1: the tape is as wide as the link is strong */
  share: number;
  weakest: boolean;
}

interface ChainProps {
  links: DrawnLink[];
  backing: Material | null;
  main: Material;
  leader: Material;
  label: string;
}

const MIDDLE = 58;
const WIDEST = 46;
const NARROWEST = 7;
const KNOT = 26;
const ENDS = 22;

/** The tape from arbor to lure, each link as wide as it is strong: the weakest is its waist. Lengths are not to scale. */
export const Chain = memo(function Chain({ links, backing, main, leader, label }: ChainProps) {
  const { ref, width } = useElementSize();
  const id = useId();
  const narrow = width < 460;
  const left = ENDS;
  const right = width - ENDS - 14;
  const buried = backing ? Math.min(70, width * 0.1) : 0;
  const room = right - left - buried;
  const lines = links.filter((link) => link.kind === 'main' || link.kind === 'leader').length;
  const small = links.length - lines;
  const each = (room - small * KNOT) / (lines + 0.25 * (lines > 1 ? 1 : 0));
  let x = left + buried;
  const placed = links.map((link) => {
    const from = x;
    x += link.kind === 'main' ? each * (lines > 1 ? 1.25 : 1) : link.kind === 'leader' ? each : KNOT;
    return { ...link, from, to: x, half: Math.max(NARROWEST, WIDEST * link.share) / 2 };
  });
  const height = 122;
  const textured = (key: string, from: number, to: number, half: number, motif: Material, fill: string | undefined) => (
    <g key={key}>
      <rect x={from} y={MIDDLE - half} width={Math.max(0, to - from)} height={2 * half} className={fill} />
      <Texture
        id={`${id}-${key}`}
        motif={motif}
        d={`M${from} ${MIDDLE - half}H${to}V${MIDDLE + half}H${from}Z`}
        box={{ x: from, y: MIDDLE - half, width: Math.max(0, to - from), height: 2 * half }}
        tile={Math.max(6, half)}
        className={classes.edge}
      />
    </g>
  );
  const mainHalf = placed[0]?.half ?? 8;
  return (
    <div ref={ref} className={shared.room}>
      {width > 0 && (
        <svg width={width} height={height} className={classes.drawing} role="img" aria-label={label}>
          {backing && textured('backing', left, left + buried, Math.max(4, mainHalf * 0.8), backing, shared.backing)}
          {placed.map((link) =>
            link.kind === 'main' || link.kind === 'leader' ? (
              textured(link.kind, link.from, link.to, link.half, link.kind === 'main' ? main : leader, shared.main)
            ) : link.kind === 'snap' ? (
              <g key={link.name} className={classes.snap}>
                <rect
                  x={link.from + 3}
                  y={MIDDLE - Math.min(10, link.half)}
                  width={KNOT - 6}
                  height={2 * Math.min(10, link.half)}
                  rx={8}
                />
              </g>
            ) : (
              <path key={link.name} d={barrel(link.from, link.to, link.half)} className={classes.knot} />
            ),
          )}
          <circle cx={left - 8} cy={MIDDLE} r={9} className={classes.end} />
          <path d={`M${right} ${MIDDLE}h8m0 -8v16l14 -8Z`} className={classes.lure} />
          {placed.map((link, index) => {
            const middle = (link.from + link.to) / 2;
            const knot = link.to - link.from <= KNOT;
            const up = knot && index % 2 === 1;
            return (
              <g key={link.name} className={link.weakest ? classes.weakest : classes.link}>
                {link.weakest && (
                  <path d={`M${middle - 7} ${MIDDLE - WIDEST / 2 - 13}h14l-7 9Z`} className={classes.flag} />
                )}
                {(!narrow || link.weakest || !knot) && (
                  <text x={middle} y={up ? MIDDLE + 42 : MIDDLE + 42 + (knot ? 15 : 0)} textAnchor="middle">
                    {link.figure}
                  </text>
                )}
                {!narrow && !knot && (
                  <text x={middle} y={MIDDLE + 57} textAnchor="middle">
                    {link.name}
                  </text>
                )}
              </g>
            );
          })}
          {placed
            .filter((link) => link.weakest)
            .map((link) => (
              <text
                key={link.name}
                x={Math.min(Math.max((link.from + link.to) / 2, 60), width - 80)}
                y={MIDDLE - WIDEST / 2 - 20}
                textAnchor="middle"
                className={classes.said}
              >
                {`weakest: ${link.name}`}
              </text>
            ))}
        </svg>
      )}
    </div>
  );
});

/** A knot: a barrel with a waist at either end, as high as it is strong. */
function barrel(from: number, to: number, half: number): string {
  const wide = to - from;
  const turns = 4;
  let d = `M${from} ${MIDDLE - half}H${to}V${MIDDLE + half}H${from}Z`;
  for (let i = 1; i < turns; i++) {
    const x = from + (wide * i) / turns;
    d += `M${x - 3} ${MIDDLE + half}L${x + 3} ${MIDDLE - half}`;
  }
  return d;
}
