import { useEffect, useRef, useState } from 'react';
import { useScale } from '../api/devices';
import type { Pulled } from './useSetting';

/** How often a scale is asked while it is looked at, ms. */
const EVERY = 150;

/** A scale on the line: each pull is read out of its stream and handed on once, and one that tells no running force is said. */
export function useScalePulls(onPull: (pull: Omit<Pulled, 'position'>) => void) {
  const { data: scale } = useScale(EVERY);
  const [said, setSaid] = useState('');
  const seen = useRef<{ session: string; pulls: number } | null>(null);
  const held = useRef(false);
  useEffect(() => {
    if (scale?.state !== 'here' || scale.pulls === null) return;
    const before = seen.current;
    seen.current = { session: scale.session, pulls: scale.pulls };
    if (scale.holds) held.current = true;
    if (before === null || before.session !== scale.session || scale.pulls <= before.pulls) return;
    if (scale.running_N === null) {
      if (held.current && scale.start_up_N !== null) {
        setSaid(
          'The needle held its peak. Undro saves it as the start-up, without a running force. Turn the hold off to read both.',
        );
        onPull({ running: '', startUp: `${scale.start_up_N.toFixed(3)} N` });
      } else {
        setSaid('That pull was too short to settle. Pull slowly for two seconds or more.');
      }
    } else {
      setSaid('');
      onPull({
        running: `${scale.running_N.toFixed(3)} N`,
        startUp: scale.start_up_N === null ? '' : `${scale.start_up_N.toFixed(3)} N`,
      });
    }
    held.current = false;
  }, [scale, onPull]);
  return { scale, said };
}
