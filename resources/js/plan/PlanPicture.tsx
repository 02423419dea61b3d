import { useMediaQuery } from '@mantine/hooks';
import { Fragment, useMemo } from 'react';
import type { PlanResult } from '../api/queries';
import { MATERIAL_WORD, ROLE_WORD } from '../drawings/material';
import { drawn } from '../drawings/section/drawn';
import type { LipShape, ReelKind } from '../drawings/section/outline';
import { type Mark, Section } from '../drawings/section/Section';
import { Tape } from '../drawings/tape/Tape';
import { useBench } from '../shell/bench';
import { fraction, length, metresPer, millimetresPer, small, thickness, type Units, words } from '../units/units';
import { USUAL_BEVEL_MM } from './draft';
import { GapReasons } from './GapReasons';
import { Narrowings } from './Narrowings';
import classes from './Plan.module.css';
import type { Planning } from './usePlan';
import stamps from './ways.json';

/** The two drawings of a plan. Marks follow the hand at once; the layers follow with the answer. */
export function PlanPicture({ plan }: { plan: Planning }) {
  const { draft, result } = plan;
  const { units } = useBench();
  const narrow = useMediaQuery('(max-width: 760px)') ?? false;
  // drawn anew only with a new answer: while a mark moves under the hand, the rest of the picture stands still
  const picture = useMemo(() => drawn(result?.spool ?? null, result?.fill.layers ?? []), [result]);
  const tape = useMemo(() => (result ? tapeOf(result, units) : null), [result, units]);
  const rulerUnit = useMemo(() => ({ mm: millimetresPer(units), name: units.small }), [units]);
  return (
    <section className={classes.picture} aria-label="The spool and its line" data-fresh={plan.fresh}>
      <Section
        {...picture}
        kind={draft.kind as ReelKind}
        lip={draft.lip as LipShape}
        bevelMm={
          draft.lip === 'bevelled' && result?.gap.rule.reasons[0]
            ? bevelDrawn(result.gap.rule.reasons[0].mm, draft.kind)
            : USUAL_BEVEL_MM
        }
        marks={result ? marks(plan, units) : []}
        height={narrow ? 250 : 372}
        rulerUnit={rulerUnit}
        label={
          result
            ? `Section of the spool, full at ${words(small(result.gap.mm, units))} under the lip`
            : 'Section of an empty spool'
        }
      />
      {result && <Key layers={result.fill.layers} />}
      {tape && tape.segments.length > 0 && <Tape {...tape} ends="reel" />}
      {!result && <WaysToStamp />}
      {result && (
        <div className={classes.why}>
          <GapReasons plan={plan} result={result} />
          <Narrowings result={result} />
        </div>
      )}
    </section>
  );
}

/** The whole line as a tape, with the tolerance round the end of the open layer. */
function tapeOf(result: PlanResult, units: Units) {
  const segments = result.fill.layers.map((layer) => ({
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
  const solved = result.fits ? result.solved : null;
  const before = result.fill.layers.slice(0, (solved?.index ?? 0) + 1).reduce((sum, layer) => sum + layer.length_m, 0);
  return {
    segments,
    scaleUnit: { m: metresPer(units), name: units.length },
    label: `The line from the arbor: ${segments.map((segment) => segment.word).join(', ')}`,
    ...(solved && result.half_m ? { band: { at: before, half: result.half_m } } : {}),
  };
}

/** For a start: how a stamp is typed, whatever its maker's custom. The page shows the same words before this has loaded. */
function WaysToStamp() {
  return (
    <div className={classes.ways}>
      <p>{stamps.lead}</p>
      <dl>
        {stamps.ways.map(([stamp, reading]) => (
          <Fragment key={stamp}>
            <dt>{stamp}</dt>
            <dd>{reading}</dd>
          </Fragment>
        ))}
      </dl>
      <p>{stamps.else}</p>
    </div>
  );
}

/** A baitcaster's base lies half a mm under its bevel; the drawing shows the bevel itself. */
function bevelDrawn(baseMm: number, kind: string): number {
  return kind === 'spinning' ? baseMm : USUAL_BEVEL_MM;
}

function Key({
  layers,
}: {
  layers: { role: keyof typeof ROLE_WORD; material: keyof typeof MATERIAL_WORD; diameter_mm: number }[];
}) {
  if (layers.length === 0) return null;
  return (
    <p className={classes.key}>
      {[...layers].reverse().map((layer) => (
        <span key={layer.role}>
          {ROLE_WORD[layer.role]}: {MATERIAL_WORD[layer.material]} {thickness(layer.diameter_mm)}
        </span>
      ))}
    </p>
  );
}

/** The stop marks: full, and where the main line is joined on. */
function marks({ draft, set, result }: Planning, units: Units): Mark[] {
  if (!result?.spool) return [];
  const asTyped = (depth: number) => `${depth.toFixed(2)} mm`;
  const read = (depth: number) => (units.small === 'in' ? fraction(depth, units) : words(small(depth, units)));
  const held = (typed: string, fallback: number) => {
    const match = /^(\d+(?:\.\d+)?) mm$/.exec(typed);
    return match ? Number(match[1]) : fallback;
  };
  const deepest = result.spool.bare_depth_mm;
  const full = held(draft.gap, result.gap.mm);
  const found: Mark[] = [
    {
      id: 'full',
      word: 'full',
      depth: full,
      figure: read(full),
      tone: 'stop',
      least: 0,
      most: Math.max(0, deepest - 0.2),
      onMove: (depth) => set({ gap: asTyped(depth) }),
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
  const backing = result.fill.layers.length > 1 ? result.fill.layers[0] : undefined;
  if (backing?.depth_mm !== undefined && top) {
    const join = draft.join ? held(draft.join, backing.depth_mm) : backing.depth_mm;
    found.push({
      id: 'join',
      word: 'join',
      depth: join,
      figure: read(join),
      tone: 'next',
      ...(result.depth_mark ? { half: result.depth_mark.one_reading.depth_half_mm } : {}),
      ...(draft.open === 'backing'
        ? { least: full, most: deepest, onMove: (depth: number) => set({ join: asTyped(depth) }) }
        : {}),
    });
  }
  return found;
}
