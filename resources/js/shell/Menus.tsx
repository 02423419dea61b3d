import { Anchor, Group, Radio, Switch, TextInput } from '@mantine/core';
import { useChangeAngler } from '../api/records';
import { household } from '../api/served';
import type { Angler } from '../api/types';
import type { Units } from '../units/units';
import { useBench } from './bench';
import { Link } from './route';

const CHOICES: { key: keyof Units; word: string; of: string[] }[] = [
  { key: 'length', word: 'Line length', of: ['m', 'yd', 'ft'] },
  { key: 'small', word: 'Levels and diameters', of: ['mm', 'in'] },
  { key: 'force', word: 'Strength and drag', of: ['kg', 'lb', 'N'] },
];

/** Who stands at the bench, and two of their habits. */
export function AnglerChoices({ angler, onGo }: { angler: Angler; onGo: () => void }) {
  const { anglers, setAngler } = useBench();
  const change = useChangeAngler();
  const { habits } = angler;
  const turn = (key: 'long_cast' | 'beginner') =>
    change.mutate({ id: angler.id, body: { habits: { [key]: !habits[key] } } });
  return (
    <>
      <Radio.Group label="Angler" value={String(angler.id)} onChange={(id) => setAngler(Number(id))}>
        {anglers.map((each) => (
          <Radio key={each.id} mt={6} value={String(each.id)} label={each.name} />
        ))}
      </Radio.Group>
      <Switch mt="md" label="casts for distance" checked={habits.long_cast} onChange={() => turn('long_cast')} />
      <Switch mt={6} label="is a beginner" checked={habits.beginner} onChange={() => turn('beginner')} />
      <Anchor component={Link} to="/preferences" mt="md" display="block" onClick={onGo}>
        Preferences of {angler.name}
      </Anchor>
      <Anchor component={Link} to="/practice" mt={6} display="block" onClick={onGo}>
        Practice
      </Anchor>
      {household !== null && (
        <Anchor component={Link} to="/account" mt={6} display="block" onClick={onGo}>
          {household}: people, sign out
        </Anchor>
      )}
    </>
  );
}

/** In which units figures are read. */
export function UnitChoices({ angler, units }: { angler: Angler; units: Units }) {
  const change = useChangeAngler();
  return (
    <>
      {CHOICES.map(({ key, word: title, of }) => (
        <Radio.Group
          key={key}
          mb="sm"
          label={title}
          value={units[key]}
          onChange={(unit) => change.mutate({ id: angler.id, body: { units: { ...units, [key]: unit } as Units } })}
        >
          <Group gap="md" mt={4}>
            {of.map((unit) => (
              <Radio key={unit} value={unit} label={unit} />
            ))}
          </Group>
        </Radio.Group>
      ))}
      <TextInput
        label="Currency for prices"
        placeholder="€, £, kr"
        maxLength={6}
        w={110}
        defaultValue={units.money ?? ''}
        onBlur={(event) => {
          const money = event.currentTarget.value.trim();
          if (money !== (units.money ?? '')) change.mutate({ id: angler.id, body: { units: { ...units, money } } });
        }}
      />
    </>
  );
}
