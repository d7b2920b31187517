import { trimmed } from '@core/units/format';

/** A stretch of time as it is said beside the work. */
export const timeInWords = (seconds: number): string =>
  seconds < 90 ? `${trimmed(seconds, 0)} s` : `${trimmed(seconds / 60, seconds < 600 ? 1 : 0)} min`;

/** Gas as it is weighed. */
export const gasInWords = (kg: number): string =>
  kg < 0.1 ? `${trimmed(Math.max(1, 1000 * kg), 0)} g` : `${trimmed(kg, 2)} kg`;
