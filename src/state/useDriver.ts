import { useCallback, useEffect, useState } from 'react';

const hasLocks = (): boolean => typeof navigator !== 'undefined' && 'locks' in navigator;

/**
 * One window runs the work, the others watch: whoever holds the lock of the job. Where the browser has no locks, every window runs.
 * @returns whether this window runs it, and how it takes it over
 */
export function useDriver(id: string): { drives: boolean | null; takeOver: () => void } {
  const [drives, setDrives] = useState<boolean | null>(() => (hasLocks() ? null : true));
  const [steal, setSteal] = useState(0);
  useEffect(() => {
    if (!hasLocks()) return undefined;
    let letGo: () => void = () => undefined;
    let gone = false;
    navigator.locks
      .request(`elbow-room/run/${id}`, steal > 0 ? { steal: true } : { ifAvailable: true }, (lock) => {
        if (gone) return undefined;
        setDrives(lock !== null);
        return lock === null ? undefined : new Promise<void>((resolve) => (letGo = resolve));
      })
      // Another window has taken it over.
      .catch(() => !gone && setDrives(false));
    return () => {
      gone = true;
      letGo();
    };
  }, [id, steal]);
  const takeOver = useCallback(() => setSteal((n) => n + 1), []);
  return { drives, takeOver };
}
