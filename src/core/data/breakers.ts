import type { Range } from '../units/range';
import { IEC_60898, UL_489, type Source } from '../units/sources';

/** A time and current band: multiples of the rating it holds, and how long it holds at a larger one. */
export interface BreakerEdge {
  /** Multiple of the rating carried for ever (an hour and more). */
  holds: number;
  /** Thermal time constant that makes the edge pass through its trip-time point, s. */
  tau_s: number;
}

export interface BreakerKind {
  name: string;
  /** Trips soonest, in the middle, last. */
  early: BreakerEdge;
  middle: BreakerEdge;
  late: BreakerEdge;
  /** Multiples of the rating at which it goes at once: earliest, middle, latest. */
  magnetic: Range;
  source: Source;
}

/**
 * The edge of a first-order thermal element that holds `holds` for ever and trips after `time_s` at `multiple`:
 * multiple^2 (1 - exp(-t/tau)) = holds^2.
 */
function edge(holds: number, multiple: number, time_s: number): BreakerEdge {
  return { holds, tau_s: -time_s / Math.log(1 - (holds / multiple) ** 2) };
}

/** A band of multiples, its middle in proportion. */
const band = (low: number, high: number): Range => ({ low, nominal: Math.sqrt(low * high), high });

/** 1.13 holds an hour, 1.45 trips within an hour, 2.55 trips in 1 to 60 s. */
const iecThermal = {
  early: edge(1.13, 2.55, 1),
  middle: edge(1.28, 2.55, 8),
  late: edge(1.45, 2.55, 60),
  source: IEC_60898,
};

export const BREAKERS = {
  B: { name: 'B (lighting, sockets)', ...iecThermal, magnetic: band(3, 5) },
  C: { name: 'C (motors, workshop)', ...iecThermal, magnetic: band(5, 10) },
  D: { name: 'D (welders, transformers)', ...iecThermal, magnetic: band(10, 20) },
  // 1.35 trips within an hour, 2.0 within two minutes; the early edge is our placing: the rating itself and ten seconds.
  NA: {
    name: 'North American',
    early: edge(1.0, 2.0, 10),
    middle: edge(1.18, 2.0, 35),
    late: edge(1.35, 2.0, 120),
    magnetic: band(5, 12),
    source: UL_489,
  },
} as const satisfies Record<string, BreakerKind>;

export type BreakerId = keyof typeof BREAKERS;
export const BREAKER_IDS = Object.keys(BREAKERS) as [BreakerId, ...BreakerId[]];
