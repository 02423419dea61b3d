import { Checkbox, Group, NativeSelect, Title } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { type JoinsCase, type KnotId, useChangeAngler, useJoins } from '../api/queries';
import { MATERIALS } from '../parts/choices';
import { TypedField } from '../parts/TypedField';
import { failed } from '../parts/undo';
import { useBench } from '../shell/bench';
import classes from './Knots.module.css';
import { Ranked } from './Ranked';

type Where = JoinsCase['where'];
type Hands = NonNullable<JoinsCase['hands']>[number];

const WHERE: { value: Where; label: string }[] = [
  { value: 'arbor', label: 'line to the arbor' },
  { value: 'buried', label: 'backing to main line, buried' },
  { value: 'guides', label: 'leader, through the guides' },
];
const HANDS: { value: Hands; label: string }[] = [
  { value: 'cold', label: 'cold hands' },
  { value: 'dark', label: 'in the dark' },
  { value: 'boat', label: 'afloat' },
  { value: 'cramped', label: 'no room for fingers' },
];

interface ChooserProps {
  onPick: (knot: KnotId) => void;
  picked: KnotId;
  /** the lines and the place, where they are known already */
  given?: Pick<JoinsCase, 'where' | 'one' | 'other' | 'grips' | 'backing'>;
}

/** Ranks the knots for a place, a pair of lines and a pair of hands. */
export function Chooser({ onPick, picked, given }: ChooserProps) {
  const [where, setWhere] = useState<Where>('guides');
  const [one, setOne] = useState({ material: 'braid', diameter: '0.16' });
  const [other, setOther] = useState({ material: 'fluoro', diameter: '0.30' });
  const [hands, setHands] = useLocalStorage<Hands[]>({ key: 'undro-hands', defaultValue: [] });
  const { angler } = useBench();
  const change = useChangeAngler();
  const well = (angler?.knots.well ?? []) as KnotId[];
  const tested = angler?.knots.tested ?? {};
  const keep = (knots: Schemas['AnglerChange']['knots']) =>
    angler && knots && change.mutateAsync({ id: angler.id, body: { knots } }).catch(failed);
  const typed = {
    where,
    one: { material: one.material as 'braid', diameter_mm: `${one.diameter || '0'} mm` },
    other:
      where === 'arbor' ? null : { material: other.material as 'mono', diameter_mm: `${other.diameter || '0'} mm` },
  };
  const joins = useJoins({ ...(given ?? typed), hands, ties_well: well, tested });
  return (
    <section aria-label="Which knot" className={classes.chooser}>
      <Title order={2} size="h4">
        Which knot?
      </Title>
      {!given && (
        <>
          <NativeSelect
            label="Where"
            data={WHERE}
            value={where}
            onChange={(event) => setWhere(event.currentTarget.value as Where)}
          />
          <LineChoice label="One line" value={one} onChange={setOne} />
          {where !== 'arbor' && <LineChoice label="The other" value={other} onChange={setOther} />}
        </>
      )}
      <Checkbox.Group value={hands} onChange={(value) => setHands(value as Hands[])} label="Here and now">
        <Group gap="sm" mt={4}>
          {HANDS.map((each) => (
            <Checkbox key={each.value} value={each.value} label={each.label} />
          ))}
        </Group>
      </Checkbox.Group>
      {joins.error && (
        <p role="alert" className={classes.problem}>
          {joins.error.message}
        </p>
      )}
      <Ranked
        knots={joins.data?.knots ?? []}
        picked={picked}
        onPick={onPick}
        well={well}
        onWell={(knot) => keep({ well: well.includes(knot) ? well.filter((each) => each !== knot) : [...well, knot] })}
        tested={tested}
        onTested={(knot, share) => keep({ tested: { [knot]: share } })}
      />
    </section>
  );
}

interface LineChoiceProps {
  label: string;
  value: { material: string; diameter: string };
  onChange: (value: { material: string; diameter: string }) => void;
}

function LineChoice({ label, value, onChange }: LineChoiceProps) {
  return (
    <Group gap="xs" grow>
      <NativeSelect
        label={label}
        data={MATERIALS}
        value={value.material}
        onChange={(event) => onChange({ ...value, material: event.currentTarget.value })}
      />
      <TypedField
        label="Thickness, mm"
        value={value.diameter}
        onChange={(diameter) => onChange({ ...value, diameter })}
      />
    </Group>
  );
}
