import { useEffect } from 'react';

/** Keeps the screen awake while the page is looked at, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    let lock: { release: () => Promise<void> } | null = null;
    let gone = false;
    const hold = async (): Promise<void> => {
      if (document.hidden || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) void lock.release();
      } catch {
        // A device that saves its battery says no.
      }
    };
    const look = (): void => void hold();
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', look);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}
