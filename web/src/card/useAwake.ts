import { useEffect } from 'react';

/** Keeps the screen awake while the card is open, where the browser can. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = () =>
      navigator.wakeLock
        ?.request('screen')
        .then((l) => (left ? void l.release() : (lock = l)))
        .catch(() => undefined);
    void hold();
    const again = () => document.visibilityState === 'visible' && void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
}
