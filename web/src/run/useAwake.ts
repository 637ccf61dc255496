import { useEffect } from 'react';

/** Keeps the screen on while a run is led; taken again when the page comes back into sight. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) {
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const take = () => {
      if (document.visibilityState !== 'visible') {
        return;
      }
      navigator.wakeLock.request('screen').then(
        (taken) => {
          lock = taken;
          if (gone) {
            void taken.release();
          }
        },
        // Refused, at a low battery: the screen may go dark, and nothing is lost.
        () => undefined,
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [on]);
}
