import type { Reel, Spool } from '../api/types';
import { LABEL_MM, type LabelLine } from '../drawings/label/Label';
import { download, svgFile } from '../drawings/svgFile';
import { day } from '../parts/day';
import { knownWords } from '../parts/known';
import { leaderWords } from '../parts/leader';
import { mainOf } from '../parts/onSpool';
import { deep, force, thickness, type Units, within, words } from '../units/units';

/** What a label says of a spool in its reel, by what lies on it now. */
export function labelOf(reel: Reel, spool: Spool, units: Units) {
  const outside = [...spool.contents].reverse();
  const top = mainOf(spool);
  const lines: LabelLine[] = outside.map((piece) => ({
    material: piece.line.material,
    words: `${within(piece.length_m, piece.half_m, units)} ${piece.line.name}`,
  }));
  if (spool.leader?.material) {
    lines.unshift({ material: spool.leader.material, words: `leader ${leaderWords(spool.leader, units)}` });
  }
  return {
    reel: reel.spools.length > 1 && spool.name ? `${reel.name}, ${spool.name}` : reel.name,
    lines,
    facts: top
      ? [
          thickness(top.line.diameter_mm, units),
          top.line.strength_N ? words(force(top.line.strength_N, units)) : top.line.strength,
        ]
          .filter(Boolean)
          .join(' · ')
      : '',
    level: spool.level ? `${deep(spool.level.gap_mm, spool.level.half_mm, units)} below lip` : '',
    // on a sticker every letter counts
    known: top?.known?.length ? `length ${knownWords(top.known, ', ')}` : '',
    date: day(top?.since),
  };
}

/** A label as a file of its own, as large on paper as it is meant to be. */
export function saveLabel(svg: SVGSVGElement | null | undefined, spool: number | string) {
  if (!svg) return;
  const size = { width: `${LABEL_MM.width}mm`, height: `${LABEL_MM.height}mm` };
  download(svgFile(svg, svg.getAttribute('aria-label') ?? 'Label', size), `undro-label-${spool}.svg`, 'image/svg+xml');
}
