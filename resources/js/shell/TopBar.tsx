import {
  Anchor,
  Button,
  Group,
  Radio,
  Switch,
  TextInput,
  UnstyledButton,
  useComputedColorScheme,
  useMantineColorScheme,
  VisuallyHidden,
} from '@mantine/core';
import { Link } from 'react-router';
import { useChangeAngler } from '../api/records';
import { drawn } from '../drawings/section/drawn';
import { Thumb } from '../drawings/section/Thumb';
import { Pocket } from '../parts/Pocket';
import type { Units } from '../units/units';
import { useBench } from './bench';
import { Lately } from './Lately';
import classes from './Shell.module.css';

const QUIET = { variant: 'subtle', size: 'compact-sm', color: 'gray', className: classes.plain } as const;

const CHOICES: { key: keyof Units; word: string; of: string[] }[] = [
  { key: 'length', word: 'Length of line', of: ['m', 'yd', 'ft'] },
  { key: 'small', word: 'Gaps and diameters', of: ['mm', 'in'] },
  { key: 'force', word: 'Strength and drag', of: ['kg', 'lb', 'N'] },
];

/** What lies on the bench, who stands at it, and how they read figures. */
export function TopBar({ onSearch, onHelp }: { onSearch: () => void; onHelp: () => void }) {
  return (
    <header className={classes.bar}>
      <OnTheBench onChange={onSearch} />
      <div className={classes.tools}>
        <Lately />
        <AnglerMenu />
        <UnitsMenu />
        <SchemeSwitch />
        <Button
          variant="default"
          size="compact-sm"
          onClick={onSearch}
          className={classes.search}
          title="Search: / or Ctrl K"
        >
          Search
        </Button>
        <Button variant="default" size="compact-sm" onClick={onHelp} aria-label="Shortcuts" title="Shortcuts">
          ?
        </Button>
      </div>
    </header>
  );
}

function OnTheBench({ onChange }: { onChange: () => void }) {
  const { reel, spool } = useBench();
  if (!reel || !spool) {
    return (
      <UnstyledButton className={classes.bench} onClick={onChange}>
        <span className={classes.soft}>Nothing on the bench. Put a reel on it: key b</span>
      </UnstyledButton>
    );
  }
  const picture = drawn(spool.picture.shape, spool.picture.layers);
  return (
    <UnstyledButton className={classes.bench} onClick={onChange} title="Change the reel: key b">
      <VisuallyHidden>On the bench: </VisuallyHidden>
      <Thumb {...picture} kind={reel.kind} lip={spool.lip} width={70} height={38} />
      <span className={classes.reel}>{reel.name}</span>
      <span className={classes.soft}>
        {reel.kind}, {spool.name}
      </span>
    </UnstyledButton>
  );
}

function AnglerMenu() {
  const { angler, anglers, setAngler } = useBench();
  const change = useChangeAngler();
  if (!angler) return null;
  const { habits } = angler;
  const turn = (key: 'long_cast' | 'beginner') =>
    change.mutate({ id: angler.id, body: { habits: { [key]: !habits[key] } } });
  return (
    <Pocket {...QUIET} name={angler.name} label={`At the bench: ${angler.name}`}>
      {(close) => (
        <>
          <Radio.Group label="At the bench" value={String(angler.id)} onChange={(id) => setAngler(Number(id))}>
            {anglers.map((each) => (
              <Radio key={each.id} mt={6} value={String(each.id)} label={each.name} />
            ))}
          </Radio.Group>
          <Switch mt="md" label="casts for distance" checked={habits.long_cast} onChange={() => turn('long_cast')} />
          <Switch mt={6} label="still learning" checked={habits.beginner} onChange={() => turn('beginner')} />
          <Anchor component={Link} to="/habits" mt="md" display="block" onClick={close}>
            All habits of {angler.name}
          </Anchor>
        </>
      )}
    </Pocket>
  );
}

function UnitsMenu() {
  const { angler, units } = useBench();
  const change = useChangeAngler();
  if (!angler) return null;
  const word = `${units.length} · ${units.small} · ${units.force}`;
  return (
    <Pocket {...QUIET} name={word} label={`Units: ${word}`}>
      {() => (
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
            label="Money, for prices"
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
      )}
    </Pocket>
  );
}

function SchemeSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const dark = useComputedColorScheme('light') === 'dark';
  return (
    <Button
      variant="subtle"
      size="compact-sm"
      color="gray"
      className={classes.plain}
      title={dark ? 'Daylight' : 'Dim garage'}
      aria-label={dark ? 'Switch to daylight' : 'Switch to the dim garage'}
      onClick={() => setColorScheme(dark ? 'light' : 'dark')}
    >
      {dark ? 'day' : 'dim'}
    </Button>
  );
}
