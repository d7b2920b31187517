import { useEffect, useState } from 'react';

/** Keeps the screen awake while `wanted`, where the browser offers it. @returns what came of it */
export function useAwake(wanted: boolean): 'off' | 'awake' | 'refused' {
  const [state, setState] = useState<'off' | 'awake' | 'refused'>('off');
  useEffect(() => {
    if (!wanted) return undefined;
    let held: WakeLockSentinel | null = null;
    let gone = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      // A browser without it has no such word.
      const offer = (navigator as Partial<Pick<Navigator, 'wakeLock'>>).wakeLock;
      if (!offer) return setState('refused');
      offer
        .request('screen')
        .then((sentinel) => {
          if (gone) return void sentinel.release();
          held = sentinel;
          setState('awake');
        })
        .catch(() => !gone && setState('refused'));
    };
    ask();
    // It is let go whenever the page is hidden.
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void held?.release();
      setState('off');
    };
  }, [wanted]);
  return state;
}
