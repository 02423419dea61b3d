import { NativeSelect } from '@mantine/core';
import { memo, useCallback } from 'react';
import { useFillers, useLines, useReels } from '../api/records';
import { MATERIAL_WORD } from '../drawings/material';
import { MeasureButton } from '../measure/MeasureButton';
import { diameterTyped } from '../measure/typed';
import { MATERIALS } from '../parts/choices';
import { fillerName, hasLine } from '../parts/fillerName';
import { TypedField } from '../parts/TypedField';
import { useRested } from '../parts/useRested';
import { SizeField } from '../printed/PrintedField';
import { useBench } from '../shell/bench';
import { length, thickness, within, words } from '../units/units';
import { WITH_BACKING } from './codec';
import { type LineRole, lineKeys, read } from './draft';
import { Folded } from './Folded';
import { KeepLine } from './KeepLine';
import { LengthBy } from './LengthBy';
import classes from './Plan.module.css';
import { sameFor, useLivePlan } from './planning';
import { fillerOf, fromLine, mainsOnReels, oldLine } from './records';
import { takeWay, UnderIt } from './UnderIt';
import type { Planning } from './usePlan';

interface LineFieldsProps {
  plan: Planning;
  line: LineRole;
}

/** The main line or the backing: from the rack, or typed as its label has it. */
export const LineFields = memo(
  function LineFields({ plan, line: role }: LineFieldsProps) {
    const { draft, set, errorFor, result } = plan;
    const { units } = useBench();
    const { data: fillers = [] } = useFillers();
    const { data: lines = [] } = useLines();
    const { data: reels = [] } = useReels();
    const old: (ReturnType<typeof oldLine>[number] & { here?: boolean })[] =
      role === 'backing' ? oldLine(reels) : mainsOnReels(reels, draft.spool);
    const off = role === 'backing' ? draft.backingOff : draft.mainOff;
    const keys = lineKeys(role);
    // other figures are another line: it comes off nothing that is known
    const typedAgain = read({
      [keys.name]: '',
      [keys.filler]: '',
      ...(role === 'backing' && draft.backingOff ? { backingOff: '', backingWith: '' } : {}),
      ...(role === 'main' && draft.mainOff ? { mainOff: '' } : {}),
    });
    const found = result?.lines[role];

    const pick = (value: string) => {
      const again = old.find((each) => `o${each.id}` === value);
      if (again && role === 'backing')
        return set({ ...fromLine(role, again.piece.line), backingOff: again.id, backingWith: 'old_line' });
      // all of it, until somebody says less
      if (again)
        return set({
          ...fromLine(role, again.piece.line),
          mainOff: again.id,
          mainBy: 'typed',
          mainLength: words(length(again.piece.length_m, units)),
          ...(again.here && takeWay('backing', draft)),
        });
      const picked = fillers.find((each) => `f${each.id}` === value);
      const line = picked?.line ?? lines.find((each) => `l${each.id}` === value);
      set({ ...typedAgain, ...(line && fromLine(role, line, picked)) });
    };
    const named = lines.find((each) => each.name === draft[keys.name]);
    const filler = fillerOf(role, draft, fillers);
    const from = old.some((each) => each.id === off)
      ? `o${off}`
      : filler
        ? `f${filler.id}`
        : named
          ? `l${named.id}`
          : '';
    // what can be chosen beside it is put there once the picture stands: it may be hundreds
    const rested = useRested();
    const offered = <T,>(all: T[], chosen: (each: T) => boolean) => (rested ? all : all.filter(chosen));
    const again = offered(old, (each) => from === `o${each.id}`);
    const unracked = lines.filter((line) => !fillers.some((filler) => filler.line.id === line.id));
    const size = () => {
      if (!found || !draft[keys.size].trim() || errorFor(keys.size)) return undefined;
      if (draft[keys.from] !== 'label') return 'as measured';
      return found.nominal ? `nominal ${thickness(found.diameter_mm, units)}` : undefined;
    };
    return (
      <fieldset className={classes.block}>
        <legend className={classes.legend}>{role === 'main' ? 'Main line' : 'Backing'}</legend>
        {role === 'backing' && <UnderIt plan={plan} />}
        {role === 'backing' && !WITH_BACKING.includes(draft.way) ? null : (
          <>
            <NativeSelect
              aria-label={role === 'main' ? 'Main line from the rack' : 'Backing from the rack'}
              value={from}
              onChange={(event) => pick(event.currentTarget.value)}
              error={filler && !hasLine(filler) && 'This filler spool is empty. Choose another, or buy new line.'}
              data={[
                { value: '', label: 'Not in the rack (type it below)' },
                ...offered(
                  fillers.toSorted((a, b) => Number(hasLine(b)) - Number(hasLine(a))),
                  (each) => from === `f${each.id}`,
                ).map((filler) => ({
                  value: `f${filler.id}`,
                  label: `${fillerName(filler, fillers)} (${hasLine(filler) ? `${within(filler.left_m, filler.half_m, units)} left` : 'empty'})`,
                })),
                ...offered(unracked, (each) => from === `l${each.id}`).map((line) => ({
                  value: `l${line.id}`,
                  label: `${line.name} (none left)`,
                })),
                ...(again.length > 0
                  ? [
                      {
                        group: role === 'backing' ? 'Old line, off a spool' : 'Main line, off a reel',
                        items: again.map(({ id, reel, spool, piece, here }) => ({
                          value: `o${id}`,
                          label: here
                            ? `${piece.line.name}, ${within(piece.length_m, piece.half_m, units)}: the line that’s on this spool`
                            : `${piece.line.name}, ${within(piece.length_m, piece.half_m, units)} off ${reel.name}, ${spool.name}`,
                        })),
                      },
                    ]
                  : []),
              ]}
            />
            <div className={classes.line}>
              <Folded
                unchanged={from !== '' && !errorFor(keys.size)}
                says={`${MATERIAL_WORD[draft[keys.material]]}, ${draft[keys.size]}${size() ? `, ${size()}` : ''}`}
                word="line"
              >
                <NativeSelect
                  label="Kind"
                  className={classes.kind}
                  rightSectionWidth={20}
                  value={draft[keys.material]}
                  onChange={(event) => set({ ...read({ [keys.material]: event.currentTarget.value }), ...typedAgain })}
                  data={MATERIALS}
                />
                <SizeField
                  quiet
                  spread
                  known={{ material: draft[keys.material] }}
                  label="Size"
                  placeholder={role === 'main' ? '0.16, 20lb' : '0.30, 12lb'}
                  value={draft[keys.size]}
                  onChange={(typed) => set({ ...read({ [keys.size]: typed, [keys.from]: 'label' }), ...typedAgain })}
                  error={errorFor(keys.size)}
                  description={size()}
                  inputWrapperOrder={['label', 'input', 'description', 'error']}
                />
              </Folded>
              <LengthField line={role} />
            </div>
          </>
        )}
        {role === 'main' && <LengthBy />}
        {(role === 'main' || WITH_BACKING.includes(draft.way)) && (
          <MeasureButton
            title={`How thick is the ${role === 'main' ? 'main line' : 'backing'}?`}
            methods={['wrap_test']}
            about={{}}
            take={[
              {
                label: 'Use this diameter',
                onTake: (got) =>
                  set({
                    [keys.size]: diameterTyped(got, units),
                    [keys.from]: got.method === 'short_wrap_test' ? 'short_wrap_test' : 'measured',
                  }),
              },
            ]}
          >
            Measure line diameter
          </MeasureButton>
        )}
        {from === '' &&
          found &&
          !draft[keys.name] &&
          !errorFor(keys.size) &&
          (role === 'main' || WITH_BACKING.includes(draft.way)) && <KeepLine plan={plan} line={role} />}
      </fieldset>
    );
  },
  sameFor<LineFieldsProps>(
    ({ line }) => [
      'way',
      'spool',
      ...(line === 'main'
        ? (['mainOff'] as const)
        : (['sleeve', 'wraps', 'grips', 'spare', 'backingWith', 'backingOff'] as const)),
      ...Object.values(lineKeys(line)),
    ],
    ({ plan, line }) => [plan.result?.lines[line]?.diameter_mm, line === 'backing' && plan.result?.build?.outside_mm],
  ),
);

/** How much of the line: typed, or as it was worked out. It follows every answer, which the fields round it need not. */
function LengthField({ line: role }: { line: LineRole }) {
  const { draft, set, errorFor, result } = useLivePlan();
  const { units } = useBench();
  const key = lineKeys(role).length;
  // what was worked out, which the way has a say in
  const open = (result?.open ?? draft.open) === role;
  const solved = open ? result?.solved : undefined;
  const byMark = role === 'main' && (draft.mainBy !== 'typed' || (draft.join !== '' && draft.open === 'backing'));
  const layer = result?.fill.layers.find((each) => each.role === role);
  const onChange = useCallback(
    (typed: string) =>
      set(role === 'main' ? { mainLength: typed, mainBy: 'typed', join: '' } : { backingLength: typed }),
    [set, role],
  );
  const worked = open ? (solved?.length_m ?? null) : byMark ? (layer?.length_m ?? null) : null;
  const without = role === 'main' ? units.length : draft.way === 'grip' ? `3 ${units.length}` : 'none';
  return (
    <TypedField
      label="Length"
      placeholder={open ? 'worked out' : without}
      unit={units.length}
      disabled={open}
      value={worked !== null ? words(length(Math.max(0, worked), units)) : open ? '' : draft[key]}
      onChange={onChange}
      error={errorFor(key)}
    />
  );
}
