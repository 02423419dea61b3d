import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useAddEvent } from '../api/history';
import { useAddLine, useLines } from '../api/records';
import type { Line, Reel, Spool } from '../api/types';
import { MATERIAL_WORD } from '../drawings/material';
import { MeasureButton } from '../measure/MeasureButton';
import { howMeasured, lengthTyped } from '../measure/typed';
import { MATERIALS } from '../parts/choices';
import { FigureForm } from '../parts/FigureForm';
import type { FormField } from '../parts/form';
import { newId } from '../parts/newId';
import { backingOf, mainOf } from '../parts/onSpool';
import { TypedField } from '../parts/TypedField';
import { done } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { aboutLine, aboutSpool } from './about';

interface FoundOnSpoolProps {
  reel: Reel;
  spool: Spool;
  onDone: () => void;
}

/** A line that stands in no list yet: its kind and size are typed. */
const OTHER = 'other';
const NONE = '';

/** Line that was on the spool before anybody kept a record: which, how long, since when, and the backing under it. */
export function FoundOnSpool({ reel, spool, onDone }: FoundOnSpoolProps) {
  const { data: lines } = useLines();
  const { units } = useBench();
  const [chosen, setChosen] = useState<string | null>(null);
  const [under, setUnder] = useState(NONE);
  const [on, setOn] = useState('');
  const [wrong, setWrong] = useState('');
  const add = useAddEvent();
  const addLine = useAddLine();
  const { takeBack } = useTakeBack();
  if (!lines) return null;
  const main = chosen ?? String(lines[0]?.id ?? OTHER);
  const line = lines.find((each) => String(each.id) === main);
  const known = lines.map((each) => ({ value: String(each.id), label: each.name }));
  const other = { value: OTHER, label: 'A line that is not in the rack' };
  const typed = (of: string, what: string): FormField[] => [
    { key: `${of}_kind`, label: `Kind of ${what}`, choices: MATERIALS },
    { key: `${of}_size`, label: `Size of ${what}`, placeholder: '0.25, 10 lb, PE 1' },
  ];
  /** The line that is meant; one that was typed goes into the rack. */
  const product = async (of: string, id: string, values: Record<string, string>) => {
    if (id !== OTHER) return Number(id);
    const material = (values[`${of}_kind`] ?? 'mono') as Line['material'];
    const size = (values[`${of}_size`] ?? '').trim();
    const word = MATERIAL_WORD[material];
    const name = `${word.charAt(0).toUpperCase()}${word.slice(1)} ${size}`;
    // it may be there since another figure was refused
    const there = lines.find((each) => each.name === name && each.material === material);
    if (there) return there.id;
    try {
      const added = await addLine.mutateAsync({ name, material, size });
      return added.id;
    } catch (error) {
      throw error instanceof Problem ? new Problem(error.status, `${of}_size`, error.message) : error;
    }
  };
  const note = async (values: Record<string, string>, how: string) => {
    if (!on.trim()) return setWrong('Type when the line went on: 2024 or 2024-05 is enough.');
    setWrong('');
    const onto = { from: { kind: 'unseen' as const }, to: { kind: 'spool' as const, id: spool.id } };
    const moves = [];
    if (under !== NONE) {
      moves.push({ ...onto, length_m: values.under ?? '', line: await product('under', under, values) });
    }
    moves.push({ ...onto, length_m: values.length ?? '', line: await product('main', main, values) });
    try {
      const event = await add.mutateAsync({
        id: newId(),
        kind: 'found_on_spool',
        happened_at: on.trim(),
        note: how || null,
        moves,
      });
      done('Saved.', () => takeBack(event.id), true);
      onDone();
    } catch (error) {
      if (error instanceof Problem && error.field === 'happened_at') return setWrong(error.message);
      // of backing and main line, whose length it is
      const first = error instanceof Problem && under !== NONE && /moves\.0/.test(error.field);
      throw first ? new Problem(error.status, 'under', error.message) : error;
    }
  };
  return (
    <>
      <NativeSelect
        label="Line"
        maw={340}
        value={main}
        onChange={(event) => setChosen(event.currentTarget.value)}
        data={[...known, other]}
      />
      <NativeSelect
        label="Backing under it"
        maw={340}
        value={under}
        onChange={(event) => setUnder(event.currentTarget.value)}
        data={[{ value: NONE, label: 'none, or not known' }, ...known, other]}
      />
      <TypedField label="On the spool since" placeholder="2024, 2024-05" value={on} onChange={setOn} error={wrong} />
      <FigureForm
        label={`Line on ${spool.name}`}
        fields={[
          ...(main === OTHER ? typed('main', 'the line') : []),
          {
            key: 'length',
            label: 'Length, roughly',
            unit: units.length,
            placeholder: `120 ${units.length}, 120 ± 20 ${units.length}`,
          },
          ...(under === OTHER ? typed('under', 'the backing') : []),
          ...(under !== NONE
            ? [{ key: 'under', label: 'Length of the backing', unit: units.length, placeholder: `80 ${units.length}` }]
            : []),
        ]}
        initial={{ main_kind: 'mono', under_kind: 'mono' }}
        submit="Save"
        onCancel={onDone}
        onSubmit={(values) => note(values, '')}
      />
      {line && under === NONE && (
        <MeasureButton
          variant="default"
          title={`How much ${line.name} is on ${spool.name}?`}
          methods={['level', 'stepped_gauge', 'weighed']}
          about={{ ...aboutSpool(reel, spool), line: aboutLine(line) }}
          take={[
            {
              label: 'Save this length',
              onTake: (got) => note({ length: `${(got.length_m ?? 0).toFixed(1)} m` }, howMeasured(got, units)),
            },
          ]}
        >
          Measure it by line level or weight
        </MeasureButton>
      )}
    </>
  );
}

/** Counts the line of a spool again by its level now; what is missing is the outermost. */
export function LevelNow({ reel, spool }: { reel: Reel; spool: Spool }) {
  const { units } = useBench();
  const add = useAddEvent();
  const { takeBack } = useTakeBack();
  const top = mainOf(spool);
  const under = spool.contents.length === 2 ? backingOf(spool)[0] : undefined;
  // with three lines on it the level does not say which is missing
  if (!top || spool.contents.length > 2) return null;
  return (
    <MeasureButton
      title={`How much ${top.line.name} is left on ${spool.name}?`}
      methods={['level', 'stepped_gauge']}
      about={{
        ...aboutSpool(reel, spool),
        line: aboutLine(top.line),
        under: under ? { ...aboutLine(under.line), length_m: under.length_m } : null,
      }}
      take={[
        {
          label: 'Save this length',
          onTake: async (got) => {
            const event = await add.mutateAsync({
              id: newId(),
              kind: 'stock_take',
              note: howMeasured(got, units),
              counts: [
                {
                  at: { kind: 'spool', id: spool.id },
                  length_m: lengthTyped(got),
                  line: top.line.id,
                },
              ],
            });
            done(`${spool.name} measured by line level.`, () => takeBack(event.id), true);
          },
        },
      ]}
      variant="default"
    >
      Measure line level
    </MeasureButton>
  );
}
