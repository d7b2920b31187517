import { CABLES, resistance_ohm_m, type CableId } from '../data/cables';
import type { MachineType } from '../data/machines';
import type { Range } from '../units/range';
import { loadVoltage_V } from './loadVoltage';

/** The cord between socket and machine. */
export interface Cord {
  length_m: number;
  size: CableId;
}

/** What flows in the supply while the arc burns. */
export interface SupplyDraw {
  /** Supply current, A. */
  current_A: Range;
  /** Volts lost in the cord over the supply volts, 0 to 1; 0.5 stands for "no working point". */
  dropShare: Range;
  /** False where even the middle of the ranges has no working point: the machine will not hold. */
  holds: boolean;
  /** False where the bad end has none. */
  surelyHolds: boolean;
}

export interface DrawQuestion {
  current_A: number;
  type: MachineType;
  volts_V: number;
  phases: 1 | 3;
  cord: Cord | null;
  /** Largest supply amps on the plate, with the welding amps it belongs to. */
  plate: { input_A: number; output_A: number } | null;
}

/** Copper temperature to reckon with, °C: cold morning, working, hot. */
const COPPER_C: Range = { low: 20, nominal: 45, high: 75 };
/** A plate's figure is held to within so much. Our judgement. */
const PLATE_ERROR = 0.07;
/** Past this share of the volts a constant-power machine has no working point at all. */
const COLLAPSE = 0.5;

/** Answers "what does it pull from the socket, and what does the cord eat?" Single or three phase, cord included. */
export function supplyDraw(question: DrawQuestion): SupplyDraw {
  const { efficiency, powerFactor } = question.type;
  const ends = [
    solve(question, efficiency.high, powerFactor.high, 1 - PLATE_ERROR, COPPER_C.low),
    solve(question, efficiency.nominal, powerFactor.nominal, 1, workingCopper_C(question)),
    solve(question, efficiency.low, powerFactor.low, 1 + PLATE_ERROR, COPPER_C.high),
  ] as const;
  const [best, middle, worst] = ends;
  return {
    current_A: { low: best.current_A, nominal: middle.current_A, high: worst.current_A },
    dropShare: { low: best.dropShare, nominal: middle.dropShare, high: worst.dropShare },
    holds: middle.holds,
    surelyHolds: worst.holds,
  };
}

/** A cord asked for more than it may carry runs hot; any other is warm. */
function workingCopper_C(question: DrawQuestion): number {
  const { efficiency, powerFactor } = question.type;
  const ampacity_A = question.cord ? CABLES[question.cord.size].ampacity_A : null;
  const asked_A = straightCurrent_A(question, efficiency.nominal, powerFactor.nominal, 1);
  return ampacity_A !== null && asked_A > ampacity_A ? COPPER_C.high : COPPER_C.nominal;
}

interface Point {
  current_A: number;
  dropShare: number;
  holds: boolean;
}

/** One corner of the ranges: apparent power from plate or type, then the chain with the cord in it. */
function solve(
  question: DrawQuestion,
  efficiency: number,
  powerFactor: number,
  plateScale: number,
  copper_C: number,
): Point {
  const { volts_V, phases, cord, type } = question;
  const straight_A = straightCurrent_A(question, efficiency, powerFactor, plateScale);
  if (!cord || cord.length_m <= 0) return { current_A: straight_A, dropShare: 0, holds: true };
  const loopFactor = phases === 3 ? Math.sqrt(3) : 2;
  const loop_ohm = loopFactor * cord.length_m * resistance_ohm_m(cord.size, copper_C);
  if (type.load === 'constant-impedance') {
    const load_ohm = volts_V / straight_A;
    const drop = loop_ohm / (loop_ohm + load_ohm);
    return { current_A: straight_A * (1 - drop), dropShare: drop, holds: true };
  }
  // Constant power: I (V - I R) = V I_straight. Real roots only while the cord leaves enough.
  const discriminant = volts_V ** 2 - 4 * loop_ohm * volts_V * straight_A;
  if (discriminant < 0) return { current_A: volts_V / (2 * loop_ohm), dropShare: COLLAPSE, holds: false };
  const drawn_A = (volts_V - Math.sqrt(discriminant)) / (2 * loop_ohm);
  return { current_A: drawn_A, dropShare: (drawn_A * loop_ohm) / volts_V, holds: true };
}

/** Supply current with no cord at all: from the plate where it gives one, else from the power and the type. */
function straightCurrent_A(
  question: DrawQuestion,
  efficiency: number,
  powerFactor: number,
  plateScale: number,
): number {
  const { volts_V, phases, plate, current_A } = question;
  const output_W = loadVoltage_V('stick', current_A) * current_A;
  if (plate)
    return (
      (plateScale * plate.input_A * output_W) / (loadVoltage_V('stick', plate.output_A) * plate.output_A)
    );
  return output_W / (efficiency * powerFactor * volts_V * (phases === 3 ? Math.sqrt(3) : 1));
}
