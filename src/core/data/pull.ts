import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/** How welds pull, by the formulas of handbooks. Those in inches are worked in inches. */

/** Transverse shrinkage of a butt: a share of area over thickness, and of the root opening. */
export const TRANSVERSE = {
  spraragen: { area: 0.2, gap: 0.05, source: memoryOf('Spraragen and Ettinger 1944') },
  blodgett: { area: 0.1, source: memoryOf('Blodgett, transverse shrinkage') },
} as const;
/** Lift of a flange's edge by fillets: 0.02 W D^1.3 / T^2, inches. */
export const ANGULAR = {
  factor: 0.02,
  power: 1.3,
  source: memoryOf('Blodgett, angular change of fillets'),
} as const;
/** Bow along the length: 0.005 A d L^2 / I, inches. */
export const BOW = { factor: 0.005, source: memoryOf('Blodgett, longitudinal bending') } as const;
/** Pull of a single run along its length, N for every J/mm of net heat. */
export const TENDON = {
  low: 180,
  nominal: 200,
  high: 250,
  source: memoryOf('White 1977, tendon force'),
} as const;
/** Stress at which a sheet buckles: k pi2 E / (12 (1 - nu2)) (t / b)2, edges free to edges held. */
export const BUCKLE = {
  k: { low: 0.43, nominal: 1, high: 4 },
  E_MPa: 205_000,
  nu: 0.29,
  source: memoryOf('plate buckling, handbooks'),
} as const;
/** Sheet that buckles: up to here, mm. */
export const BUCKLES_TO_mm = { value: 4, source: OUR_JUDGEMENT } as const;
/** How wide a piece is taken to be that nobody measured, mm: the flange of a tee, and a panel of sheet. */
export const ASSUMED_WIDTH = { flange_mm: 150, panel_mm: 400, source: OUR_JUDGEMENT } as const;
/**
 * A tube welded all round leans towards the side that is welded first: of what a side pulls in, so much is not taken back by the others. And
 * how long its free end is taken to be where nobody measured, mm.
 */
export const LEAN = {
  kept: { low: 0.2, nominal: 0.35, high: 0.5 },
  member_mm: 1000,
  source: OUR_JUDGEMENT,
} as const;
/** How much work is mostly allowed to move where nobody says: out of flat or straight, by its length, mm. */
export const USUAL_MOVE = {
  rows: [
    { upTo_mm: 120, move_mm: 1.5 },
    { upTo_mm: 400, move_mm: 3 },
    { upTo_mm: 1000, move_mm: 5.5 },
    { upTo_mm: 2000, move_mm: 9 },
    { upTo_mm: Infinity, move_mm: 11 },
  ],
  source: memoryOf('EN ISO 13920, class G'),
} as const;
/** What a leg grows to under a heavy hand. */
export const HEAVY_HAND = { times: 1.5, source: OUR_JUDGEMENT } as const;
/** Scatter of a hand weld's pull about the formula, as a share. */
export const PULL_DOUBT = { share: 0.3, source: OUR_JUDGEMENT } as const;
