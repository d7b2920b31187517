import { INTERPASS_MARGIN } from '../data/heatLimits';
import { arcHeat_W } from './arcEnergy';
import { HeatLog, LONGEST_WAIT_s, type Cooling } from './cooling';

/** What heat asks of the order in time: warming before, waiting and warming again between beads. */
export interface HeatHolds {
  cooling: Cooling;
  /** Warmed to this before the first arc, °C, and how long the torch takes; null where it is not. */
  preheat_C: number | null;
  warm_s: number;
  /** Never begun under this: the torch comes back; null where nothing is asked. */
  floor_C: number | null;
  /** Never begun over this. */
  ceiling_C: number | null;
  /** Cold metals are looked after rod by rod, others pass by pass. */
  eachRod: boolean;
  /** Nobody waits. */
  goStraightOn: boolean;
}

/** How warm the metal was found where a bead begins, and what was done about it. */
export interface BeadStart {
  pass: number;
  rod: number;
  found_C: number;
  started_C: number;
  wait_s: number;
  rewarm_s: number;
}

/** A thermometer is not read closer than this, K. */
const LOOSE_K = 3;
/** Least time that a torch is on again, s. */
const REWARM_LEAST_s = 30;

/** What the metal does while the job goes on: asked before every bead, told after every rod. */
export class HeatKeeper {
  readonly starts: BeadStart[] = [];
  private readonly log: HeatLog;

  constructor(private readonly holds: HeatHolds) {
    this.log = new HeatLog(holds.cooling);
  }

  /** The torch is off: the joint stands at its preheat. */
  warmed(at_s: number): void {
    if (this.holds.preheat_C !== null) this.log.warmed(at_s, this.holds.preheat_C);
  }

  /** Whether this bead is looked at before it begins. */
  private looksAt = (firstOfPass: boolean): boolean => firstOfPass || this.holds.eachRod;

  /** Seconds to wait, and seconds of torch, before a bead may begin at a time. */
  before(
    at_s: number,
    pass: number,
    rod: number,
    firstOfPass: boolean,
  ): { wait_s: number; rewarm_s: number } {
    if (!this.looksAt(firstOfPass)) return { wait_s: 0, rewarm_s: 0 };
    const { ceiling_C, floor_C, preheat_C, warm_s, goStraightOn, cooling } = this.holds;
    const found_C = this.log.at(at_s);
    const target_C =
      ceiling_C === null ? null : Math.max(ceiling_C * (1 - INTERPASS_MARGIN.share), floor_C ?? -Infinity);
    const wait_s =
      target_C === null || goStraightOn || found_C <= target_C ? 0 : this.log.wait_s(at_s, target_C);
    let started_C = wait_s > 0 ? this.log.at(at_s + wait_s) : found_C;
    let rewarm_s = 0;
    if (floor_C !== null && preheat_C !== null && started_C < floor_C - LOOSE_K) {
      const missing = (preheat_C - started_C) / Math.max(1, preheat_C - cooling.air_C);
      rewarm_s = Math.max(REWARM_LEAST_s, warm_s * missing);
      this.log.warmed(at_s + wait_s + rewarm_s, preheat_C);
      started_C = preheat_C;
    }
    this.starts.push({ pass, rod, found_C, started_C, wait_s, rewarm_s });
    return { wait_s, rewarm_s };
  }

  /** A rod has burned. */
  laid(at_s: number, current_A: number, arc_s: number): void {
    this.log.laid(at_s, arcHeat_W(current_A) * arc_s);
  }
}

/** True where a wait never ends: the metal does not fall that far by itself. */
export const neverFalls = ({ wait_s }: BeadStart): boolean => wait_s >= LONGEST_WAIT_s;
