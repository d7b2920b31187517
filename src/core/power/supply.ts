import { CABLES, resistance_ohm_m, type CableId } from '../data/cables';
import type { LieId } from '../data/machines';
import type { ArcProcess } from '../data/processIds';
import type { Range } from '../units/range';
import { loadVoltage_V } from '../heat/loadVoltage';
import { phaseFactor, type Plate } from './plate/nameplate';

/** A cord between socket and machine. */
export interface Cord {
  length_m: number;
  size: CableId;
  lie: Exclude<LieId, 'none'>;
}

/** What flows in the supply while the arc burns. */
export interface SupplyDraw {
  /** Supply current, A. */
  current_A: Range;
  /** Volts lost in line and cords over the supply volts, 0 to 1; 0.5 stands for "no working point". */
  dropShare: Range;
  /** What each keeps of the volts lost, 0 to 1, at the middle: the line before the socket, then cord by cord. */
  lineShare: number;
  cordShares: readonly number[];
  /** False where even the middle of the ranges has no working point: the machine will not hold. */
  holds: boolean;
  /** False where the bad end has none. */
  surelyHolds: boolean;
}

export interface DrawQuestion {
  process: ArcProcess;
  current_A: number;
  plate: Plate;
  volts_V: number;
  phases: 1 | 3;
  /** One after another, from the socket on. */
  cords: readonly Cord[];
  /** Of the line before the socket, there and back, ohm. */
  source_ohm: number;
}

/** Copper temperature to reckon with, °C: cold morning, working, hot. */
const COPPER_C: Range = { low: 20, nominal: 45, high: 75 };
/** Past this share of the volts a constant-power machine has no working point at all. */
const COLLAPSE = 0.5;

/** Answers "what does it pull from the socket, and what do line and cords eat?" Solved as a chain: one current through all. */
export function supplyDraw(question: DrawQuestion): SupplyDraw {
  const best = solve(question, 'low', () => COPPER_C.low);
  const middle = solve(question, 'nominal', (cord) => workingCopper_C(cord, question));
  const worst = solve(question, 'high', () => COPPER_C.high);
  const [line_ohm = 0, ...cord_ohm] = middle.ohms;
  const all_ohm = middle.ohms.reduce((sum, ohm) => sum + ohm, 0);
  const share = (ohm: number) => (all_ohm > 0 ? ohm / all_ohm : 0);
  return {
    current_A: { low: best.current_A, nominal: middle.current_A, high: worst.current_A },
    dropShare: { low: best.dropShare, nominal: middle.dropShare, high: worst.dropShare },
    lineShare: share(line_ohm),
    cordShares: cord_ohm.map(share),
    holds: middle.holds,
    surelyHolds: worst.holds,
  };
}

/** A cord on its drum, or asked for more than it may carry, runs hot; any other is warm. */
function workingCopper_C(cord: Cord, question: DrawQuestion): number {
  const { ampacity_A } = CABLES[cord.size];
  const over = ampacity_A !== null && straightCurrent_A(question, 'nominal') > ampacity_A;
  return over || cord.lie !== 'straight' ? COPPER_C.high : COPPER_C.nominal;
}

interface Point {
  current_A: number;
  dropShare: number;
  holds: boolean;
  /** Loop resistance of the line and of each cord. */
  ohms: readonly number[];
}

type Corner = keyof Range;

/** One corner of the ranges: apparent power from plate or kind, then the chain with line and cords in it. */
function solve(question: DrawQuestion, corner: Corner, copper_C: (cord: Cord) => number): Point {
  const { volts_V, phases, cords, source_ohm, plate } = question;
  const straight_A = straightCurrent_A(question, corner);
  // Three-phase drop is sqrt 3 times one conductor's, single-phase twice; an impedance "there and back" is already the two.
  const conductors = phases === 3 ? Math.sqrt(3) : 2;
  const ohms = [
    (source_ohm * conductors) / 2,
    ...cords.map((cord) => conductors * cord.length_m * resistance_ohm_m(cord.size, copper_C(cord))),
  ];
  const loop_ohm = ohms.reduce((sum, ohm) => sum + ohm, 0);
  if (loop_ohm <= 0) return { current_A: straight_A, dropShare: 0, holds: true, ohms };
  if (plate.type.load === 'constant-impedance') {
    const load_ohm = volts_V / straight_A;
    // Line and cords lie in front of a load that lags by its power factor: volts are added as phasors.
    const inPhase_ohm = load_ohm * plate.powerFactor.range[GOOD_END[corner]] + loop_ohm;
    const across_ohm = load_ohm * Math.sqrt(1 - plate.powerFactor.range[GOOD_END[corner]] ** 2);
    const kept = load_ohm / Math.hypot(inPhase_ohm, across_ohm);
    return { current_A: straight_A * kept, dropShare: 1 - kept, holds: true, ohms };
  }
  // Constant power: I (V - I R) = V I_straight. Real roots only while line and cords leave enough.
  const discriminant = volts_V ** 2 - 4 * loop_ohm * volts_V * straight_A;
  if (discriminant < 0)
    return { current_A: volts_V / (2 * loop_ohm), dropShare: COLLAPSE, holds: false, ohms };
  // The smaller root, in the form that loses nothing to rounding on a short cord.
  const drawn_A = (2 * volts_V * straight_A) / (volts_V + Math.sqrt(discriminant));
  return { current_A: drawn_A, dropShare: (drawn_A * loop_ohm) / volts_V, holds: true, ohms };
}

/** The end of the machine's ranges that draws little, middling or much. */
const GOOD_END = { low: 'high', nominal: 'nominal', high: 'low' } as const;

/** Supply current with no cord at all: from the plate where it gives one, else I1 = U2 I2 / (eta PF U1), over sqrt 3 for three phases. */
function straightCurrent_A(
  { process, current_A, plate, volts_V, phases }: DrawQuestion,
  corner: Corner,
): number {
  const watts = (amps: number) => loadVoltage_V(process, amps) * amps;
  const { inputMax_A, max_A, efficiency, powerFactor, type } = plate;
  // Copper and iron take their share by turns: so much of the largest current out, so much of the largest in.
  if (inputMax_A && max_A && type.load === 'constant-impedance')
    return (inputMax_A.range[corner] * current_A) / max_A.range.nominal;
  if (inputMax_A?.by === 'plate' && max_A)
    return (inputMax_A.range[corner] * watts(current_A)) / watts(max_A.range.nominal);
  const end = GOOD_END[corner];
  return watts(current_A) / (efficiency.range[end] * powerFactor.range[end] * volts_V * phaseFactor(phases));
}
