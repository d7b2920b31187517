import { READING_SPAN } from '../data/heatLimits';
import { passLeaves_K_J, preheatLeft, tabulated, type Piece } from './piece';

/** How the metal beside the weld cools between beads, and how long to wait. */

/** Heat that was put in: by a pass, or by the torch. */
interface Source {
  at_s: number;
  energy_J: number;
}

/** Longest wait that is told, s: past it the metal does not get there by itself. */
export const LONGEST_WAIT_s = 24 * 3600;
/** Older passes are told together once there are more. */
const MOST_SOURCES = 60;

/** What a piece does with heat, with how much faster it cools than reckoned, by a thermometer. */
export interface Cooling {
  air_C: number;
  /** K at the weld for a joule, so long after. */
  leaves_K_J: (after_s: number) => number;
  preheatLeft: (after_s: number) => number;
  /** Times as fast as reckoned. */
  faster: number;
}

export const coolingOf = (piece: Piece, faster = 1): Cooling => ({
  air_C: piece.air_C,
  leaves_K_J: tabulated((after_s) => passLeaves_K_J(piece, after_s)),
  preheatLeft: tabulated((after_s) => preheatLeft(piece, after_s)),
  faster,
});

/** The heat of a job as it goes on: what the torch and the passes have put in so far. */
export class HeatLog {
  private passes: Source[] = [];
  private torch: { at_s: number; rise_K: number } | null = null;

  constructor(private readonly cooling: Cooling) {}

  /** The torch has just brought the metal to a temperature. */
  warmed(at_s: number, to_C: number): void {
    const others_K = this.fromPasses_K(at_s);
    this.torch = { at_s, rise_K: Math.max(0, to_C - this.cooling.air_C - others_K) };
  }

  /** A pass, or a rod of it, has just ended. */
  laid(at_s: number, energy_J: number): void {
    this.passes.push({ at_s, energy_J });
    if (this.passes.length <= MOST_SOURCES) return;
    const [a, b, ...rest] = this.passes;
    if (!a || !b) return;
    const energy = a.energy_J + b.energy_J;
    this.passes = [
      { at_s: (a.at_s * a.energy_J + b.at_s * b.energy_J) / Math.max(energy, 1e-9), energy_J: energy },
      ...rest,
    ];
  }

  private fromPasses_K(time_s: number): number {
    const { leaves_K_J, faster } = this.cooling;
    return this.passes.reduce(
      (sum, { at_s, energy_J }) => sum + energy_J * leaves_K_J((time_s - at_s) * faster),
      0,
    );
  }

  /** Metal beside the weld, °C. */
  at(time_s: number): number {
    const { air_C, preheatLeft, faster } = this.cooling;
    const preheat_K = this.torch ? this.torch.rise_K * preheatLeft((time_s - this.torch.at_s) * faster) : 0;
    return air_C + preheat_K + this.fromPasses_K(time_s);
  }

  /** Seconds from a time until the metal has fallen to a temperature; `LONGEST_WAIT_s` where it does not get there. */
  wait_s(time_s: number, down_to_C: number): number {
    if (this.at(time_s) <= down_to_C) return 0;
    return fallsAfter_s((after_s) => this.at(time_s + after_s), down_to_C);
  }
}

/** Seconds until a falling curve is down at a value. */
export function fallsAfter_s(curve: (after_s: number) => number, value: number): number {
  let high = 1;
  while (curve(high) > value) {
    high *= 2;
    if (high > LONGEST_WAIT_s) return LONGEST_WAIT_s;
  }
  let low = high / 2;
  for (let n = 0; n < 24; n++) {
    const middle = (low + high) / 2;
    if (curve(middle) > value) low = middle;
    else high = middle;
  }
  return high;
}

/** What a thermometer reading says of the cooling. */
export type Correction =
  { kind: 'corrected'; faster: number; reckoned_C: number } | { kind: 'doubted'; reckoned_C: number };

/**
 * Answers "how many times as fast as reckoned does it cool?" by one reading.
 * @param curve the cooling reckoned, °C by seconds after the arc stopped
 * @returns doubted where no pace between a fifth and five times reaches the reading: another place, or a bad thermometer
 */
export function correctionBy(
  curve: (after_s: number) => number,
  reading_C: number,
  after_s: number,
): Correction {
  const reckoned_C = curve(after_s);
  const { low, high } = READING_SPAN;
  if (curve(after_s * low) < reading_C || curve(after_s * high) > reading_C)
    return { kind: 'doubted', reckoned_C };
  const when_s = fallsAfter_s((t) => curve(t), reading_C);
  return { kind: 'corrected', faster: when_s / after_s, reckoned_C };
}
