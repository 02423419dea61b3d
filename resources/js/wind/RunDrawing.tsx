import { useMemo } from 'react';
import type { Run } from '../api/types';
import { ROLE_WORD } from '../drawings/material';
import { drawn } from '../drawings/section/drawn';
import { USUAL_BEVEL_MM } from '../drawings/section/outline';
import { type DrawnLayer, type Mark, Section } from '../drawings/section/Section';
import { Tape } from '../drawings/tape/Tape';
import { fraction, length, metresPer, millimetresPer, small, type Units, words } from '../units/units';

/** The spool as it fills, with the next stop. */
export function RunSection({ run, units, height }: { run: Run; units: Units; height: number }) {
  const { state } = run;
  // a made-up reel is drawn as it really lies, which is what an eye would see; its figures are what was counted
  const real = run.truth?.level?.surface_mm ?? null;
  const picture = useMemo(() => {
    const counted = drawn(state.spool, state.progress.layers, state.bare_spool, state.kept);
    return real === null ? counted : { ...counted, layers: seenAt(counted.layers, real) };
  }, [state, real]);
  return (
    <Section
      {...picture}
      kind={state.reel}
      lip={state.lip}
      bevelMm={state.bevel_mm ?? USUAL_BEVEL_MM}
      hump={state.hump_mm}
      grips={state.grips}
      marks={stops(run, units)}
      height={height}
      rulerUnit={{ mm: millimetresPer(units), name: units.small }}
      ruled={real === null}
      label={`The spool now${real === null ? '' : ', drawn as it really is'}${state.progress.depth_mm === null ? '' : `, line ${words(small(state.progress.depth_mm, units))} below the lip`}`}
    />
  );
}

/** The layers with their outermost surface where it really is. */
function seenAt(layers: DrawnLayer[], top: number): DrawnLayer[] {
  // what has no thickness yet has no surface that could be seen
  const on = layers.filter((each) => each.top > each.bottom + 1e-6);
  return on.map((layer, index) =>
    index === on.length - 1
      ? { ...layer, top: Math.max(layer.bottom, top) }
      : { ...layer, top: Math.min(layer.top, top) },
  );
}

function stops({ state }: Run, units: Units): Mark[] {
  const { progress, gap_mm: full, layers, layer } = state;
  const read = (depth: number) => (units.small === 'in' ? fraction(depth, units) : words(small(depth, units)));
  const last = layer === layers.length - 1;
  const marks: Mark[] = [{ id: 'full', depth: full, word: 'full', figure: read(full), tone: 'stop' }];
  if (progress.stop_depth_mm !== null && !last) {
    marks.push({
      id: 'stop',
      depth: progress.stop_depth_mm,
      word: 'stop here',
      figure: read(progress.stop_depth_mm),
      tone: 'next',
    });
  } else if (progress.finish_mm !== null && last && progress.finish_off) {
    marks.push({
      id: 'ends',
      depth: progress.finish_mm,
      word: 'it ends',
      figure: read(progress.finish_mm),
      tone: 'next',
      ...(progress.finish_half_mm === null ? {} : { half: progress.finish_half_mm }),
    });
  }
  return state.spool ? marks : [];
}

/** All the line of the run as a tape: what is on, and what is still to come. */
export function RunTape({ run, units }: { run: Run; units: Units }) {
  const { layers, layer, progress } = run.state;
  const segments = layers
    .map((each, index) => ({
      id: each.role,
      material: each.material,
      length: each.wound_m,
      backing: each.role === 'backing',
      word: index > layer ? '' : `${ROLE_WORD[each.role]} · ${words(length(each.wound_m, units))} wound`,
    }))
    .filter((segment) => segment.length > 0.01);
  const rest = layers.slice(layer + 1).reduce((sum, each) => sum + each.planned_m, 0);
  const on = segments.reduce((sum, segment) => sum + segment.length, 0);
  return (
    <Tape
      segments={segments}
      whole={Math.max(1, on + Math.max(0, progress.left_m) + rest)}
      scaleUnit={{ m: metresPer(units), name: units.length }}
      band={{ at: on + Math.max(0, progress.left_m), half: progress.left_half_m }}
      ends="filler"
      label={`On the spool: ${segments.map((segment) => segment.word).join(', ') || 'no line yet'}`}
    />
  );
}
