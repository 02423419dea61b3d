import {
  Button,
  Menu,
  Tooltip,
  UnstyledButton,
  useComputedColorScheme,
  useMantineColorScheme,
  VisuallyHidden,
} from '@mantine/core';
import { useChangeAngler } from '../api/queries';
import { drawn } from '../drawings/section/drawn';
import { Thumb } from '../drawings/section/Thumb';
import type { Units } from '../units/units';
import { useBench } from './bench';
import classes from './Shell.module.css';

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
        <AnglerMenu />
        <UnitsMenu />
        <SchemeSwitch />
        <Tooltip label="Search: / or Ctrl K">
          <Button variant="default" size="compact-sm" onClick={onSearch} className={classes.search}>
            Search
          </Button>
        </Tooltip>
        <Tooltip label="Shortcuts">
          <Button variant="default" size="compact-sm" onClick={onHelp} aria-label="Shortcuts">
            ?
          </Button>
        </Tooltip>
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
  if (!angler) return null;
  return (
    <Menu position="bottom-end" trapFocus>
      <Menu.Target>
        <Button variant="subtle" size="compact-sm" color="gray" className={classes.plain}>
          {angler.name}
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>At the bench</Menu.Label>
        {anglers.map((each) => (
          <Menu.Item key={each.id} onClick={() => setAngler(each.id)} aria-current={each.id === angler.id}>
            {each.name}
            {each.id === angler.id ? ' ✓' : ''}
          </Menu.Item>
        ))}
        <Habits />
      </Menu.Dropdown>
    </Menu>
  );
}

function Habits() {
  const { angler } = useBench();
  const change = useChangeAngler();
  if (!angler) return null;
  const { habits } = angler;
  const turn = (key: keyof typeof habits) =>
    change.mutate({ id: angler.id, body: { habits: { ...habits, [key]: !habits[key] } } });
  return (
    <>
      <Menu.Divider />
      <Menu.Label>Habits of {angler.name}</Menu.Label>
      <Menu.Item closeMenuOnClick={false} onClick={() => turn('long_cast')}>
        {habits.long_cast ? '✓ ' : '– '} casts for distance
      </Menu.Item>
      <Menu.Item closeMenuOnClick={false} onClick={() => turn('beginner')}>
        {habits.beginner ? '✓ ' : '– '} still learning
      </Menu.Item>
    </>
  );
}

function UnitsMenu() {
  const { angler, units } = useBench();
  const change = useChangeAngler();
  if (!angler) return null;
  return (
    <Menu position="bottom-end" trapFocus closeOnItemClick={false}>
      <Menu.Target>
        <Button
          variant="subtle"
          size="compact-sm"
          color="gray"
          className={classes.plain}
          aria-label={`Units: ${units.length} · ${units.small} · ${units.force}`}
        >
          {units.length} · {units.small} · {units.force}
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {CHOICES.map(({ key, word, of }) => (
          <div key={key}>
            <Menu.Label>{word}</Menu.Label>
            {of.map((unit) => (
              <Menu.Item
                key={unit}
                onClick={() => change.mutate({ id: angler.id, body: { units: { ...units, [key]: unit } as Units } })}
              >
                {unit}
                {units[key] === unit ? ' ✓' : ''}
              </Menu.Item>
            ))}
          </div>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

function SchemeSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const dark = useComputedColorScheme('light') === 'dark';
  return (
    <Tooltip label={dark ? 'Daylight' : 'Dim garage'}>
      <Button
        variant="subtle"
        size="compact-sm"
        color="gray"
        className={classes.plain}
        aria-label={dark ? 'Switch to daylight' : 'Switch to the dim garage'}
        onClick={() => setColorScheme(dark ? 'light' : 'dark')}
      >
        {dark ? 'daylight' : 'dim'}
      </Button>
    </Tooltip>
  );
}
