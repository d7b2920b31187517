/** The choices of the Order stop by id: what a record may hold. */

/** What the welder has before him, as the field and the order see it. */
export const PIECES = {
  plate: 'One plate',
  'two-plates': 'Two plates, a gap',
  tee: 'Upright on a plate',
  ring: 'Round a pipe or tube',
  frame: 'Frame of tube',
} as const;
export type PieceKind = keyof typeof PIECES;

/** Which plate of a tee the clamp sits on. */
export const CLAMP_ON = { flat: 'On the flat plate', upright: 'On the upright' } as const;
export type ClampOn = keyof typeof CLAMP_ON;

/** Which way a weld is travelled. */
export const TRAVELS = {
  away: 'Away from the clamp',
  towards: 'Towards the clamp',
  alternate: 'There and back, pass by pass',
} as const;
/** On a frame there is no way towards the clamp: each mitre is welded out from its inside, or in. */
export const FRAME_TRAVELS: Readonly<Record<keyof typeof TRAVELS, string>> = {
  away: 'From the inside out',
  towards: 'From the outside in',
  alternate: 'Out and in, pass by pass',
};
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
  'both-ends': 'Both ends in turn',
} as const;
export type PatternId = keyof typeof PATTERNS;
/** The same, as they go from corner to corner of a frame. */
export const FRAME_PATTERNS: Readonly<Partial<Record<PatternId, string>>> = {
  straight: 'Round, corner by corner',
  backstep: 'Round the other way',
  skip: 'Opposite corners',
};

/** Most segments that are ordered one by one. */
export const MOST_SEGMENTS = 24;
