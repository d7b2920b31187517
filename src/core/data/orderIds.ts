/** The choices of the Order stop by id: what a record may hold. */

/** Which way a weld is travelled. */
export const TRAVELS = {
  away: 'Away from the clamp',
  towards: 'Towards the clamp',
  alternate: 'There and back, pass by pass',
} as const;
export type TravelId = keyof typeof TRAVELS;

/** How the work lead leaves the clamp. */
export const LEADS = { flat: 'Flat along the plate', up: 'Standing up', down: 'Hanging down' } as const;
export type LeadId = keyof typeof LEADS;

/** How long the arc is held, in rods' thickness. */
export const ARCS = {
  short: { name: 'Half the rod’s thickness', rods: 0.5 },
  usual: { name: 'As long as the rod is thick', rods: 1 },
  long: { name: 'Longer', rods: 1.5 },
} as const;
export type ArcId = keyof typeof ARCS;

/** Orders that a seam's segments are laid in. */
export const PATTERNS = {
  straight: 'Straight through',
  backstep: 'Back-step',
  skip: 'Skip',
  'middle-out': 'From the middle out',
} as const;
export type PatternId = keyof typeof PATTERNS;

/** Most segments that are ordered one by one. */
export const MOST_SEGMENTS = 24;
