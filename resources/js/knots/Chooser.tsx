import { Checkbox, Group, NativeSelect, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import type { KnotId } from '../api/types';
import { MATERIALS } from '../parts/choices';
import { SizeField } from '../printed/PrintedField';
import classes from './Knots.module.css';
import { Ranked } from './Ranked';
import type { Hands, KnotChoice, TypedLine } from './useKnotChoice';

const HANDS: { value: Hands; label: string }[] = [
  { value: 'cold', label: 'cold hands' },
  { value: 'dark', label: 'in the dark' },
  { value: 'boat', label: 'in a boat' },
  { value: 'cramped', label: 'no room for fingers' },
];

interface ChooserProps {
  choice: KnotChoice;
  picked: KnotId | null;
  onPick: (knot: KnotId) => void;
  /** what says where and which lines, where that is not known already */
  children?: ReactNode;
}

/** The knots ranked, with what is asked of place, lines and hands. */
export function Chooser({ choice, picked, onPick, children }: ChooserProps) {
  return (
    <section aria-label="Choose a knot" className={classes.chooser}>
      <Title order={2} size="h4">
        Choose a knot
      </Title>
      {children}
      <Checkbox.Group value={choice.hands} onChange={(value) => choice.setHands(value as Hands[])} label="Conditions">
        <Group gap="sm" mt={4}>
          {HANDS.map((each) => (
            <Checkbox key={each.value} value={each.value} label={each.label} />
          ))}
        </Group>
      </Checkbox.Group>
      {choice.problem && (
        <p role="alert" className={classes.problem}>
          {choice.problem}
        </p>
      )}
      <Ranked choice={choice} picked={picked} onPick={onPick} />
    </section>
  );
}

interface LineChoiceProps {
  label: string;
  value: TypedLine;
  onChange: (value: TypedLine) => void;
}

/** A line by its kind and thickness. */
export function LineChoice({ label, value, onChange }: LineChoiceProps) {
  return (
    <Group gap="xs" grow align="start">
      <NativeSelect
        label={label}
        data={MATERIALS}
        value={value.material}
        onChange={(event) => onChange({ ...value, material: event.currentTarget.value as TypedLine['material'] })}
      />
      <SizeField
        label="Diameter or strength"
        known={{ material: value.material }}
        value={value.size}
        onChange={(size) => onChange({ ...value, size })}
      />
    </Group>
  );
}
