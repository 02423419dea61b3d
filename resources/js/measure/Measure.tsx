import { Segmented } from '../parts/Segmented';
import '../theme/over';
import { Anchor, Button, Modal } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { Problem } from '../api/client';
import { TypedField } from '../parts/TypedField';
import { useBench } from '../shell/bench';
import { millimetresPer, type Units, within, withUnit } from '../units/units';
import { KitchenScale } from './KitchenScale';
import classes from './Measure.module.css';
import { METHODS, type Method, ON_PAPER } from './methods';
import { MethodPicture } from './Pictures';

export type Measured = Schemas['MeasureResult'];

interface MeasureProps {
  /** what is to be found, as a title */
  title: string;
  methods: Method[];
  /** what the calculator needs beside the readings: the line, the spool, the filler's length */
  about: Partial<Schemas['MeasureCase']>;
  take: {
    label: string;
    /** ways that cannot give it */
    not?: Method[];
    onTake: (measured: Measured) => void | Promise<void>;
  }[];
  onClose: () => void;
}

/** Measuring help where a figure is asked for: how, with a drawing, and what the readings come to with their tolerance. */
export default function Measure({ title, methods, about, take, onClose }: MeasureProps) {
  const { units } = useBench();
  const [method, setMethod] = useState<Method>(methods[0] ?? 'caliper');
  const [typed, setTyped] = useState<Record<string, string>>({});
  const { word: _, how, fields } = METHODS[method];
  const shown = fields(units);
  const offered = take.filter((each) => !each.not?.includes(method));
  const needed = shown.filter((field) => !field.optional);
  const ready = needed.every((field) => (typed[field.key] ?? '').trim() !== '');
  const readings = Object.fromEntries(
    shown
      .map((field) => [field.key, field.unit ? withUnit(typed[field.key] ?? '', field.unit) : (typed[field.key] ?? '')])
      .filter(([, value]) => value !== ''),
  );
  const { data, error, isPlaceholderData } = useCalculator(
    'measure',
    ready ? ({ ...about, ...readings, method } as Schemas['MeasureCase']) : null,
  );
  const problem = error instanceof Problem ? error : null;
  const wrong = (key: string) => (problem?.field === key ? problem.message : undefined);
  const result = ready && !problem && !isPlaceholderData ? data : undefined;
  return (
    <Modal opened onClose={onClose} title={title} size="lg" closeButtonProps={{ 'aria-label': 'Close' }}>
      {methods.length > 1 && (
        <Segmented
          size="xs"
          aria-label="Method"
          value={method}
          onChange={(value) => setMethod(value as Method)}
          data={methods.map((each) => ({ value: each, label: METHODS[each].word }))}
        />
      )}
      <div className={classes.work}>
        <MethodPicture method={method} />
        <div className={classes.readings}>
          <p>{how}</p>
          {ON_PAPER.includes(method) && (
            <p>
              <Anchor href="/paper" target="_blank">
                Print the paper tools
              </Anchor>
            </p>
          )}
          {method === 'kitchen_scale' && (
            <KitchenScale onRead={(mass_g) => setTyped((before) => ({ ...before, mass_g }))} />
          )}
          {shown.map((field) => (
            <TypedField
              key={field.key}
              label={field.label}
              placeholder={field.placeholder}
              unit={field.unit}
              value={typed[field.key] ?? ''}
              onChange={(value) => setTyped((before) => ({ ...before, [field.key]: value }))}
              error={wrong(field.key)}
            />
          ))}
        </div>
      </div>
      {problem && !shown.some((field) => wrong(field.key)) && <p role="alert">{problem.message}</p>}
      <p className={classes.result} aria-live="polite" data-testid="measured">
        {result ? inWords(result, units) : 'Type your readings.'}
      </p>
      {offered.map((each) => (
        <Button
          key={each.label}
          mr="xs"
          mb="xs"
          disabled={!result}
          onClick={async () => {
            if (!result) return;
            await each.onTake(result);
            if (offered.length === 1) onClose();
            else setTyped({});
          }}
        >
          {each.label}
        </Button>
      ))}
    </Modal>
  );
}

function inWords(result: Measured, units: Units): string {
  if (result.diameter_mm !== undefined) {
    const digits = result.diameter_mm < 3 ? 3 : 1;
    const per = millimetresPer(units);
    const shown = (mm: number) => (mm / per).toFixed(per === 1 ? digits : digits + 1);
    return `${shown(result.diameter_mm)} ± ${shown(result.half)} ${units.small}, by ${result.word}`;
  }
  const metres = result.length_m ?? 0;
  return `${within(metres, result.half, units)}, by ${result.word}`;
}
