import { memoryOf, type Source } from '../units/sources';

export const AWS_C5_3: Source = memoryOf('AWS C5.3, air carbon arc gouging, and handbooks');

/** A copper-coated carbon for direct current, positive at the carbon. */
export interface Carbon {
  inches: string;
  diameter_mm: number;
  low_A: number;
  high_A: number;
  /** Steel blown out a minute of arc, mm3. */
  mm3_min: number;
}

/** Thinnest first. Amps and rates: AWS C5.3 and handbooks, from memory (3.5, 5, 9, 12 and 20 lb of steel an hour). */
export const CARBONS: readonly Carbon[] = [
  { inches: '5/32', diameter_mm: 4, low_A: 90, high_A: 150, mm3_min: 3400 },
  { inches: '3/16', diameter_mm: 4.8, low_A: 150, high_A: 200, mm3_min: 4800 },
  { inches: '1/4', diameter_mm: 6.4, low_A: 200, high_A: 400, mm3_min: 8700 },
  { inches: '5/16', diameter_mm: 7.9, low_A: 350, high_A: 450, mm3_min: 11_600 },
  { inches: '3/8', diameter_mm: 9.5, low_A: 450, high_A: 600, mm3_min: 19_300 },
];

/** A groove is so much wider than its carbon, and so many carbons deep at most in one go (AWS C5.3, from memory). */
export const GROOVE = { wider_mm: 3, deepest: 1.5 } as const;

/** Air at the torch: pressure, bar, and how much of it, L a minute; the smallest carbons do with the lower ends (AWS C5.3, from memory). */
export const GOUGE_AIR = {
  small: { upTo_mm: 5, bar: { low: 3, high: 6 }, L_min: 230 },
  full: { bar: { low: 5.5, high: 7 }, L_min: 750 },
} as const;

/** How the carbon stands: sticking out of the grip, mm, and from the plate, degrees. Common practice. */
export const CARBON_HELD = {
  out_mm: { low: 100, high: 175 },
  from_plate_deg: { low: 35, high: 45 },
} as const;

/** Share of the time at the tool that the arc is on: the rest is slag, looking and new grip. Common practice. */
export const ARC_SHARE = { low: 0.3, nominal: 0.5, high: 0.7 } as const;
