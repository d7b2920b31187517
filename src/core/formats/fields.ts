import {
  ANGLE,
  APPARENT_POWER,
  COUNT,
  CURRENT,
  DISTANCE,
  DURATION,
  ENERGY,
  FIELD_STRENGTH,
  HARDNESS,
  LOSS,
  MASS,
  MONEY,
  PERCENT,
  PERCENT_FINE,
  RATIO,
  REAL_POWER,
  RESISTANCE,
  SIZE,
  TEMPERATURE,
  VOLTAGE,
  VOLTAGE_FINE,
  WIND,
  type QuantityKind,
  type UnitSystem,
} from '../units/kinds';
import { BOTTLE_SIZE, PRESSURE, STOCK_MASS } from '../units/kindsOfStock';
import { formatQuantity } from '../units/format';
import { parseQuantity, type ReadQuantity } from '../units/parse';
import { ok, refuse, type Result } from '../units/result';

/** A number somebody types: what it is called, what it measures and between what ends it makes sense. */
export interface NumberField {
  label: string;
  kind: QuantityKind;
  /** In the kind's own unit. */
  min: number;
  max: number;
  /** 0 itself is refused. */
  aboveZero: boolean;
  /** Where a stepper starts from a blank: a value often met, only a place to step from. */
  usual: number;
}

const field = (
  label: string,
  kind: QuantityKind,
  min: number,
  max: number,
  usual = Math.max(min, kind.step(min, 'metric')),
): NumberField => ({ label, kind, min, max, aboveZero: min > 0, usual });

/**
 * Every typed number of a job and of the kit, by its path in the record. The screens, the file schemas and the
 * messages all read this table: a new number is one line here.
 */
export const NUMBER_FIELDS = {
  'look.wind_m_s': field('Wind', WIND, 0, 40),
  'look.timeWindow_s': field('Time you have', DURATION, 60, 7 * 24 * 3600, 2 * 3600),
  'look.clearance_mm': field('Free room in front of the joint', SIZE, 30, 5000, 400),
  'look.air_C': field('Air and metal temperature', TEMPERATURE, -40, 60, 15),
  'look.altitude_m': field('Height above sea level', DISTANCE, 0, 5000, 500),
  'look.service_C': field('Hottest in service', TEMPERATURE, -200, 1200, 60),
  'joint.thicknessA_mm': field('Thickness, side A', SIZE, 0.3, 150, 6),
  'joint.thicknessB_mm': field('Thickness, side B', SIZE, 0.3, 150, 6),
  'joint.length_mm': field('Weld length', SIZE, 3, 50000, 100),
  'joint.gap_mm': field('Gap', SIZE, 0, 25),
  'joint.leg_mm': field('Leg', SIZE, 0.5, 50, 5),
  'joint.rootFace_mm': field('Root face', SIZE, 0, 50),
  'joint.cornerRadius_mm': field('Outside corner radius', SIZE, 0.5, 200, 6),
  'joint.plugDiameter_mm': field('Plug hole', SIZE, 4, 80, 12),
  'joint.plugCount': field('Plugs', COUNT, 1, 500),
  'joint.pipeDiameter_mm': field('Pipe, outside', SIZE, 6, 3000, 50),
  'joint.tubeWidth_mm': field('Tube width', SIZE, 6, 3000, 50),
  'joint.tubeHeight_mm': field('Tube height', SIZE, 6, 3000, 50),
  'joint.depth_mm': field('Depth', SIZE, 0.5, 150, 8),
  'joint.topWidth_mm': field('Width at the top', SIZE, 2, 300, 12),
  'joint.rootRadius_mm': field('Radius at the bottom', SIZE, 1, 50, 4),
  'joint.ramp_mm': field('Ramp at each end', SIZE, 0, 500, 20),
  'joint.slotLength_mm': field('Length of each slot', SIZE, 6, 500, 30),
  'joint.padWidth_mm': field('Pad width', SIZE, 4, 2000, 40),
  'joint.padHeight_mm': field('Pad height', SIZE, 0.5, 100, 4),
  'joint.includedAngle_deg': field('Included angle', ANGLE, 1, 179, 60),
  'repair.crackLength_mm': field('Crack, as far as it is seen', SIZE, 1, 20000, 60),
  'repair.crackDepth_mm': field('How deep it goes', SIZE, 0.5, 500, 6),
  'power.cordLength_m': field('Cord length', DISTANCE, 0.3, 500, 10),
  'power.cord2.length_m': field('Second cord, length', DISTANCE, 0.3, 500, 25),
  'power.cord3.length_m': field('Third cord, length', DISTANCE, 0.3, 500, 25),
  'power.clampDrop_V': field('Volts lost at the work clamp', VOLTAGE_FINE, 0, 20, 0.5),
  'power.day_s': field('Hours of this in a day', DURATION, 600, 24 * 3600, 8 * 3600),
  'rod.current_A': field('Amps', CURRENT, 5, 600, 90),
  'rod.rest_s': field('Extra rest after each rod', DURATION, 0, 3600, 30),
  'rod.workAngle_deg': field('Lean from the thick side', ANGLE, 10, 80, 45),
  'rod.beadCount': field('Passes', COUNT, 1, 150, 3),
  'heat.preheat_C': field('Preheat', TEMPERATURE, -20, 760, 100),
  'heat.pieceLength_mm': field('Piece, along the weld', SIZE, 10, 20000, 500),
  'heat.pieceWidth_mm': field('Piece, across the weld', SIZE, 10, 20000, 400),
  'heat.torch_kW': field('Torch', REAL_POWER, 0.5, 200, 15),
  'heat.reading_C': field('Thermometer says', TEMPERATURE, -20, 900, 150),
  'heat.readingAfter_s': field('After the arc stopped', DURATION, 1, 24 * 3600, 300),
  'weld.dilution_pct': field('Melted base metal in the bead', PERCENT, 5, 70, 30),
  'order.tackEvery_mm': field('From tack to tack', SIZE, 10, 2000, 100),
  'order.seamSide_mm': field('Seam, from the lower edge', SIZE, 0, 20000, 100),
  'order.frameLong_mm': field('Frame, longer side', SIZE, 60, 20000, 600),
  'order.frameWide_mm': field('Frame, other side', SIZE, 60, 20000, 400),
  'order.tube_mm': field('Side of the tube', SIZE, 10, 500, 50),
  'order.clampAlong_mm': field('Clamp, from the left end', SIZE, 0, 20000, 100),
  'order.clampAside_mm': field('Clamp, from the seam', SIZE, -10000, 10000, 20),
  'order.clamp2Along_mm': field('Second clamp, from the left end', SIZE, 0, 20000, 400),
  'order.clamp2Aside_mm': field('Second clamp, from the seam', SIZE, -10000, 10000, 20),
  'order.residual_G': field('Field before any arc', FIELD_STRENGTH, -1000, 1000, 10),
  'order.segment_mm': field('Segment', SIZE, 10, 2000, 80),
  'order.web_mm': field('Height of the upright', SIZE, 5, 3000, 80),
  'order.tolerance_mm': field('It may move', SIZE, 0.1, 100, 2),
  'machine.bias_pct': field('Runs right at, of the chart', PERCENT, 60, 160, 100),
  'machine.min_A': field('Lowest amps', CURRENT, 1, 400, 20),
  'machine.max_A': field('Highest amps', CURRENT, 10, 1000, 160),
  'machine.ocv_V': field('Open-circuit volts', VOLTAGE, 10, 141, 70),
  'machine.ratedCurrent_A': field('Rated amps', CURRENT, 5, 1000, 150),
  'machine.ratedDuty_pct': field('Duty cycle', PERCENT, 1, 100, 30),
  'machine.inputVolts_V': field('Supply volts on the plate', VOLTAGE, 90, 700, 230),
  'machine.inputMax_A': field('I1max, largest supply amps', CURRENT, 1, 400, 30),
  'machine.inputEff_A': field('I1eff, effective supply amps', CURRENT, 1, 400, 16),
  'machine.inputTop_A': field('Highest amps on these volts', CURRENT, 10, 1000, 160),
  'machine.idle_A': field('Supply amps with no arc', CURRENT, 0, 100, 1),
  'machine.powerFactor': field('Power factor', RATIO, 0.2, 1, 0.7),
  'machine.efficiency_pct': field('Efficiency', PERCENT, 20, 100, 80),
  'machine.battery_Wh': field('Battery, when full', ENERGY, 50, 50000, 1500),
  'supply.volts_V': field('Supply volts', VOLTAGE, 90, 700, 230),
  'supply.plug_A': field('Plug and socket', CURRENT, 3, 400, 16),
  'supply.source_ohm': field('Source impedance, there and back', RESISTANCE, 0, 5, 0.4),
  'supply.surge_kVA': field('Generator, surge kVA', APPARENT_POWER, 0.5, 1000, 7),
  'supply.altitude_m': field('Height above sea level', DISTANCE, 0, 5000, 500),
  'supply.price': field('Price of a kWh or a litre', MONEY, 0, 1000, 0.3),
  'supply.breaker_A': field('Breaker', CURRENT, 3, 400, 16),
  'supply.others_A': field('Others on the same breaker', CURRENT, 0, 400, 4),
  'supply.cordLength_m': field('Cord length', DISTANCE, 0.3, 500, 10),
  'supply.rating_kVA': field('Generator, running kVA', APPARENT_POWER, 0.5, 500, 6),
  'supply.rating_kW': field('Generator, running kW', REAL_POWER, 0.5, 500, 5),
  'cord.length_m': field('Length', DISTANCE, 0.5, 500, 25),
  'leads.length_m': field('Length of each lead', DISTANCE, 0.5, 200, 5),
  'tool.rated_A': field('Stands amps', CURRENT, 20, 800, 150),
  'tool.duty_pct': field('Duty', PERCENT, 10, 100, 60),
  'filler.left_kg': field('Left of it', STOCK_MASS, 0, 500, 5),
  'bottle.size_l': field('Bottle holds', BOTTLE_SIZE, 0.3, 100, 20),
  'bottle.pressure_bar': field('Gauge reads', PRESSURE, 0, 350, 150),
  'bottle.left_kg': field('CO2 left, by weighing', STOCK_MASS, 0, 60, 6),
  'tungsten.count': field('Tungstens left', COUNT, 0, 500, 5),
  'finding.at_mm': field('From the left end', SIZE, 0, 200_000, 120),
  'finding.length_mm': field('How long it is', SIZE, 0.1, 20_000, 12),
  'permit.watch_s': field('Watch after the last arc', DURATION, 3600, 24 * 3600, 3600),
  'measured.known_mm': field('How far apart they are', SIZE, 1, 5000, 100),
  'trial.set_A': field('Dial', CURRENT, 5, 600, 90),
  'trial.chart_A': field('Chart', CURRENT, 5, 600, 90),
  'trial.read_A': field('Ammeter', CURRENT, 5, 600, 90),
  'trial.thickness_mm': field('Thickness of the scrap', SIZE, 0.5, 300, 6),
  'tin.count': field('Rods left', COUNT, 0, 5000, 20),
  'tin.low_A': field('Packet, low amps', CURRENT, 5, 500, 60),
  'tin.high_A': field('Packet, high amps', CURRENT, 5, 600, 120),
  'tin.length_mm': field('Length of a new rod', SIZE, 150, 700, 350),
  'evidence.air_g': field('Weight in air', MASS, 0.5, 500000, 500),
  'evidence.water_g': field('Weight in water', MASS, 0, 500000, 400),
  'evidence.scale_g': field('Smallest step of the scale', MASS, 0.001, 5000, 5),
  'evidence.hardness_HB': field('Brinell hardness', HARDNESS, 1, 800, 150),
  'evidence.iacs_pct': field('Conductivity', PERCENT_FINE, 0.5, 110, 30),
  'evidence.percent': field('Percent', PERCENT_FINE, 0, 100, 1),
  'evidence.error': field('Error', PERCENT_FINE, 0, 50, 0.1),
  'metal.doubt.share_pct': field('Plan for every metal over', PERCENT_FINE, 0.1, 50, 5),
  'metal.doubt.hurts_pct': field('A metal that burns or poisons, from', PERCENT_FINE, 0.01, 5, 0.1),
  'metal.doubt.fails_pct': field('A metal that no weld holds on, from', PERCENT_FINE, 0.1, 20, 1),
  'metal.doubt.wastedRods': field('Rods or preheat for nothing', LOSS, 0, 100000, 1),
  'metal.doubt.sentOut': field('Not welded though it could be', LOSS, 0, 100000, 3),
  'metal.doubt.cracked': field('Cracked part', LOSS, 0, 100000, 5),
  'metal.doubt.partLost': field('Part lost', LOSS, 0, 100000, 20),
  'metal.doubt.personHurt': field('Person hurt', LOSS, 1000, 100000, 1000),
} as const satisfies Record<string, NumberField>;

export type NumberPath = keyof typeof NUMBER_FIELDS;

/** The field's row, typed as the general shape. */
export const numberField = (path: NumberPath): NumberField => NUMBER_FIELDS[path];

/**
 * Reads what was typed into a field: parsed as spoken, then held against the field's ends.
 * @returns the value in the field's own unit, or a message that names the field and says what to type
 */
export function readField(path: NumberPath, text: string, system: UnitSystem): Result<ReadQuantity> {
  const spec = numberField(path);
  const parsed = parseQuantity(text, spec.kind, system);
  if (!parsed.ok) return refuse(`${spec.label}: ${parsed.message}`);
  const refused = refuseNumber(path, parsed.value.value, system);
  if (refused !== null) return refuse(refused);
  return ok(parsed.value);
}

/**
 * The value one press of a stepper away: on the grid of its step, and inside the field's ends. A blank starts where the field usually stands.
 * @param direction 1 up, -1 down
 */
export function steppedValue(
  path: NumberPath,
  value: number | null,
  direction: 1 | -1,
  system: UnitSystem,
): number {
  const { kind, min, max, usual } = numberField(path);
  if (value === null) return usual;
  const step = kind.step(direction === 1 ? value : Math.max(0, value - 1e-6), system);
  const from = kind.stepFrom?.[system] ?? 0;
  const steps = (value - from) / step;
  const onGrid = from + (direction === 1 ? Math.floor(steps + 1e-6) + 1 : Math.ceil(steps - 1e-6) - 1) * step;
  return Math.min(max, Math.max(min, Number(onGrid.toFixed(6))));
}

/** Null where a number may stand in a field; else a message that names the field and says what to type. */
export function refuseNumber(path: NumberPath, value: number, system: UnitSystem): string | null {
  const { label, kind, min, max, aboveZero } = numberField(path);
  const example = kind.example[system];
  if (!Number.isFinite(value)) return `${label}: type a number, such as ${example}.`;
  if (aboveZero && value <= 0) return `${label}: must be more than zero. Type ${example}.`;
  const show = (end: number) => formatQuantity(end, kind, system);
  if (value < min) return `${label}: ${show(value)} is under ${show(min)}. Type ${example}.`;
  if (value > max) return `${label}: ${show(value)} is over ${show(max)}. Type ${example}.`;
  return null;
}
