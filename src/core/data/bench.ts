import { OUR_JUDGEMENT, PRACTICE } from '../units/sources';

/** How a bead on scrap ran. */
export const RAN = {
  cold: { name: 'Cold', words: 'It stuck or lay on top: it wants more amps.' },
  right: { name: 'Right', words: 'It ran as it should.' },
  hot: { name: 'Hot', words: 'It spattered, undercut or fell through: it wants fewer amps.' },
} as const;
export type RanId = keyof typeof RAN;
export const RAN_IDS = Object.keys(RAN) as [RanId, ...RanId[]];

/**
 * How far the amps that run right lie off the chart, as natural logarithms, one standard deviation, before anybody has tried. Common
 * practice: charts, machines, makers and hands differ by about 20 %.
 */
export const SPREAD = { machine: 0.12, tin: 0.06, hand: 0.06, source: PRACTICE } as const;
/** How far a hand is off when it says how a bead ran; how much too hot or cold it has to be to be called so. */
export const JUDGED = { sd: 0.07, margin: 0.06, source: OUR_JUDGEMENT } as const;
/** What an ammeter on the lead leaves uncertain of a dial. */
export const METERED = { sd: 0.03, source: OUR_JUDGEMENT } as const;
/** How far a machine wanders from one trial to the next. */
export const DRIFT = { sd: 0.008, source: OUR_JUDGEMENT } as const;
/** A trial this many standard deviations off what was expected of it is the odd one out, and counts for little. */
export const ODD = { from: 3, spread: 3, source: OUR_JUDGEMENT } as const;
/** A machine whose later trials lie this many standard deviations off its earlier ones has drifted. */
export const DRIFTED = { from: 2.5, least: 6, source: OUR_JUDGEMENT } as const;
