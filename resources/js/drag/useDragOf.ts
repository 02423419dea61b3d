import { useMemo } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useDrags } from '../api/history';
import { useRods } from '../api/records';
import type { Angler, Care, Reel, Rod, Spool } from '../api/types';
import { useUpkeep } from '../api/upkeep';
import { useBench } from '../shell/bench';
import { metresPer, type Units } from '../units/units';
import { begun, type DragDraft, dragCase, rungs } from './chain';

/** All that the Drag place and its card know of a spool in its reel. @param position of the knob, as typed */
export function useDragOf(
  typed: DragDraft,
  reel: Reel | undefined,
  spool: Spool | undefined,
  units: Units,
  position = '',
) {
  const { angler } = useBench();
  const history = useDrags(reel?.id, spool?.id);
  const { data: rods = [] } = useRods();
  const upkeep = useUpkeep(angler?.id);
  const settings = history.data?.settings;
  const which = whichOf(reel, spool);
  const { draft, kept, care, whole } = useMemo(
    () => dragQuestion({ typed, reel, spool, units, angler, rods, cares: upkeep.data, drags: history.data }),
    [typed, reel, spool, units, angler, rods, upkeep.data, history.data],
  );
  // until what was kept is there the chain is not known
  const ready = which === '' || (settings !== undefined && !upkeep.isPending);
  const ask = ready ? whole : null;
  const drag = useCalculator('drag', ask, which);
  const found = ask === null ? undefined : drag.data;
  const steps = useCalculator('drag_steps', {
    mechanism: draft.mechanism as 'star',
    reel: reel?.kind ?? 'spinning',
    knob: draft.knob as 'turn',
    tip: draft.tip === 'yes',
    position: position || null,
  });
  return {
    draft,
    ready,
    found,
    problem: drag.error,
    steps,
    history,
    kept,
    care,
  };
}

interface Known {
  typed: DragDraft;
  reel: Reel | undefined;
  spool: Spool | undefined;
  units: Units;
  angler: Angler | undefined;
  rods: Rod[];
  cares: Care[] | undefined;
  drags: Schemas['DragHistory'] | undefined;
}

const whichOf = (reel: Reel | undefined, spool: Spool | undefined) => (reel && spool ? `${reel.id}-${spool.id}` : '');

/** The question about the drag of a spool in its reel, from all that is known of it. */
export function dragQuestion({ typed, reel, spool, units, angler, rods, cares, drags }: Known) {
  const care = cares?.find((each) => each.reel === reel?.id && each.spool === spool?.id);
  const kept = drags?.now.set ?? null;
  const which = whichOf(reel, spool);
  const draft = known(which === '' ? typed : begun(typed, which, spool, drags?.settings[0]));
  const total = spool?.contents.reduce((sum, piece) => sum + piece.length_m, 0) ?? 0;
  const whole = dragCase({
    draft,
    reel,
    spool,
    rod: rods.find((each) => String(each.id) === draft.rod),
    units,
    angler,
    kept,
    worn: care?.condition ?? null,
    points: drags?.now.points ?? [],
    guides: drags?.guides ?? null,
    ladder: rungs(total, metresPer(units)),
  });
  return { draft, kept, care, whole };
}

const MECHANISMS = ['front', 'rear', 'star', 'lever', 'spincast'];
const KNOBS = ['turn', 'click', 'notch'];

/** An address may say anything: a drag nobody makes is the usual one. */
const known = (draft: DragDraft): DragDraft => ({
  ...draft,
  mechanism: MECHANISMS.includes(draft.mechanism) ? draft.mechanism : '',
  knob: KNOBS.includes(draft.knob) ? draft.knob : '',
});
