import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, type ReactNode, Suspense, useEffect } from 'react';
import { household } from '../api/served';
import { undoLatest, useTold } from '../parts/undo';
import { type Key, useKeys } from '../parts/useKeys';
import { BenchProvider, useBench } from './bench';
import { giveFocusBack } from './focus';
import { PLACES } from './places';
import { Rail } from './Rail';
import classes from './Shell.module.css';
import { TopBar } from './TopBar';
import { useArrival } from './useArrival';
import { useGo } from './usePick';
import { useUnitSwitch } from './useUnitSwitch';

const Away = lazy(() => import('../away/Away'));
const Notices = lazy(() => import('./Notices'));
const Search = lazy(() => import('./Search'));
const Shortcuts = lazy(() => import('./Shortcuts'));

export function Shell({ children }: { children: ReactNode }) {
  return (
    <BenchProvider>
      <Room>{children}</Room>
    </BenchProvider>
  );
}

function Room({ children }: { children: ReactNode }) {
  const [help, { open: openHelp, close: closeHelp }] = useDisclosure();
  const [search, { open: openSearch, close: closeSearch }] = useDisclosure();
  const { singleKeys } = useBench();
  const go = useGo();
  const switchUnits = useUnitSwitch();
  useHotkeys([['mod+K', openSearch]], []);
  // in a field Ctrl Z stays the field's own
  const queries = useQueryClient();
  useArrival();
  useEffect(() => giveFocusBack(), []);
  const told = useTold();
  useHotkeys([['mod+Z', () => void undoLatest(queries)]]);
  useKeys(
    singleKeys
      ? [
          ...PLACES.map((place, index): Key => [String(index + 1), () => go(place.path)]),
          ['b', openSearch],
          ['/', openSearch],
          ['u', switchUnits],
          ['shift+?', openHelp],
          ['?', openHelp],
        ]
      : [],
  );
  return (
    <div className={classes.shell}>
      <a href="#work" className={classes.skip}>
        Skip to content
      </a>
      <Rail />
      <TopBar onSearch={openSearch} onHelp={openHelp} />
      <main id="work" className={classes.work} tabIndex={-1}>
        {household !== null && (
          <Suspense fallback={null}>
            <Away />
          </Suspense>
        )}
        {children}
      </main>
      <Suspense fallback={null}>
        {told && <Notices />}
        {help && <Shortcuts onClose={closeHelp} />}
        {search && <Search onClose={closeSearch} />}
      </Suspense>
    </div>
  );
}
