import { Anchor, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useAddEvent } from '../api/history';
import { useLines } from '../api/records';
import type { Reel, Spool } from '../api/types';
import { MeasureButton } from '../measure/MeasureButton';
import { howMeasured, lengthTyped } from '../measure/typed';
import { FigureForm } from '../parts/FigureForm';
import { newId } from '../parts/newId';
import { backingOf, mainOf } from '../parts/onSpool';
import { done } from '../parts/undo';
import { useTakeBack } from '../parts/useTakeBack';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { aboutLine, aboutSpool } from './about';

interface FoundOnSpoolProps {
  reel: Reel;
  spool: Spool;
  onDone: () => void;
}

/** Line that was on the spool before anybody kept a record: its length as known, by its level, or by weight. */
export function FoundOnSpool({ reel, spool, onDone }: FoundOnSpoolProps) {
  const { data: lines = [] } = useLines();
  const { units } = useBench();
  const [chosen, setChosen] = useState('');
  const add = useAddEvent();
  const { takeBack } = useTakeBack();
  const line = lines.find((each) => String(each.id) === chosen) ?? lines[0];
  if (!line) {
    return (
      <p>
        Add the line to the{' '}
        <Anchor component={Link} to="/rack?add=filler">
          rack
        </Anchor>{' '}
        first.
      </p>
    );
  }
  const note = async (length: string, how: string) => {
    const event = await add.mutateAsync({
      id: newId(),
      kind: 'found_on_spool',
      note: how || null,
      moves: [{ from: { kind: 'unseen' }, to: { kind: 'spool', id: spool.id }, length_m: length, line: line.id }],
    });
    done('Saved.', () => takeBack(event.id), true);
    onDone();
  };
  return (
    <>
      <NativeSelect
        label="Line"
        maw={340}
        value={String(line.id)}
        onChange={(event) => setChosen(event.currentTarget.value)}
        data={lines.map((each) => ({ value: String(each.id), label: each.name }))}
      />
      <FigureForm
        label={`Line on ${spool.name}`}
        fields={[{ key: 'length', label: 'Length, roughly', unit: units.length, placeholder: `120 ${units.length}` }]}
        initial={{ length: '' }}
        submit="Save"
        onCancel={onDone}
        onSubmit={(values) => note(values.length ?? '', '')}
      />
      <MeasureButton
        variant="default"
        title={`How much ${line.name} is on ${spool.name}?`}
        methods={['level', 'stepped_gauge', 'weighed']}
        about={{ ...aboutSpool(reel, spool), line: aboutLine(line) }}
        take={[
          {
            label: 'Save this length',
            onTake: (got) => note(`${(got.length_m ?? 0).toFixed(1)} m`, howMeasured(got, units)),
          },
        ]}
      >
        Measure it by line level or weight
      </MeasureButton>
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
