import { Button } from '@mantine/core';
import type { DragResult, DragSetting, Reel, Spool } from '../api/types';
import { drawn } from '../drawings/section/drawn';
import { USUAL_BEVEL_MM } from '../drawings/section/outline';
import { Section } from '../drawings/section/Section';
import { segmentsOf } from '../drawings/tape/segments';
import { Tape } from '../drawings/tape/Tape';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { sentence } from '../units/sentence';
import { drag as dragForce, length, metresPer, millimetresPer, small, type Units, words } from '../units/units';
import { Curve } from './Curve';
import type { DragDraft } from './chain';
import classes from './Drag.module.css';
import { Ladder, noTurns, share } from './Ladder';
import { Levels } from './Levels';

interface RunsOutProps {
  draft: DragDraft;
  set: (change: Partial<DragDraft>) => void;
  drag: DragResult;
  reel: Reel;
  spool: Spool;
  /** the setting that holds */
  kept: DragSetting | null;
}

/** What the drag becomes as line runs out: over the tape, on the section, and as a table to ease off by. */
export function RunsOut({ draft, set, drag, reel, spool, kept }: RunsOutProps) {
  const { units } = useBench();
  const total = drag.total_m ?? 0;
  const out = Math.min(total, drag.at?.line_out_m ?? 0);
  const limit = drag.expected_limit_line_out_m;
  const read = (newtons: number) => words(dragForce(newtons, units));
  const long = (metres: number) => words(length(metres, units, 0));
  const card = new URLSearchParams({ reel: `${reel.id}`, spool: `${spool.id}` });
  return (
    <div className={classes.runs}>
      <div className={classes.over}>
        <p className={classes.at} data-testid="runs-at">
          <span>
            <b>{long(out)}</b> out
          </span>
          <span>
            {drag.at_least && 'at least '}
            <b>{read(drag.at?.expected_N ?? 0)}</b>, {share(drag.at?.expected_share)} of the {drag.weakest}
          </span>
          <span>
            to keep it even, ease off to {drag.at_least && 'at most '}
            {read(drag.at?.ease_to_N ?? 0)} as set on a full spool
            {cue(drag, units)}
          </span>
        </p>
        <Curve drag={drag} out={out} />
        <Tape
          segments={segmentsOf(spool.contents, ({ line, length_m }) => `${long(length_m)} ${line.name}`)}
          scaleUnit={{ m: metresPer(units), name: units.length }}
          stop={limit === null ? null : { from: 0, to: total - limit }}
          cut={total - out}
          outwards
          ends="reel"
          label={`The line from the arbor to the lure${limit === null ? '' : `; with more than ${long(limit)} out the drag is past half of the ${drag.weakest}`}`}
        />
        {/* from the lure on the right to the arbor on the left, as the tape lies */}
        <input
          type="range"
          dir="rtl"
          className={classes.slider}
          aria-label="Line out"
          min={0}
          max={Math.ceil(total)}
          step={1}
          value={Math.round(out)}
          aria-valuetext={`${long(out)} out`}
          onChange={(event) => set({ out: event.currentTarget.value })}
        />
        {drag.limit_says && <p data-testid="limit">{sentence(drag.limit_says, units)}</p>}
        {drag.verdict && (
          <p className={classes.said} data-testid="verdict">
            {sentence(drag.verdict, units)}
          </p>
        )}
        <p className={classes.soft}>
          {since(kept, drag, read)} Slow a fish smoothly with a thumb or palm on the spool, not with the knob. A belly
          of line in the water and a sharp angle over the guides add force, so keep a margin.
        </p>
      </div>
      <div className={classes.over}>
        {drag.at?.picture.shape && (
          <Section
            {...drawn(drag.at.picture.shape, drag.at.picture.layers)}
            kind={reel.kind}
            lip={spool.lip}
            bevelMm={drag.at.picture.bevel_mm ?? USUAL_BEVEL_MM}
            marks={[]}
            height={230}
            rulerUnit={{ mm: millimetresPer(units), name: units.small }}
            label={`The spool with ${long(out)} out, ${words(small(drag.at.diameter_mm, units))} in diameter`}
          />
        )}
        <Ladder drag={drag} />
        {noTurns(drag) && <p className={classes.soft}>{noTurns(drag)}</p>}
        <Button component={Link} variant="default" size="compact-sm" to={`/drag/card?${card}`}>
          Print a pocket card
        </Button>
        <Levels draft={draft} drag={drag} reel={reel} spool={spool} set={kept} />
      </div>
    </div>
  );
}

/** "line 6 mm below the lip: turn back half a turn". */
function cue(drag: DragResult, units: Units): string {
  const { at } = drag;
  if (!at?.back || at.back.amount === 0) return '';
  return `; line ${words(small(at.depth_mm, units))} below the lip: turn back ${at.back.words}`;
}

/** What the curve starts from. */
function since(kept: DragSetting | null, drag: DragResult, read: (newtons: number) => string): string {
  if (kept === null || kept.running_N === null)
    return 'Based on the target: there is no measured setting for this fill.';
  const changed =
    drag.set_changed && drag.set_N !== null
      ? `; the line on the spool has changed since, so ${read(drag.set_N)} now`
      : '';
  const where = kept.tip ? '' : ' at the reel; the curve is what reaches the tip';
  return `${kept.peaks_only ? 'Peak force' : 'Running force'}, from your last saved setting, ${read(kept.running_N)}${where}${changed}${kept.sticky ? '. It sticks, so each new start is higher' : ''}.`;
}
