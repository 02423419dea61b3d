import { Button, NativeSelect } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { memo } from 'react';
import { useReels } from '../api/records';
import type { PlanResult, Reel } from '../api/types';
import { MeasureButton } from '../measure/MeasureButton';
import { diameterTyped } from '../measure/typed';
import { KINDS, LAYS, LIPS, MATERIALS, STAMP_UNITS, TOOLS } from '../parts/choices';
import { Segmented } from '../parts/Segmented';
import { TypedField } from '../parts/TypedField';
import { useRested } from '../parts/useRested';
import { stampKnown } from '../printed/known';
import { StampField } from '../printed/PrintedField';
import { useBench } from '../shell/bench';
import { sentence } from '../units/sentence';
import { length, METRIC, small, type Units, words } from '../units/units';
import { ADJUSTMENTS, chosen, type Draft, type DraftKey, EMPTY, KEYS } from './draft';
import { Folded } from './Folded';
import { KEPT, KeepMeasures } from './KeepMeasures';
import { KeepReel } from './KeepReel';
import classes from './Plan.module.css';
import { sameFor } from './planning';
import { fromReel, keepSpool, keptSpool, spoolOf } from './records';
import type { Planning } from './usePlan';

const MEASURES: { key: DraftKey; word: string; what: string }[] = [
  { key: 'lipMm', word: 'Lip diameter', what: 'the rim, at its widest' },
  { key: 'arborMm', word: 'Arbor diameter', what: 'the bare core' },
  { key: 'traverseMm', word: 'Spool width', what: 'inside, between the flanges' },
];

/** What a figure that is not known yet would buy, in few words. */
function buys(key: DraftKey, result: PlanResult | null, units: Units): string | null {
  if (!result) return null;
  const half = (id: string) => {
    const found = result.narrowings.find((each) => each.id === id);
    return found ? `± ${length(found.half_m, units).figure}` : null;
  };
  if (result.fill.source === 'rated') {
    if (key === 'lipMm') return '+ depth, turns';
    const all = half('all_three_measures');
    return all && `all 3: ${all}`;
  }
  const asked = { arborMm: half('arbor'), traverseMm: half('traverse'), stamp: half('stamp') } as Partial<
    Record<DraftKey, string | null>
  >;
  return asked[key] ? `gives ${asked[key]}` : null;
}

/** Whether all that is known of the spool stands as the locker has it, and nothing is missing that a drawing wants. */
function asInLocker(draft: Draft, reels: Reel[]): boolean {
  const reel = reels.find((each) => String(each.id) === draft.reel);
  const spool = spoolOf(draft, reels);
  if (!reel || !spool || MEASURES.some(({ key }) => draft[key].trim() === '')) return false;
  const stored = fromReel(reel, spool);
  return KEPT.every((key) => stored[key] === draft[key]) && stored.kind === draft.kind;
}

/** The spool in a line. */
const inFew = (draft: Draft): string =>
  [draft.kind, draft.stamp.trim(), `lip ${draft.lipMm}, arbor ${draft.arborMm}, width ${draft.traverseMm}`]
    .filter(Boolean)
    .join(' · ');

/** The spool as stamped and as measured; a reel of the locker fills it. */
export const SpoolFields = memo(
  function SpoolFields({ plan }: { plan: Planning }) {
    const { draft, set, errorFor, result } = plan;
    const { units, put } = useBench();
    const { data: reels = [] } = useReels();
    const [more, { toggle }] = useDisclosure(false);
    // what can be chosen beside it is put there once the picture stands: it may be hundreds
    const rested = useRested();
    const pick = (value: string) => {
      const [reelId, spoolId] = value.split(' ').map(Number);
      const reel = reels.find((each) => each.id === reelId);
      const spool = reel?.spools.find((each) => each.id === spoolId);
      keepSpool(draft, reels);
      if (reel && spool) {
        put(reel.id, spool.id);
        set({ ...fromReel(reel, spool), ...keptSpool({ reel: String(reel.id), spool: String(spool.id) }) });
      } else {
        const { mainName, mainMaterial, mainSize, mainFrom, mainLength, mainFiller, ...rest } = EMPTY;
        set({ ...rest, open: draft.open, ...keptSpool({ reel: '', spool: '' }) });
      }
    };
    const field = (key: DraftKey) => ({
      value: draft[key],
      onChange: (typed: string) => set({ [key]: typed }),
      error: errorFor(key),
    });
    return (
      <fieldset className={classes.block}>
        <legend className={classes.legend}>Reel and spool</legend>
        <NativeSelect
          aria-label="Reel"
          value={draft.reel ? `${draft.reel} ${draft.spool}` : ''}
          onChange={(event) => pick(event.currentTarget.value)}
          data={[
            { value: '', label: 'Not in the locker (type it below)' },
            ...(rested ? reels : reels.filter((each) => String(each.id) === draft.reel)).flatMap((reel) =>
              reel.spools.map((spool) => ({
                value: `${reel.id} ${spool.id}`,
                label: reel.spools.length > 1 ? `${reel.name}, ${spool.name}` : reel.name,
              })),
            ),
          ]}
        />
        <Folded unchanged={asInLocker(draft, reels)} says={inFew(draft)} word="spool">
          <Segmented
            fullWidth
            size="xs"
            aria-label="Kind of reel"
            value={draft.kind}
            onChange={(kind) => set({ kind: chosen('kind', kind), lip: kind === 'spinning' ? 'bevelled' : 'straight' })}
            data={KINDS}
          />
          <StampField
            label="Capacity printed on the spool"
            placeholder="0.25/200, 8/140, PE 1.5-200"
            quiet={result !== null}
            known={stampKnown(draft.kind, draft.stampMaterial, draft.stampUnits)}
            {...field('stamp')}
          />
          {result && draft.stamp.trim() !== '' && !errorFor('stamp') && (
            <p className={classes.understood} aria-live="polite">
              <span>
                Read as {result.understood.map((each) => sentence(each.says, units)).join(' · ')}, full at{' '}
                {words(small(result.rated_gap_mm, units))} below the lip
              </span>
              <NativeSelect
                size="xs"
                variant="unstyled"
                aria-label="Units of the printed capacity"
                value={draft.stampUnits}
                onChange={(event) => set({ stampUnits: chosen('stampUnits', event.currentTarget.value) })}
                data={STAMP_UNITS}
              />
              <NativeSelect
                size="xs"
                variant="unstyled"
                aria-label="Line the printed capacity is for"
                value={draft.stampMaterial}
                onChange={(event) => set({ stampMaterial: chosen('stampMaterial', event.currentTarget.value) })}
                data={MATERIALS.map(({ value, label }) => ({ value, label: `for ${label}` }))}
              />
            </p>
          )}
          <div className={classes.three}>
            {MEASURES.map(({ key, word, what }) => (
              <TypedField
                key={key}
                label={word}
                placeholder={units.small}
                unit={units.small}
                description={draft[key].trim() === '' ? (buys(key, result, units) ?? what) : what}
                inputWrapperOrder={['label', 'input', 'description', 'error']}
                {...field(key)}
              />
            ))}
          </div>
          <KeepMeasures plan={plan} />
          <KeepReel plan={plan} />
          <div className={classes.row2}>
            <MeasureButton
              title="Measure the spool"
              methods={['caliper', 'ruler', 'paper_strip', 'printed_strip']}
              about={{}}
              take={[...MEASURES, { key: 'deepMm' as const, word: 'arbor diameter, other end' }].map(
                ({ key, word }) => ({
                  label: `Use as ${word.toLowerCase()}`,
                  not: key === 'traverseMm' ? ['paper_strip', 'printed_strip'] : [],
                  onTake: (got) =>
                    set({
                      [key]: diameterTyped(got, units),
                      with: chosen('with', got.method === 'printed_strip' ? 'paper_strip' : got.method),
                    }),
                }),
              )}
            >
              Measure the spool
            </MeasureButton>
            <Button
              variant="subtle"
              size="compact-xs"
              color="gray"
              className={classes.more}
              onClick={toggle}
              aria-expanded={more}
            >
              {more ? 'Show less' : 'Gear, lip, lay, taper'}
            </Button>
          </div>
          {more && (
            <div className={classes.pairs}>
              <TypedField label="Gear ratio" placeholder="5.2" kind="number" {...field('gear')} />
              <NativeSelect
                label="Lip shape"
                value={draft.lip}
                onChange={(event) => set({ lip: chosen('lip', event.currentTarget.value) })}
                data={LIPS}
              />
              <TypedField
                label="Printed full level, below the lip"
                placeholder="if known"
                unit={units.small}
                {...field('ratedGap')}
              />
              <TypedField label="Bevel depth" placeholder={units.small} unit={units.small} {...field('bevel')} />
              <TypedField
                label="Full mark on the spool"
                placeholder="if it has one"
                unit={units.small}
                {...field('mark')}
                onChange={(mark) =>
                  set({
                    mark,
                    // beside a mark the adjustments start off
                    ...((mark.trim() === '') === (draft.mark.trim() === '')
                      ? {}
                      : { off: mark.trim() ? ADJUSTMENTS : '' }),
                  })
                }
              />
              <TypedField
                label="Arbor diameter, other end"
                placeholder={units.small}
                unit={units.small}
                {...field('deepMm')}
              />
              <NativeSelect
                label="Lays line"
                value={draft.lay}
                onChange={(event) => set({ lay: chosen('lay', event.currentTarget.value) })}
                data={LAYS}
              />
              <NativeSelect
                label="Measured with"
                value={draft.with}
                onChange={(event) => set({ with: chosen('with', event.currentTarget.value) })}
                data={TOOLS}
              />
            </div>
          )}
        </Folded>
      </fieldset>
    );
  },
  sameFor(
    () => KEYS.filter((key) => !/^(main|backing|gap|join|off)/.test(key)),
    ({ plan }) => [
      plan.problem,
      plan.result === null,
      plan.result?.understood.map((each) => each.words).join(),
      plan.result?.rated_gap_mm,
      ...[...MEASURES.map((each) => each.key), 'stamp' as const].map((key) => buys(key, plan.result, METRIC)),
    ],
  ),
);
