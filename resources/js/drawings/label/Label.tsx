import { shorten } from '../../parts/shorten';
import type { Material } from '../material';
import { Texture } from '../Texture';
import classes from './Label.module.css';

export interface LabelLine {
  material: Material;
  /** as it is read: name, thickness, length */
  words: string;
}

interface LabelProps {
  id: string;
  reel: string;
  /** from the top of the spool down */
  lines: LabelLine[];
  /** strength and the like of the outermost */
  facts: string;
  date: string;
  /** how the length of the outermost is known */
  known?: string;
  /** as it was read last; empty: not */
  level?: string;
}

export const LABEL_MM = { width: 50, height: 25 };
/** Letters of a name that fit the width. */
const FITS = 25;
const SMALL_FITS = 36;
const FINE_FITS = 47;

const short = (words: string, most: number) => (words.length > most ? `${shorten(words, most - 1)}…` : words);

/** A sticker for the reel foot, 50 by 25 mm: what lies on the reel, in the textures of the other drawings. Units: tenths of a mm. */
export function Label({ id, reel, lines, facts, date, known = '', level = '' }: LabelProps) {
  const under = [level, known].filter(Boolean).join(' · ');
  const shown = lines.slice(0, 3);
  const pitch = shown.length > 2 ? 40 : 52;
  const high = shown.length > 2 ? 30 : 40;
  return (
    <svg
      viewBox="0 0 500 250"
      width={`${LABEL_MM.width}mm`}
      height={`${LABEL_MM.height}mm`}
      className={classes.label}
      role="img"
      aria-label={[`Label: ${reel}`, ...lines.map((line) => line.words), facts, date, under].filter(Boolean).join(', ')}
    >
      <rect x="3" y="3" width="494" height="244" rx="18" className={classes.edge} />
      <text x="24" y="52" className={classes.reel}>
        {short(reel, FITS)}
      </text>
      {shown.map((line, index) => {
        const y = 66 + (shown.length > 2 ? 0 : 6) + index * pitch;
        return (
          <g key={line.words}>
            <Texture
              id={`${id}-${index}`}
              motif={line.material}
              d={`M24 ${y}h60v${high}h-60Z`}
              box={{ x: 24, y, width: 60, height: high }}
              tile={20}
              className={classes.swatch}
            />
            <text x="98" y={y + high - 8} className={classes.line}>
              {short(line.words, SMALL_FITS)}
            </text>
          </g>
        );
      })}
      <path d={`M24 ${under ? 180 : 188}H476`} className={classes.rule} />
      <text x="24" y={under ? 207 : 224} className={classes.line}>
        {short(facts, 26)}
      </text>
      <text x="476" y={under ? 207 : 224} textAnchor="end" className={classes.line}>
        {date}
      </text>
      {under && (
        <text x="24" y="234" className={classes.under}>
          {short(under, FINE_FITS)}
        </text>
      )}
    </svg>
  );
}
