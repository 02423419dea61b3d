import { useLocalStorage } from '@mantine/hooks';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo } from 'react';
import { sayProblems } from '../api/client';
import { useAnglers, useLastUsed, useReels } from '../api/records';
import { person } from '../api/served';
import type { Angler, Reel, Spool } from '../api/types';
import { sentence } from '../units/sentence';
import { METRIC, type Units } from '../units/units';

interface Bench {
  angler: Angler | undefined;
  anglers: Angler[];
  setAngler: (id: number) => void;
  units: Units;
  /** the spool in its reel that stays through Plan, Wind and Drag */
  reel: Reel | undefined;
  spool: Spool | undefined;
  put: (reel: number, spool: number) => void;
  clear: () => void;
  singleKeys: boolean;
  setSingleKeys: (on: boolean) => void;
}

const NOTHING = { reel: 0, spool: 0 };

const BenchContext = createContext<Bench | null>(null);

export function useBench(): Bench {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('useBench outside of BenchProvider');
  return bench;
}

/** Who is at the bench and what lies on it; kept on this computer. */
export function BenchProvider({ children }: { children: ReactNode }) {
  const { data: anglers } = useAnglers();
  const { data: reels } = useReels();
  const [anglerId, setAngler] = useLocalStorage<number>({
    key: 'undro-angler',
    defaultValue: 0,
    getInitialValueInEffect: false,
  });
  const { data: used } = useLastUsed();
  const [said, setOn] = useLocalStorage<{ reel: number; spool: number } | null>({
    key: 'undro-bench',
    defaultValue: null,
    getInitialValueInEffect: false,
  });
  // where nobody has put anything there, the spool used last lies on it
  const on = said ?? used?.last ?? NOTHING;
  const [singleKeys, setSingleKeys] = useLocalStorage({
    key: 'undro-keys',
    defaultValue: true,
    getInitialValueInEffect: false,
  });
  const put = useCallback((reelId: number, spoolId: number) => setOn({ reel: reelId, spool: spoolId }), [setOn]);
  const bench = useMemo<Bench>(() => {
    // whoever is signed in stands there until somebody else is chosen
    const angler =
      anglers?.find((each) => each.id === anglerId) ?? anglers?.find((each) => each.name === person) ?? anglers?.[0];
    const reel = reels?.find((each) => each.id === on.reel);
    return {
      angler,
      anglers: anglers ?? [],
      setAngler,
      units: angler?.units ?? METRIC,
      reel,
      spool: reel?.spools.find((each) => each.id === on.spool) ?? reel?.spools[0],
      put,
      clear: () => setOn(NOTHING),
      singleKeys,
      setSingleKeys,
    };
  }, [anglers, reels, anglerId, on, setAngler, setOn, put, singleKeys, setSingleKeys]);
  useEffect(() => sayProblems((says) => sentence(says, bench.units)), [bench.units]);
  return <BenchContext.Provider value={bench}>{children}</BenchContext.Provider>;
}
