import { useElementSize } from '@mantine/hooks';
import { memo, useId } from 'react';
import shared from '../drawing.module.css';
import type { Material } from '../material';
import { Texture } from '../Texture';
import classes from './Tape.module.css';
import { type Place, placeWords, step, ticks } from './ticks';

export interface Segment {
  id: string;
  material: Material;
  /** m */
  length: number;
  /** over the tape, from the left; empty in a thumbnail */
  word: string;
  backing?: boolean;
}

interface TapeProps {
  segments: Segment[];
  /** the length the whole tape stands for, m; the rest is drawn as gone */
  whole?: number;
  /** m in one unit of the scale, and its name */
  scaleUnit: { m: number; name: string };
  /** a soft band round a place on the tape, m */
  band?: { at: number; half: number };
  /** a stretch where it gets dangerous, m */
  stop?: { from: number; to: number } | null;
  /** a place that can be moved along the tape, m */
  cut?: number;
  /** its scale begins at the lure: line out, as a table beside it counts */
  outwards?: boolean;
  /** what the ends are: knot on the arbor and lure for a reel, the cut end for a filler */
  ends: 'reel' | 'filler';
  size?: 'full' | 'thumb';
  label: string;
}

/** The line laid out as a measuring tape, from the arbor on the left to the lure on the right. */
export const Tape = memo(function Tape({
  segments,
  whole,
  scaleUnit,
  band,
  stop,
  cut,
  outwards = false,
  ends,
  size = 'full',
  label,
}: TapeProps) {
  const { ref, width } = useElementSize();
  const id = useId();
  const full = size === 'full';
  const total = Math.max(
    0.1,
    whole ?? 0,
    segments.reduce((sum, segment) => sum + segment.length, 0),
  );
  const left = ends === 'reel' ? 12 : 1;
  const right = width - (ends === 'reel' ? 26 : 12);
  const x = (metres: number) => left + ((right - left) * metres) / total;
  const top = full ? 30 : 2;
  const body = full ? 26 : 16;
  const height = full ? 86 : 38;
  const by = step(total / scaleUnit.m, Math.max(2, Math.floor(width / (full ? 62 : 54))));
  let at = 0;
  const placed = segments.map((segment) => {
    const from = at;
    at += segment.length;
    return { ...segment, from, to: at };
  });
  const places = placeWords(
    placed.map((segment) => ({ from: x(segment.from), to: x(segment.to), wide: segment.word.length * 6.4 })),
    width,
  );
  return (
    <div ref={ref} className={shared.room}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          viewBox={`0 0 ${width} ${height}`}
          className={classes.drawing}
          role="img"
          aria-label={label}
        >
          <rect x={x(0)} y={top} width={x(total) - x(0)} height={body} className={classes.gone} />
          {placed.map((segment, index) => (
            <g key={segment.id}>
              <rect
                x={x(segment.from)}
                y={top}
                width={x(segment.to) - x(segment.from)}
                height={body}
                className={segment.backing ? shared.backing : shared.main}
              />
              <Texture
                id={`${id}-${index}`}
                motif={segment.material}
                d={`M${x(segment.from)} ${top}H${x(segment.to)}v${body}H${x(segment.from)}Z`}
                box={{ x: x(segment.from), y: top, width: x(segment.to) - x(segment.from), height: body }}
                tile={body / 2}
                className={classes.edge}
              />
              {full && places[index] && <Word text={segment.word} place={places[index]} />}
            </g>
          ))}
          {band && (
            <rect
              x={Math.max(left, x(band.at - band.half))}
              y={top - 5}
              width={Math.min(right, x(band.at + band.half)) - Math.max(left, x(band.at - band.half))}
              height={body + 10}
              className={classes.band}
            />
          )}
          {stop && stop.to > stop.from && (
            <path
              d={hatched(x(stop.from), x(stop.to), top - 3, body + 6)}
              className={classes.stop}
              data-testid="danger"
            />
          )}
          {cut !== undefined && <path d={`M${x(cut)} ${top - 8}v${body + 16}`} className={classes.cut} />}
          <Scale
            total={total}
            unit={scaleUnit}
            by={by}
            x={outwards ? (metres) => x(total - metres) : x}
            y={top + body}
            edge={width}
            zero={outwards ? ' out' : ''}
          />
          {placed.slice(1).map((segment) => (
            <circle
              key={segment.id}
              cx={x(segment.from)}
              cy={top + body / 2}
              r={full ? 6 : 4}
              className={classes.join}
            />
          ))}
          {ends === 'reel' && <Ends left={x(0)} right={x(at)} y={top + body / 2} full={full} />}
        </svg>
      )}
    </div>
  );
});

/** Slanting strokes over a stretch of the tape, and a line at its edge. */
function hatched(from: number, to: number, y: number, high: number): string {
  let d = `M${to} ${y}v${high}`;
  for (let at = from; at < to; at += 9) {
    const up = Math.min(high, to - at);
    d += `M${at} ${y + high}l${up} ${-up}`;
  }
  return d;
}

function Word({ text, place }: { text: string; place: Place }) {
  return (
    <text x={place.x} y={place.row === 0 ? 20 : 7} textAnchor={place.end ? 'end' : 'start'} className={classes.word}>
      {text}
    </text>
  );
}

interface ScaleProps {
  total: number;
  unit: { m: number; name: string };
  by: number;
  x: (metres: number) => number;
  y: number;
  /** the right edge of the drawing, px */
  edge: number;
  /** what is said behind the unit at its beginning */
  zero: string;
}

/** Half the room a figure on the scale takes, px. */
const FIGURE = 16;

function Scale({ total, unit, by, x, y, edge, zero }: ScaleProps) {
  const range = total / unit.m;
  return (
    <g className={classes.scale}>
      <path
        d={ticks(range, by / 5)
          .map((tick) => `M${x(tick * unit.m)} ${y}v4`)
          .join('')}
      />
      {ticks(range, by).map((tick) => (
        <g key={tick}>
          <path d={`M${x(tick * unit.m)} ${y}v8`} />
          <text
            x={Math.min(x(tick * unit.m), edge - FIGURE)}
            y={y + 20}
            textAnchor={tick > 0 || zero ? 'middle' : 'start'}
          >
            {tick === 0 ? `0 ${unit.name}${zero}` : Math.round(tick * 100) / 100}
          </text>
        </g>
      ))}
    </g>
  );
}

function Ends({ left, right, y, full }: { left: number; right: number; y: number; full: boolean }) {
  const r = full ? 7 : 5;
  return (
    <g className={classes.ends}>
      <circle cx={left} cy={y} r={r} />
      <path d={`M${right} ${y}h10m0 -${r - 1}v${2 * (r - 1)}l${r + 2} -${r - 1}Z`} />
    </g>
  );
}
