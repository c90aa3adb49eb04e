// Keeps the screen on while the bench view is open, where the browser allows it.
import { useEffect } from 'react';

export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = () => {
      if (!('wakeLock' in navigator) || document.hidden || isOver) return;
      // Refused on low battery: the bench view works without it.
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (isOver) void held.release();
          else lock = held;
        },
        () => undefined,
      );
    };
    // The browser lets go of it whenever the page is out of sight.
    document.addEventListener('visibilitychange', ask);
    ask();
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
