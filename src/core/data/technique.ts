import { PRACTICE } from '../units/sources';

/** Figures of the hand: where it strikes, how it ends, how it whips. By rod cores where that is how it is told. */
export const TECHNIQUE = {
  /** Struck so far ahead of where the bead begins, cores. */
  strikeAhead_cores: 4,
  /** At the end it goes back so far over the crater, cores, and stays till so much of a bead's height is filled. */
  craterBack_cores: 2,
  craterShare: 0.5,
  /** A whip goes ahead and comes back, cores; what is between is gained at each beat. */
  whipAhead_cores: 1.5,
  whipBack_cores: 1,
  /** An open root keeps a keyhole wider than the gap by so much, mm. */
  keyholeOver_mm: 1,
  /** From here a rod is big for work underneath, mm of core. */
  bigUnderneath_mm: 4,
  /** A rod that is not whipped is beaten to every so much of its bead, mm. */
  beat_mm: 10,
  /** Going up, the pool is held so long at each toe, s. */
  toePause_s: { low: 0.5, high: 1 },
  source: PRACTICE,
} as const;
