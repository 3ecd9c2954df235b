import { useEffect } from 'react';

/** Keeps the screen lit while it is looked at; a browser that cannot leaves it to the device. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) {
        return;
      }
      try {
        const got = await navigator.wakeLock.request('screen');
        if (gone) {
          void got.release();
        } else {
          lock = got;
        }
      } catch {
        // Low on power, or not allowed: the device's own setting holds.
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
