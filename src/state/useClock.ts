import { useEffect, useState } from 'react';

const MINUTE_ms = 60_000;
/** The end of this minute, so that what was just written down has happened. */
const minute = (): number => Math.ceil(Date.now() / MINUTE_ms) * MINUTE_ms;

/** The time of day, minute by minute, ms since 1970. */
export function useClock(): number {
  const [now_ms, setNow] = useState(minute);
  useEffect(() => {
    const tick = setInterval(() => setNow(minute()), 1000);
    return () => clearInterval(tick);
  }, []);
  return now_ms;
}
