import { ARC_SHARE, CARBONS, GOUGE_AIR, GROOVE, type Carbon } from '../data/gouging';
import { mapRange, type Range } from '../units/range';

/** A cut by carbon arc: with what, how strong, how often along it, and how fast. */
export interface Gouging {
  carbon: Carbon;
  /** What it burns at here, A: up to what the machine gives. */
  amps: Range;
  layers: number;
  air: { bar: { low: number; high: number }; L_min: number };
  /** Steel out a minute at the tool, mm3: the arc is not on all of it. */
  mm3_min: Range;
  /** Minutes of arc in ten at those amps; null where the plate does not tell. */
  minutesInTen: number | null;
}

/**
 * Answers "with which carbon, and how strong?" The thickest whose groove is no wider than the cut and that the machine carries; the
 * thinnest where the cut is narrower than any groove or its width is not known.
 * @param most_A largest current of the machine, A
 * @param dutyAt share of ten minutes that it stands at so many amps
 * @returns null where the machine carries none (AWS C5.3, from memory)
 */
export function gougingFor(
  { depth_mm, topWidth_mm }: { depth_mm: number | null; topWidth_mm: number | null },
  most_A: number,
  dutyAt: (current_A: number) => number | null = () => null,
): Gouging | null {
  // At its lower end alone a carbon stutters: its middle has to be there, but for the thinnest.
  const carried = CARBONS.filter(
    ({ low_A, high_A }, n) => (n === 0 ? low_A : (low_A + high_A) / 2) <= most_A,
  );
  const [thinnest] = carried;
  if (!thinnest) return null;
  const fitting = carried.filter(
    ({ diameter_mm }) => topWidth_mm !== null && diameter_mm + GROOVE.wider_mm <= topWidth_mm,
  );
  const carbon = fitting[fitting.length - 1] ?? thinnest;
  const high = Math.min(carbon.high_A, most_A);
  const amps = { low: carbon.low_A, nominal: (carbon.low_A + high) / 2, high };
  const duty = dutyAt(amps.nominal);
  return {
    carbon,
    amps,
    layers: Math.max(1, Math.ceil((depth_mm ?? 0) / (GROOVE.deepest * carbon.diameter_mm))),
    air: carbon.diameter_mm <= GOUGE_AIR.small.upTo_mm ? GOUGE_AIR.small : GOUGE_AIR.full,
    mm3_min: mapRange(ARC_SHARE, (share) => share * carbon.mm3_min),
    minutesInTen: duty === null ? null : 10 * duty,
  };
}
