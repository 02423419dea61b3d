import type { Run } from '../api/types';
import { ROLE_WORD } from '../drawings/material';
import { knownWords } from '../parts/known';
import { NOTHING_M, type Units, within } from '../units/units';

/** Of a layer that is in the log already, m. */
export const writtenOf = (written: Run['written'], layer: number): number =>
  written.reduce((sum, each) => sum + (each.layer === layer ? each.length_m : 0), 0);

/** What a layer of a run is for. */
export const roleOf = (run: Run, layer: number): string => ROLE_WORD[run.state.layers[layer]?.role ?? 'main'];

/** How the layer stands that is being wound, with the turns the server does not know of yet. */
export function standing(run: Run, ahead: number) {
  const { progress, layers } = run.state;
  const layer = layers[progress.layer];
  const metres = ahead * (progress.retrieve_m ?? 0);
  const on = Math.max(0, (layer?.wound_m ?? 0) + metres);
  const before = writtenOf(run.written, progress.layer);
  return {
    role: roleOf(run, progress.layer),
    turns: progress.turns + ahead,
    on_m: on,
    half_m: layer?.wound_half_m ?? 0,
    known: ahead > 0 && layer && !layer.known.includes('counted') ? [...layer.known, 'counted' as const] : layer?.known,
    /** nothing is counted or said */
    nothing: on < NOTHING_M,
    left_m: progress.left_m - metres,
    turns_left: progress.turns_left === null ? null : Math.ceil(progress.turns_left - ahead - 1e-6),
    /** what a stop now would write, m */
    unwritten_m: on - before < NOTHING_M ? 0 : on - before,
    /** of this layer that is in the log already, m */
    written_m: before,
  };
}

/** What a stop now would write: "53 ± 4 m of backing", and how it is known. */
export const toWrite = (now: ReturnType<typeof standing>, units: Units) => ({
  length: `${within(now.unwritten_m, now.half_m, units)}${now.written_m > 0 ? ' more' : ''}`,
  how: knownWords(now.known),
});
