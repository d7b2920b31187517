/** How the app shows itself until it is told otherwise. */
export const DEFAULT_SETTINGS = {
  system: 'metric',
  theme: 'daylight',
  calls: { buzz: true, tone: false, colour: true, pace: false },
} as const;
