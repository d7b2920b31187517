import { memoryOf, MSG } from './sources';

/** Metals whose sheet is called by a gauge number. The same number is a different thickness for each. */
export type GaugeMetal = 'steel' | 'aluminium' | 'stainless' | 'galvanised';

const MM_PER_INCH = 25.4;

/** Sheet thickness in inches by gauge number. */
export const GAUGES = {
  steel: {
    word: 'steel',
    aliases: ['steel', 'st', 'msg', 'mild steel', 'carbon steel', 'mild'],
    source: MSG,
    inches: {
      7: 0.1793,
      8: 0.1644,
      9: 0.1495,
      10: 0.1345,
      11: 0.1196,
      12: 0.1046,
      13: 0.0897,
      14: 0.0747,
      15: 0.0673,
      16: 0.0598,
      17: 0.0538,
      18: 0.0478,
      19: 0.0418,
      20: 0.0359,
      21: 0.0329,
      22: 0.0299,
      23: 0.0269,
      24: 0.0239,
    },
  },
  aluminium: {
    word: 'aluminium',
    aliases: ['aluminium', 'aluminum', 'alu', 'al', 'awg', 'b&s'],
    source: memoryOf('B&S (AWG) sheet gauge'),
    inches: {
      7: 0.1443,
      8: 0.1285,
      9: 0.1144,
      10: 0.1019,
      11: 0.0907,
      12: 0.0808,
      13: 0.072,
      14: 0.0641,
      15: 0.0571,
      16: 0.0508,
      17: 0.0453,
      18: 0.0403,
      19: 0.0359,
      20: 0.032,
      21: 0.0285,
      22: 0.0253,
      23: 0.0226,
      24: 0.0201,
    },
  },
  stainless: {
    word: 'stainless',
    aliases: ['stainless', 'stainless steel', 'ss'],
    source: memoryOf('US Standard Gauge for stainless sheet'),
    inches: {
      7: 0.1875,
      8: 0.1719,
      9: 0.1563,
      10: 0.1406,
      11: 0.125,
      12: 0.1094,
      13: 0.0938,
      14: 0.0781,
      15: 0.0703,
      16: 0.0625,
      17: 0.0563,
      18: 0.05,
      19: 0.0438,
      20: 0.0375,
      21: 0.0344,
      22: 0.0313,
      23: 0.0281,
      24: 0.025,
    },
  },
  galvanised: {
    word: 'galvanised',
    aliases: ['galvanised', 'galvanized', 'galv', 'galvanised steel', 'galvanized steel', 'zinc'],
    source: memoryOf('Galvanized Sheet Gauge'),
    inches: {
      10: 0.1382,
      12: 0.1084,
      14: 0.0785,
      16: 0.0635,
      18: 0.0516,
      20: 0.0396,
      22: 0.0336,
      24: 0.0276,
    },
  },
} as const;

/** Thickness of a gauge in millimetres, or null where the table has no such row. */
export function gaugeThickness_mm(metal: GaugeMetal, gauge: number): number | null {
  const inches: Record<number, number> = GAUGES[metal].inches;
  const found = inches[gauge];
  return found === undefined ? null : found * MM_PER_INCH;
}

/** Which gauge a typed word means ("galv", "ss"), or null. */
export function readGaugeMetal(word: string): GaugeMetal | null {
  const found = (Object.keys(GAUGES) as GaugeMetal[]).find((metal) =>
    (GAUGES[metal].aliases as readonly string[]).includes(word),
  );
  return found ?? null;
}
