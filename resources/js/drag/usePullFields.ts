import { useRef, useState } from 'react';
import type { Setting } from './useSetting';

/** What is typed of the pull to be written down next; a pull that was wrong comes back into it as it was typed. */
export function usePullFields(setting: Setting) {
  const [startUp, setStartUp] = useState('');
  const [running, setRunning] = useState('');
  const first = useRef<HTMLInputElement>(null);
  return {
    startUp,
    running,
    first,
    setStartUp,
    setRunning,
    back: (index: number) => {
      const pull = setting.held.pulls[index];
      if (!pull) return;
      setting.takeOut(index);
      setting.stands(pull.position);
      setStartUp(pull.startUp);
      setRunning(pull.running);
      first.current?.focus();
    },
  };
}

export type PullFields = ReturnType<typeof usePullFields>;
