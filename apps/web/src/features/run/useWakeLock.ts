import { useEffect } from 'react';

/** Keeps the screen on while hands are wet. Where a browser does not let it, nothing is different. */
export function useWakeLock(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async () => {
      // A page that is not seen loses it, and asks again when it is.
      if (document.hidden || (held && !held.released)) return;
      const lock = await navigator.wakeLock.request('screen').catch(() => null);
      if (isOver) void lock?.release();
      else held = lock;
    };
    const again = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', again);
      void held?.release();
    };
  }, [isWanted]);
}
