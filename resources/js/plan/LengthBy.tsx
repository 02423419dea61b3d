import { NativeSelect } from '@mantine/core';
import { memo } from 'react';
import { useFillers, useReels } from '../api/records';
import type { Reel } from '../api/types';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { metresPer } from '../units/units';
import { chosen, type Draft } from './draft';
import classes from './Plan.module.css';
import { useLivePlan } from './planning';
import { fillerOf, fromReel } from './records';
import type { Planning } from './usePlan';

const BY = [
  { value: 'typed', label: 'as long as typed' },
  { value: 'all', label: 'the whole filler spool' },
  { value: 'share', label: 'a shared filler spool' },
  { value: 'reach', label: 'casts and a run' },
];

/** What sets the main line, and a slider for it while something else is worked out. */
export function LengthBy() {
  const plan = useLivePlan();
  const { draft, held, set, slide, errorFor, result } = plan;
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const filler = fillerOf('main', draft, fillers);
  const layer = result?.fill.layers.find((each) => each.role === 'main');
  if (result?.open === 'main') return null;
  const most = result ? result.main_most_m : 0;
  // the hand is ahead of the answer: quick steps must not start from an older one
  const steps = held.length ?? Math.round((layer?.length_m ?? 0) / metresPer(units));
  return (
    <>
      <div className={classes.by}>
        <By by={draft.mainBy} withFiller={filler !== undefined} set={set} />
        {layer && most > 1 && (
          <input
            type="range"
            className={classes.slide}
            aria-label="More or less main line"
            aria-valuetext={`${steps} ${units.length}`}
            min={0}
            max={Math.floor(most / metresPer(units))}
            step={1}
            value={steps}
            onChange={(event) => slide(Number(event.currentTarget.value))}
          />
        )}
      </div>
      {draft.mainBy === 'share' && <Shared plan={plan} />}
      {draft.mainBy === 'reach' && (
        <div className={classes.pairs}>
          <TypedField
            label="Longest cast"
            placeholder={`60 ${units.length}`}
            unit={units.length}
            value={draft.cast}
            onChange={(cast) => set({ cast })}
            error={errorFor('cast')}
          />
          <TypedField
            label="Run of the fish"
            placeholder={`40 ${units.length}`}
            unit={units.length}
            value={draft.run}
            onChange={(run) => set({ run })}
            error={errorFor('run')}
          />
        </div>
      )}
    </>
  );
}

interface ByProps {
  by: string;
  withFiller: boolean;
  set: Planning['set'];
}

const By = memo(function By({ by, withFiller, set }: ByProps) {
  return (
    <NativeSelect
      size="xs"
      aria-label="What sets the main line"
      value={by}
      onChange={(event) => set({ mainBy: chosen('mainBy', event.currentTarget.value), join: '' })}
      data={BY.filter((each) => withFiller || (each.value !== 'all' && each.value !== 'share') || each.value === by)}
    />
  );
});

/** How many reels share the filler, and which is the other one: its own backing is worked out too. */
function Shared({ plan: { draft, set, errorFor } }: { plan: Planning }) {
  const { data: reels = [] } = useReels();
  return (
    <div className={classes.pairs}>
      <TypedField
        label="Reels that share it"
        value={draft.parts}
        onChange={(parts) => set({ parts })}
        error={errorFor('parts')}
      />
      <NativeSelect
        label="Other reel"
        value={draft.otherReel ? `${draft.otherReel} ${draft.otherSpool}` : ''}
        onChange={(event) => {
          const [otherReel = '', otherSpool = ''] = event.currentTarget.value.split(' ');
          set({ otherReel, otherSpool });
        }}
        data={[
          { value: '', label: 'none' },
          ...reels.flatMap((reel) =>
            reel.spools
              .filter((spool) => String(spool.id) !== draft.spool)
              .map((spool) => ({ value: `${reel.id} ${spool.id}`, label: `${reel.name}, ${spool.name}` })),
          ),
        ]}
      />
    </div>
  );
}

/** The figures of the other reel put in place of this one's. */
export const onOtherReel = (draft: Draft, reels: Reel[]): { reel: Reel; draft: Draft } | null => {
  const reel = reels.find((each) => String(each.id) === draft.otherReel);
  const spool = reel?.spools.find((each) => String(each.id) === draft.otherSpool);
  return reel && spool
    ? { reel, draft: { ...draft, ...fromReel(reel, spool), join: '', way: 'backing', open: 'backing' } }
    : null;
};
