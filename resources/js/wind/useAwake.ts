import { useEffect, useState } from 'react';

/** Keeps the screen awake; false where the browser cannot, as over plain http from another device. */
export function useAwake(): boolean {
  const [can, setCan] = useState(() => 'wakeLock' in navigator && window.isSecureContext);
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        setCan(true);
      } catch {
        setCan(false);
      }
    };
    void hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
  return can;
}
