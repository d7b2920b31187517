import type { MetalGroup } from './metals';
import type { Coating, RodClassId } from './rods';
import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** What speaks for and against a kind of rod beside the metal: strength, hand, and the place in the weld. */

/** A place in a weld that a rod is chosen for. */
export const ROLES = {
  whole: { name: 'All of it', words: 'one rod from root to cap' },
  root: { name: 'Root', words: 'the first pass, open underneath or hard to reach' },
  fill: { name: 'Fill', words: 'metal between root and cap' },
  cap: { name: 'Cap', words: 'the last layer, the one that is seen' },
  tack: { name: 'Tacks', words: 'small and deep, struck again and again' },
  hardface: { name: 'Hard face', words: 'a layer against wear on top of sound metal' },
} as const;
export type RoleId = keyof typeof ROLES;

/** Least tensile strength of the weld metal by class, ksi; those left out have none that is planned with. */
export const TENSILE_ksi: Readonly<Partial<Record<RodClassId, number>>> = {
  E6010: 60,
  E6011: 60,
  E6012: 60,
  E6013: 60,
  E7014: 70,
  E7015: 70,
  E7016: 70,
  E7018: 70,
  'E8018-C3': 80,
  'E8018-W2': 80,
  'E8018-B2': 80,
  'E9018-B3': 90,
  E9018M: 90,
  'E10018-D2': 100,
  E11018M: 110,
  E7024: 70,
  'E307-16': 85,
  'E308L-16': 75,
  'E309L-16': 75,
  'E309LMo-16': 75,
  'E310-16': 80,
  'E312-16': 95,
  'E316L-16': 70,
  'E347-16': 75,
  'E2209-16': 100,
  'E410NiMo-16': 110,
  'ENiCrFe-2': 80,
  'ENiCrFe-3': 80,
  'ENiCrMo-3': 110,
  'ENi-1': 60,
  'ENiCu-7': 70,
  'ENi-CI': 40,
  'ENiFe-CI': 58,
  'ENiFeMn-CI': 75,
};
export const TENSILE_SOURCE = memoryOf('AWS A5 classifications, least tensile strength');

/** Strength a sound joint in a kind of metal asks, ksi: the metal's own where rods reach it. */
export const WANTED_ksi: Readonly<Partial<Record<MetalGroup, number>>> = {
  carbon: 58,
  hardenable: 90,
  austenitic: 70,
  duplex: 90,
  'cast-iron': 30,
};
export const WANTED_SOURCE = memoryOf('handbook strengths of base metals');

/** How steady a hand a class asks for, 1 to 3: those left out ask 2. Common practice. */
export const HAND: Readonly<Partial<Record<RodClassId, 1 | 2 | 3>>> = {
  E6010: 3,
  E6012: 1,
  E6013: 1,
  E7014: 1,
  E7024: 1,
  E4043: 3,
};
export const USUAL_HAND = 2;

/** What a kind of rod is worth in a place: below zero speaks for it, over zero against it, in the words that say why. */
export interface Worth {
  points: number;
  words: string;
}

const worth = (points: number, words: string): Worth => ({ points, words });

export const ROLE_WORTH: Readonly<Partial<Record<RoleId, Partial<Record<Coating, Worth>>>>> = {
  root: {
    cellulosic: worth(-4, 'Deep and quick to freeze: made for an open root.'),
    basic: worth(0.5, 'Holds an open root only in a steady hand.'),
    rutile: worth(2.5, 'Shallow, and its slag is caught in an open root.'),
    'iron-powder': worth(3, 'Too fluid for an open root.'),
  },
  fill: {
    'iron-powder': worth(-0.5, 'Lays much metal a minute.'),
    cellulosic: worth(1, 'Lays little, and rough.'),
  },
  cap: {
    cellulosic: worth(2, 'Rough to look at.'),
    rutile: worth(-0.5, 'Smooth, easy slag.'),
    basic: worth(-0.3, 'Smooth enough, strong.'),
  },
  tack: {
    cellulosic: worth(-2, 'Small, deep, strikes again at once, thin slag.'),
    basic: worth(1, 'The glazed tip has to be scraped for every restart.'),
  },
};
export const ROLE_SOURCE: Source = PRACTICE;

/** Rods for a hard face or a build-up by the metal under it, best first. */
export const HARDFACE: Readonly<Partial<Record<MetalGroup, readonly RodClassId[]>>> = {
  carbon: ['EFeCr-A1A', 'EFe1'],
  hardenable: ['EFeCr-A1A', 'EFe1'],
  manganese: ['EFeMn-A', 'EFeCr-A1A'],
};

/** Points for everything else that is weighed: ours, set so that the usual choice of the trade comes first. */
export const POINTS = {
  sizeStep: 2,
  tooThick: 3,
  dirt: 4,
  basicOnSheet: 2,
  cellulosicOnClean: 1.5,
  rutileOnPlate: 1,
  beyondMachine: 10,
  metalOrder: 0.4,
  lowVolts: 3,
  weak: 1.5,
  hand: 1,
  damp: 1.5,
  notKnownDry: 0.4,
  short: 0.5,
} as const;
export const POINTS_SOURCE = OUR_JUDGEMENT;
