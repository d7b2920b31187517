import { useEffect, useState } from 'react';

/** What the clock says, ms since 1970, looked at so often; it goes by the clock and not by the ticks, so that a sleeping page is right when it wakes. */
export function useNow(every_ms: number): number {
  const [now_ms, setNow] = useState(() => Date.now());
  useEffect(() => {
    const look = () => setNow(Date.now());
    const tick = setInterval(look, every_ms);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(tick);
      document.removeEventListener('visibilitychange', look);
    };
  }, [every_ms]);
  return now_ms;
}
