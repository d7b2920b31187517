import type { Pole } from './rods';

/** The choices of the Look stop and the joint, as data: id and how it is said. */

export const PLACES = { indoors: 'Indoors', outdoors: 'Outdoors' } as const;
export const SURFACES = {
  bright: 'Bright, or can be ground bright',
  scale: 'Mill scale or light rust',
  rust: 'Rust or paint that will not come off',
  oil: 'Oil-soaked',
} as const;
export const POSITIONS = {
  flat: 'Flat',
  horizontal: 'Horizontal',
  vertical: 'Vertical',
  overhead: 'Overhead',
} as const;
export const ACCESS = {
  both: 'Both sides, hand and hood fit',
  'one-side': 'One side only',
  blind: 'Mirror or one hand',
} as const;

/** What the weld is there for. */
export const DUTIES = {
  carries: 'It carries load',
  nothing: 'It only closes or holds in place',
} as const;

/** How sure the hand is with stick: what it asks of a rod. */
export const SKILLS = {
  new: { name: 'Some beads', hand: 1 },
  used: { name: 'Weld now and then', hand: 2 },
  steady: { name: 'Weld every week', hand: 3 },
} as const;

/** How a rod is moved. */
export const MOVES = { stringer: 'Stringers', weave: 'Small weave' } as const;

/** How the arc is aimed where a thin side meets a thick one, and the share of its heat the thin side takes. */
export const AIMS = {
  bisect: { name: 'Split the angle', thinShare: 0.5, words: 'Aim down the middle of the joint.' },
  lean: {
    name: 'Lean onto the thick side',
    thinShare: 0.3,
    words: 'Lean the arc onto the thick side so that the thin one only catches its edge.',
  },
  flick: {
    name: 'Run on the thick side, flick over',
    thinShare: 0.25,
    words: 'Run on the thick side and flick over to catch the thin edge.',
  },
} as const;

/** Poles as spoken. */
export const POLE_WORDS: Record<Pole, string> = {
  DCEP: 'electrode positive',
  DCEN: 'electrode negative',
  AC: 'AC',
};

export type PlaceId = keyof typeof PLACES;
export type SurfaceId = keyof typeof SURFACES;
export type PositionId = keyof typeof POSITIONS;
export type AccessId = keyof typeof ACCESS;
export type AimId = keyof typeof AIMS;
export type DutyId = keyof typeof DUTIES;
export type SkillId = keyof typeof SKILLS;
export type MoveId = keyof typeof MOVES;

/** The ids of a table of words, as the non-empty tuple a schema wants. */
export const idsOf = <T extends object>(table: T) =>
  Object.keys(table) as [keyof T & string, ...(keyof T & string)[]];
