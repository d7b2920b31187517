import { OUR_JUDGEMENT } from '../units/sources';

/** What the mixed weld is worth when rods are weighed: points as in the rod's other reasons, over zero against it. */
export const MIX_POINTS = {
  martensite: 8,
  someMartensite: 0.5,
  noFerrite: 3,
  sound: -0.3,
  sigma: 8,
  pickUp: 6,
  hotCrack: 2,
  carbonMoves: 2,
  source: OUR_JUDGEMENT,
} as const;
