/** How the app shows itself until it is told otherwise. */
export const DEFAULT_SETTINGS = { system: 'metric', theme: 'daylight' } as const;
