import { useMemo } from 'react';
import type { PlanResult } from '../api/types';
import { ROLE_WORD } from '../drawings/material';
import { drawn } from '../drawings/section/drawn';
import { USUAL_BEVEL_MM } from '../drawings/section/outline';
import { type Mark, Section } from '../drawings/section/Section';
import { Tape } from '../drawings/tape/Tape';
import { fraction, length, metresPer, millimetresPer, small, type Units, words } from '../units/units';
import type { Planning } from './usePlan';

interface PlanSectionProps {
  plan: Planning;
  units: Units;
  height: number;
  /** on paper: marks that cannot be moved */
  still?: boolean;
}

/** The section of a plan. Marks follow the hand at once; the layers follow with the answer. */
export function PlanSection({ plan, units, height, still = false }: PlanSectionProps) {
  const { draft, result } = plan;
  // drawn anew only with a new answer: while a mark moves under the hand, the rest of the picture stands still
  const picture = useMemo(
    () =>
      drawn(result?.spool ?? null, result?.fill.layers ?? [], result?.bare_spool ?? null, result?.build?.kept ?? null),
    [result],
  );
  const rulerUnit = useMemo(() => ({ mm: millimetresPer(units), name: units.small }), [units]);
  const stops = result ? marks(plan, units) : [];
  return (
    <Section
      {...picture}
      kind={draft.kind}
      lip={draft.lip}
      bevelMm={result?.bevel_mm ?? USUAL_BEVEL_MM}
      hump={result?.hump_mm ?? 0}
      gauge={result?.gap.gauge ?? null}
      grips={draft.grips === 'yes'}
      marks={still ? stops.map(({ onMove: _, ...mark }) => mark) : stops}
      height={height}
      rulerUnit={rulerUnit}
      label={
        result
          ? `Section of the spool, full at ${words(small(result.gap.mm, units))} below the lip`
          : 'Section of an empty spool'
      }
    />
  );
}

/** The line of a plan as a tape. */
export function PlanTape({ result, units }: { result: PlanResult; units: Units }) {
  const tape = useMemo(() => tapeOf(result, units), [result, units]);
  return tape.segments.length > 0 ? <Tape {...tape} ends="reel" /> : null;
}

/** The whole line as a tape, with the tolerance round the end of the open layer. */
function tapeOf(result: PlanResult, units: Units) {
  const kept = result.build?.kept;
  const under =
    kept?.length_m == null
      ? []
      : [
          {
            id: 'kept',
            material: kept.material ?? ('mono' as const),
            length: kept.length_m,
            backing: true,
            word: `backing that stays · ${words(length(kept.length_m, units))}`,
          },
        ];
  const wound = result.fill.layers.map((layer) => ({
    id: layer.role,
    material: layer.material,
    length: layer.length_m,
    backing: layer.role === 'backing',
    word: [
      ROLE_WORD[layer.role],
      words(length(layer.length_m, units)),
      layer.handle_turns === undefined ? '' : `${Math.round(layer.handle_turns)} turns`,
    ]
      .filter(Boolean)
      .join(' · '),
  }));
  const segments = [...under, ...wound];
  const solved = result.fits ? result.solved : null;
  const before =
    (kept?.length_m ?? 0) +
    result.fill.layers.slice(0, (solved?.index ?? 0) + 1).reduce((sum, layer) => sum + layer.length_m, 0);
  return {
    segments,
    scaleUnit: { m: metresPer(units), name: units.length },
    label: `Line from the arbor out: ${segments.map((segment) => segment.word).join(', ')}`,
    ...(solved && result.half_m ? { band: { at: before, half: result.half_m } } : {}),
  };
}

/** The stop marks: full, and where the main line is joined on. */
function marks({ draft, held, drag, result }: Planning, units: Units): Mark[] {
  if (!result?.spool) return [];
  const read = (depth: number) => (units.small === 'in' ? fraction(depth, units) : words(small(depth, units)));
  const deepest = result.spool.bare_depth_mm;
  const full = held.gap ?? result.gap.mm;
  const found: Mark[] = [
    {
      id: 'full',
      word: 'full',
      depth: full,
      figure: read(full),
      tone: 'stop',
      least: 0,
      most: Math.max(0, deepest - 0.2),
      onMove: (depth, byHand) => drag('gap', depth, byHand),
    },
  ];
  const top = result.fill.layers.at(-1);
  if (draft.open === 'level' && result.level) {
    found.push({
      id: 'level',
      word: 'it ends',
      depth: result.level.depth_mm,
      figure: read(result.level.depth_mm),
      tone: 'next',
      half: result.level.half_mm,
    });
  }
  const onKept = result.build?.kept?.depth_mm;
  if (onKept != null) {
    found.push({ id: 'join', word: 'knot', depth: onKept, figure: read(onKept), tone: 'next' });
  }
  const backing = result.fill.layers.length > 1 ? result.fill.layers[0] : undefined;
  if (backing?.depth_mm !== undefined && top) {
    const join = draft.join ? (held.join ?? backing.depth_mm) : backing.depth_mm;
    found.push({
      id: 'join',
      word: 'knot',
      depth: join,
      figure: read(join),
      tone: 'next',
      ...(result.depth_mark ? { half: result.depth_mark.one_reading.depth_half_mm } : {}),
      ...(draft.open === 'backing'
        ? { least: full, most: deepest, onMove: (depth: number, byHand: boolean) => drag('join', depth, byHand) }
        : {}),
    });
  }
  return found;
}
