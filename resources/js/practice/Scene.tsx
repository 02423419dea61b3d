import { useMemo } from 'react';
import type { Schemas } from '../api/client';
import { Rod } from '../drawings/rod/Rod';
import { Seat } from '../drawings/seat/Seat';
import { type Mark, Section } from '../drawings/section/Section';
import { Hanging } from '../drawings/slack/Hanging';
import { useTall } from '../parts/useTall';
import { useBench } from '../shell/bench';
import { force, millimetresPer, newtonsPer, small, words } from '../units/units';
import classes from './Practice.module.css';

type SceneOf = Schemas['LessonResult']['scene'];

/** What there is to see of a lesson, as it comes. */
export function Scene({ scene }: { scene: SceneOf }) {
  const { units } = useBench();
  const { spool, seat, slack, rod } = scene;
  const slackSays = slack && hangs(slack);
  return (
    <div className={classes.scene}>
      {spool && <Spool spool={spool} small={rod !== null} />}
      {rod && (
        <Rod
          force={rod.force_N}
          target={rod.target_N}
          within={rod.within_N}
          stop={null}
          peak={null}
          pulls={[]}
          scaleUnit={{ n: newtonsPer(units), name: units.force }}
          parted={rod.parted}
          label={
            rod.parted
              ? 'The line broke and the rod is straight'
              : `The rod bends to ${words(force(rod.force_N, units))}`
          }
        />
      )}
      {seat && (
        <Seat
          reel="spinning"
          feed={seat.feed}
          rotor={seat.rotor_turns}
          filler={seat.filler_turns}
          label="Seen from the angler: the reel in front, the filler spool at the far end"
        />
      )}
      {slack && (
        <figure className={classes.slack}>
          <Hanging loops={slack.loops} knots={slack.knots} spins={slack.spins} label={slackSays ?? ''} />
          <figcaption>{slackSays}</figcaption>
        </figure>
      )}
    </div>
  );
}

function hangs({ loops, knots, spins }: NonNullable<SceneOf['slack']>): string {
  if (knots > 0) return `Loose coils: ${knots} ${knots === 1 ? 'wind knot' : 'wind knots'} in a day of casting`;
  if (spins !== null && loops === 0) return spins ? 'The free end spins' : 'The free end hangs still';
  const free = spins === null ? '' : spins ? ', and the free end spins' : ', and the free end hangs still';
  return `${loops > 0 ? 'A metre of slack springs into loops' : 'A metre of slack hangs straight'}${free}`;
}

/** The spool cut in half with what really lies on it; how deep that is one has to read. */
function Spool({ spool, small: beside }: { spool: NonNullable<SceneOf['spool']>; small: boolean }) {
  const { units } = useBench();
  const tall = useTall();
  const marks = useMemo(() => {
    const made: Mark[] = [];
    const figure = (mm: number) => words(small(mm, units));
    if (spool.mark_mm !== null) {
      made.push({
        id: 'mark',
        depth: spool.mark_mm,
        word: spool.role === 'main' ? 'should lie' : 'mark',
        figure: figure(spool.mark_mm),
        tone: 'next',
      });
    }
    if (spool.blade_mm !== null) {
      made.push({ id: 'blade', depth: spool.blade_mm, word: 'read', figure: figure(spool.blade_mm), tone: 'next' });
    }
    return made;
  }, [spool, units]);
  return (
    <Section
      shape={spool.shape}
      kind={spool.kind}
      lip={spool.lip}
      bevelMm={spool.bevel_mm ?? 0}
      layers={[
        {
          role: spool.role,
          material: spool.material,
          diameter: spool.diameter_mm,
          bottom: spool.shape.arbor_thin_mm,
          top: spool.surface_mm,
        },
      ]}
      marks={marks}
      height={(tall ? 460 : 330) - (beside ? 130 : 0)}
      toScale
      ruled={false}
      rulerUnit={{ mm: millimetresPer(units), name: units.small }}
      label="The practice spool cut in half, with the line on it"
    />
  );
}
