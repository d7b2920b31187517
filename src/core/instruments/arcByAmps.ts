import { ARC_BY_AMPS } from '../data/instruments';
import { median } from 'simple-statistics';

/** An arc that the ammeter saw. */
export interface MeteredArc {
  from_ms: number;
  to_ms: number;
  /** The middle of what was read while it burned; null where it was too short to say. */
  current_A: number | null;
}

/** From first to last reading of an arc so many are left out: it is struck and drawn off there. */
const EDGE = 2;

/** Arc on and off by the current in the lead. Short circuits and the moment that an arc is out are held through. */
export class ArcByAmps {
  private since_ms: number | null = null;
  private below_ms: number | null = null;
  private from_ms: number | null = null;
  private readonly read: number[] = [];

  /** Whether it burns, and since when. */
  get burning(): number | null {
    return this.from_ms;
  }

  /**
   * Takes a reading in, whichever way round the clamp sits. @param set_A what the dial stands at; null: not known
   * @returns the arc that has just ended; null where none has
   */
  take(read_A: number, at_ms: number, set_A: number | null): MeteredArc | null {
    const current_A = Math.abs(read_A);
    const over = current_A > Math.max(ARC_BY_AMPS.least_A, ARC_BY_AMPS.share * (set_A ?? 0));
    if (over) {
      this.since_ms ??= at_ms;
      this.below_ms = null;
      if (this.from_ms === null && at_ms - this.since_ms >= ARC_BY_AMPS.on_ms) this.from_ms = this.since_ms;
      this.read.push(current_A);
      return null;
    }
    this.below_ms ??= at_ms;
    if (this.from_ms === null || at_ms - this.below_ms < ARC_BY_AMPS.off_ms) {
      // Out again before it was one.
      if (this.from_ms === null) this.clear();
      return null;
    }
    return this.end(this.below_ms);
  }

  private end(to_ms: number): MeteredArc {
    const inside = this.read.slice(EDGE, -EDGE);
    const arc = {
      from_ms: this.from_ms ?? to_ms,
      to_ms,
      current_A: inside.length < 3 ? null : median(inside),
    };
    this.from_ms = null;
    this.clear();
    return arc;
  }

  private clear(): void {
    this.since_ms = null;
    this.below_ms = null;
    this.read.length = 0;
  }
}
