import type { BaseMetal } from './baseMetal';
import type { JudgedPair } from './pair';
import type { JudgedWeld } from './weld';
import type { FerriteWanted } from './wanted';
import type { FamilyId } from '../data/families';
import type { BeadPlace } from '../data/dilution';
import type { RodClassId } from '../data/rods';
import type { PassRole } from '../rods/layout';
import type { Range } from '../units/range';

/** Two families that may meet in the joint, with what the rod makes of them. */
export interface MixPair {
  a: FamilyId;
  b: FamilyId;
  /** Belief in it, 0 to 1. */
  share: number;
  judged: JudgedPair;
  wanted: FerriteWanted | null;
}

/** One pass, or one layer of a butter, of the pair that decides. */
export interface MixPass {
  role: PassRole;
  /** What it is laid with, where that is another rod than the plan's. */
  rodClass: RodClassId | null;
  dilution: number;
  weld: JudgedWeld;
}

/** A side laid over first. */
export interface ButterPlan {
  on: 'A' | 'B';
  rodClass: RodClassId;
  layers: readonly JudgedWeld[];
  why: string;
  /** The rod is among those that the joint is then made with. */
  planned: boolean;
}

/** The mixed weld of a job. */
export interface MixPlan {
  rodClass: RodClassId;
  /** Share of melted base metal in the first bead, 0 to 1. */
  dilution: Range;
  by: 'you' | 'app';
  place: BeadPlace;
  shareA: number;
  pairs: readonly MixPair[];
  /** The pair that decides: the one with the least room. */
  worst: MixPair;
  sides: { a: BaseMetal; b: BaseMetal };
  passes: readonly MixPass[];
  /** Offered by the table of pairs; `planned` where the job takes it. */
  butter: ButterPlan | null;
  /** True where rod and sides are not all one kind of metal, so that there is anything to mix. */
  unlike: boolean;
}
