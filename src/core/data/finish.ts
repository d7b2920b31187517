/** What becomes of the face of a groove weld. */
export const CAPS = {
  proud: 'Left standing',
  ground: 'Ground flush afterwards',
  none: 'Filled flush, no cap',
} as const;
export type CapId = keyof typeof CAPS;

/** What is done from the other side of a groove. */
export const BACKS = {
  none: 'Nothing',
  gouged: 'Gouged out, and a run laid',
} as const;
export type BackId = keyof typeof BACKS;

/** The trench that is cut into the back of a root to reach sound metal. Common practice: a grinding disc's width, a quarter of the plate deep. */
export const BACK_CUT = { ofThin: 1 / 4, most_mm: 4, wide_mm: 6 } as const;

/** Beads laid on one face before the piece is turned, so that neither pulls it over. Common practice: two or three. */
export const TURN_AFTER = 3;
