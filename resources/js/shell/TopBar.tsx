import { Button, UnstyledButton, useComputedColorScheme, useMantineColorScheme, VisuallyHidden } from '@mantine/core';
import { lazy } from 'react';
import { drawn } from '../drawings/section/drawn';
import { Thumb } from '../drawings/section/Thumb';
import { Pocket } from '../parts/Pocket';
import { useBench } from './bench';
import { Lately } from './Lately';
import classes from './Shell.module.css';

const QUIET = { variant: 'subtle', size: 'compact-sm', color: 'gray', className: classes.plain } as const;

const AnglerChoices = lazy(() => import('./Menus').then((menus) => ({ default: menus.AnglerChoices })));
const UnitChoices = lazy(() => import('./Menus').then((menus) => ({ default: menus.UnitChoices })));

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
        <span className={classes.soft}>No reel on the bench. Press b to choose one</span>
      </UnstyledButton>
    );
  }
  const picture = drawn(spool.picture.shape, spool.picture.layers);
  return (
    <UnstyledButton className={classes.bench} onClick={onChange} title="Change the reel: press b">
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
  const { angler } = useBench();
  if (!angler) return null;
  return (
    <Pocket {...QUIET} name={angler.name} label={`Angler: ${angler.name}`}>
      {(close) => <AnglerChoices angler={angler} onGo={close} />}
    </Pocket>
  );
}

function UnitsMenu() {
  const { angler, units } = useBench();
  if (!angler) return null;
  const word = `${units.length} · ${units.small} · ${units.force}`;
  return (
    <Pocket {...QUIET} name={word} label={`Units: ${word}`}>
      {() => <UnitChoices angler={angler} units={units} />}
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
      title={dark ? 'Light' : 'Dark'}
      aria-label={dark ? 'Switch to light' : 'Switch to dark'}
      onClick={() => setColorScheme(dark ? 'light' : 'dark')}
    >
      {dark ? 'Light' : 'Dark'}
    </Button>
  );
}
