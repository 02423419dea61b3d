import { useElementSize } from '@mantine/hooks';
import { useId, useMemo } from 'react';
import shared from '../drawing.module.css';
import type { Material, Role } from '../material';
import { type Gauge, GaugeThing } from './GaugeThing';
import { Grip } from './Grip';
import { Housing } from './Housing';
import { Layers } from './Layers';
import { MarkTab } from './MarkTab';
import {
  BODY,
  breakLines,
  type Frame,
  frame,
  type LipShape,
  metal,
  type ReelKind,
  type Shape,
  spread,
} from './outline';
import { Ruler } from './Ruler';
import classes from './Section.module.css';

export interface DrawnLayer {
  role: Role;
  material: Material;
  /** mm */
  diameter: number;
  /** surfaces under and over the layer, mm */
  bottom: number;
  top: number;
}

export interface Mark {
  id: string;
  /** mm under the lip */
  depth: number;
  word: string;
  /** the depth as the angler reads it */
  figure: string;
  tone: 'next' | 'stop';
  /** half the 90 % band, mm */
  half?: number;
  /** left out: the mark cannot be moved */
  onMove?: (depth: number, byHand: boolean) => void;
  least?: number;
  most?: number;
}

interface SectionProps {
  shape: Shape;
  kind: ReelKind;
  lip: LipShape;
  bevelMm: number;
  layers: DrawnLayer[];
  marks: Mark[];
  height: number;
  /** false: proportions stand in for measures, so no ruler and no depths */
  toScale: boolean;
  /** the arbor with a sleeve or tape on it */
  built?: Shape | null;
  /** how far a poor lay's hump stands over its hollow, mm */
  hump?: number;
  /** the arbor has something that holds the line */
  grips?: boolean;
  /** an everyday thing as thick as the gap, drawn in it */
  gauge?: Gauge | null;
  /** false: no ruler stands beside it, so that a depth has to be read */
  ruled?: boolean;
  /** mm in one unit of the ruler, and its name */
  rulerUnit: { mm: number; name: string };
  label: string;
}

const PAD = { padLeft: 44, padRight: 108, padTop: 34, padBottom: 26 };
const WIDE = { ...PAD, padLeft: 24, padRight: 60 };
/** What the flanges are called, left and right as they are drawn: a baitcaster's lie side by side, with no front and no rear. */
const FLANGES: Record<ReelKind, [string, string]> = {
  spinning: ['rear flange', 'front lip'],
  baitcasting: ['left flange', 'right flange'],
  spincast: ['rear flange', 'front flange'],
};
/** Kept free beyond the right flange for what stands there, px: a nose cone is drawn whole. */
const BEYOND: Record<ReelKind, number> = { spinning: 0, baitcasting: 0, spincast: 84 };
/** About the width of a letter of the words under the spool, px. */
const WORD_PX = 6;
/** Kept free over the lip for what stands there, px. */
const HEADROOM: Record<ReelKind, number> = { spinning: 34, baitcasting: 78, spincast: 56 };

/** The spool cut in half, to scale, from the lip to the arbor, with its line and its stop marks. */
export function Section({
  shape,
  built = null,
  kind,
  lip,
  bevelMm,
  layers,
  hump = 0,
  grips = false,
  gauge = null,
  marks,
  height,
  toScale,
  ruled = true,
  rulerUnit,
  label,
}: SectionProps) {
  const { ref, width } = useElementSize();
  const id = useId();
  const f: Frame = useMemo(
    () =>
      frame(
        shape,
        {
          width: Math.max(width, 200),
          height,
          ...(toScale ? PAD : WIDE),
          padTop: HEADROOM[kind],
          padRight: Math.max((toScale ? PAD : WIDE).padRight, BEYOND[kind]),
        },
        toScale,
      ),
    [shape, width, height, toScale, kind],
  );
  const full = marks.find((mark) => mark.id === 'full');
  const cut = breakLines(shape, f);
  const [rear, right] = FLANGES[kind];
  const front = `${right}${toScale ? (f.cut ? ' · middle cut out' : '') : ' · not to scale'}`;
  const words = f.top + (shape.bare_depth_mm + BODY) * f.scale + 18;
  const y = (depth: number) => f.top + depth * f.scale;
  const tabs = spread(
    marks.map((mark) => y(mark.depth)),
    38,
    18,
    height - 24,
  );
  return (
    <div ref={ref} className={shared.room}>
      {width > 0 && (
        // biome-ignore lint/a11y/useSemanticElements: an SVG cannot hold a fieldset
        <svg width={width} height={height} className={classes.drawing} aria-label={label} role="group">
          <path d={metal(shape, f, kind, lip, bevelMm)} className={toScale ? classes.metal : classes.guess} />
          <Layers id={id} shape={shape} built={built} frame={f} kind={kind} layers={layers} hump={toScale ? hump : 0} />
          {toScale && grips && <Grip frame={f} shape={shape} kind={kind} />}
          <Housing frame={f} shape={shape} kind={kind} surface={layers.at(-1)?.top ?? shape.arbor_thick_mm} />
          {toScale && gauge && full && <GaugeThing frame={f} gauge={gauge} full={full.depth} />}
          {f.cut && (
            <g className={classes.cut}>
              <path d={cut.between} className={classes.gap} />
              <path d={`${cut.left}${cut.right}`} className={classes.edge} />
            </g>
          )}
          {toScale && ruled && <Ruler frame={f} deepest={shape.bare_depth_mm} unit={rulerUnit} />}
          {(rear.length + front.length + 2) * WORD_PX < f.right - f.left && (
            <text x={f.left - 4} y={words} className={classes.word}>
              {rear}
            </text>
          )}
          <text x={f.right + 4} y={words} textAnchor="end" className={classes.word}>
            {front}
          </text>
          {toScale &&
            marks.map((mark, index) => (
              <MarkTab
                key={mark.id}
                mark={mark}
                frame={f}
                tabY={tabs[index] ?? y(mark.depth)}
                deepest={shape.bare_depth_mm}
              />
            ))}
        </svg>
      )}
    </div>
  );
}
