import { useBench } from './bench';
import { useNavigate } from './route';
import { benchKey, keepTyped, typedFor } from './typed';

/** Puts another reel on the bench: one stays in the place one is in, and what was typed there for the other is kept with it. */
export function usePick() {
  const { reel, spool, put } = useBench();
  const navigate = useNavigate();
  return (toReel: number, toSpool: number) => {
    keepTyped(window.location, benchKey(reel?.id, spool?.id));
    put(toReel, toSpool);
    const to = placeFor(window.location.pathname, toReel, toSpool);
    if (to !== null) void navigate(to);
  };
}

/** Where a place shows another reel; null: as it is. */
function placeFor(pathname: string, reel: number, spool: number): string | null {
  const key = benchKey(reel, spool);
  const [, first = ''] = pathname.split('/');
  switch (first) {
    case '':
    case 'plan':
    case 'sheet':
      return typedFor('/plan', key) ?? `/plan?reel=${reel}&spool=${spool}`;
    case 'drag':
      return pathname === '/drag' ? (typedFor('/drag', key) ?? '/drag') : pathname;
    case 'log':
      return `/log?spool=${spool}`;
    case 'wind':
      return '/wind';
    default:
      return null;
  }
}

/** Goes to a place of the bench: to what was typed there for the reel that is on it. */
export function useGo() {
  const { reel, spool } = useBench();
  const navigate = useNavigate();
  return (path: string) => {
    const key = benchKey(reel?.id, spool?.id);
    keepTyped(window.location, key);
    const here = window.location.pathname.split('/')[1] === path.slice(1);
    void navigate(here ? path : (typedFor(path, key) ?? path));
  };
}
