import type { WallClock } from '@core/units/when';

/** The clock on this wall, at a moment. */
export const wallAt = (now_ms: number): WallClock => ({
  now_ms,
  offset_min: new Date(now_ms).getTimezoneOffset(),
});

/** This moment, ms since 1970: for what is pressed. */
export const thisMoment = (): number => Date.now();
