import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useFillers, useReels } from '../api/records';
import type { Spool } from '../api/types';
import { segmentsOf } from '../drawings/tape/segments';
import { Tape } from '../drawings/tape/Tape';
import { backingOf, mainOf } from '../parts/onSpool';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import { length, metresPer, within, withUnit, words } from '../units/units';
import classes from './Strip.module.css';

export interface Stripped {
  how: Schemas['Removal'];
  metres?: string;
  to?: number | null;
}

interface StripWaysProps {
  spool: Spool;
  onDo: (how: Stripped) => Promise<void>;
  /** the way that is meant here; else the likeliest that can be gone */
  first?: Schemas['Removal'];
  /** false where the caution stands above already */
  cautioned?: boolean;
}

/** What lies on a spool as a tape with its worn end, and every way to take it off with what it comes to. */
export function StripWays({ spool, onDo, first, cautioned = true }: StripWaysProps) {
  const { units } = useBench();
  const { data: fillers = [] } = useFillers();
  const { data: reels = [] } = useReels();
  const [worn, setWorn] = useState('');
  const [to, setTo] = useState<Record<string, string>>({});
  const [busy, setBusy] = useState('');
  const ask = useCalculator(
    'strip',
    spool.contents.length === 0
      ? null
      : {
          pieces: spool.contents.map((piece) => ({
            role: piece.role,
            material: piece.line.material,
            length_m: piece.length_m,
          })),
          worn_m: worn.trim() === '' ? null : withUnit(worn, units.length),
        },
  );
  const found = ask.data;
  const spares = reels.flatMap((reel) =>
    reel.spools
      .filter((each) => each.id !== spool.id)
      .map((each) => ({ value: String(each.id), label: `${reel.name}${each.name ? `, ${each.name}` : ''}` })),
  );
  const onto: Partial<Record<Schemas['Removal'], { value: string; label: string }[]>> = {
    onto_filler: fillers
      .filter((each) => each.line.id === (mainOf(spool) ?? spool.contents.at(-1))?.line.id)
      .map((each) => ({ value: String(each.id), label: `${each.line.name} ${each.name}`.trim() })),
    to_spare: spares,
    onto_reel: spares,
  };
  // without backing or without a main line some ways are all of it, which has a way of its own
  const same =
    backingOf(spool).length === 0 ? ['main_off', 'onto_reel'] : mainOf(spool) ? [] : ['main_off', 'to_spare'];
  const there = found?.ways.filter((way) => !same.includes(way.id)) ?? [];
  const likely = first ?? there.find((way) => way.fits)?.id;
  const ways = [...there.filter((way) => way.id === likely), ...there.filter((way) => way.id !== likely)];
  const act = async (id: Schemas['Removal']) => {
    const places = onto[id] ?? [];
    setBusy(id);
    try {
      await onDo({
        how: id,
        ...(id === 'cut_back' && found ? { metres: `${found.worn_m.toFixed(1)} m` } : {}),
        ...(places.length > 0 ? { to: Number(to[id] ?? places[0]?.value) } : {}),
      });
    } catch (error) {
      failed(error);
    } finally {
      setBusy('');
    }
  };
  return (
    <div className={classes.strip}>
      <Tape
        segments={segmentsOf(
          spool.contents,
          ({ line, length_m, half_m }) => `${line.name} · ${within(length_m, half_m, units)}`,
        )}
        scaleUnit={{ m: metresPer(units), name: units.length }}
        {...(found ? { band: { at: found.total_m - found.worn_m / 2, half: found.worn_m / 2 } } : {})}
        ends="reel"
        label={`On the spool: ${spool.contents.map((piece) => `${within(piece.length_m, piece.half_m, units)} ${piece.line.name}`).join(', ')}`}
      />
      <TypedField
        label="Worn at the outer end (marked on the tape)"
        unit={units.length}
        placeholder={found ? words(length(found.worn_m, units)) : ''}
        value={worn}
        error={ask.error?.message}
        onChange={setWorn}
      />
      <ul className={classes.ways}>
        {ways.map((way) => {
          const places = onto[way.id] ?? null;
          return (
            <li key={way.id}>
              <div>
                <b>{way.word}</b>
                <p>
                  {[
                    way.off_m > 0 && `${words(length(way.off_m, units))} comes off`,
                    way.after.length > 0 &&
                      `${way.after.map((each) => `${words(length(each.length_m, units))} ${each.role === 'backing' ? 'backing' : 'main line'}`).join(' and ')} stays`,
                    way.join_lost_m > 0 && `the knot takes ${words(length(way.join_lost_m, units))}`,
                    way.passes > 0 && (way.passes === 1 ? 'wound once' : `wound ${way.passes} times`),
                    way.passes > 1 && `${words(length(way.wound_m, units))} in all`,
                    way.worn_on_top !== null && (way.worn_on_top ? 'worn end on top' : 'fresh end on top'),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </p>
                <p className={classes.soft}>{way.how}</p>
              </div>
              <div className={classes.act}>
                {places && places.length > 0 && (
                  <NativeSelect
                    size="xs"
                    aria-label={`${way.word}: which`}
                    data={places}
                    value={to[way.id] ?? places[0]?.value ?? ''}
                    onChange={(event) => setTo({ ...to, [way.id]: event.currentTarget.value })}
                  />
                )}
                <Button
                  size="sm"
                  variant={way.id === likely ? 'filled' : 'default'}
                  disabled={!way.fits || places?.length === 0}
                  loading={busy === way.id}
                  onClick={() => act(way.id)}
                >
                  I did this
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      {cautioned && found && (
        <p className={classes.caution} role="note">
          {found.caution}
        </p>
      )}
    </div>
  );
}
