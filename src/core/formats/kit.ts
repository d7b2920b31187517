import { z } from 'zod';
import { BARE_FILLER_IDS, BARE_SIZES } from '../data/bareFillers';
import { RAN_IDS } from '../data/bench';
import { BREAKER_IDS } from '../data/breakers';
import { CABLE_IDS } from '../data/cables';
import { GAS_IDS, TUNGSTEN_KINDS, TUNGSTEN_SIZES } from '../data/gases';
import { DIAL_IDS, FUELS, HELPS, LIES, MACHINE_TYPE_IDS } from '../data/machines';
import { ARC_PROCESSES } from '../data/processIds';
import { POLES, ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { TIN_EVENT_IDS } from '../data/tinEvents';
import { TOOL_IDS } from '../data/tools';
import { idsOf, POSITIONS } from '../data/words';
import { LONGEST, MOST_INPUTS, MOST_ITEMS, MOST_PHOTOS, MOST_RATED, MOST_TIN_EVENTS } from './limits';
import { idText, optionalNumber, shortText, typedTexts } from './parts';

/** A column of the plate: what the machine takes and gives on one supply. Null volts: whatever it is plugged into. */
const Input = z.object({
  volts_V: optionalNumber('machine.inputVolts_V'),
  phases: z.union([z.literal(1), z.literal(3)]),
  /** I1max and I1eff. */
  inputMax_A: optionalNumber('machine.inputMax_A'),
  inputEff_A: optionalNumber('machine.inputEff_A'),
  /** Largest welding current on it, where it is less than on others. */
  top_A: optionalNumber('machine.inputTop_A'),
});
export type Input = z.infer<typeof Input>;

const fuel = z.enum(idsOf(FUELS)).nullable();

/** A machine as its nameplate tells it. Null: not on the plate, or not readable. */
export const Machine = z.object({
  id: idText,
  name: shortText,
  type: z.enum(MACHINE_TYPE_IDS),
  dial: z.enum(DIAL_IDS),
  poles: z.array(z.enum(POLES)).min(1),
  min_A: optionalNumber('machine.min_A'),
  max_A: optionalNumber('machine.max_A'),
  ocv_V: optionalNumber('machine.ocv_V'),
  processes: z.array(z.enum(ARC_PROCESSES)).min(1).max(4),
  /** Rated points: amps at a duty of so many percent, in one process, on one supply or (null) on any. */
  rated: z
    .array(
      z.object({
        process: z.enum(ARC_PROCESSES),
        volts_V: optionalNumber('machine.inputVolts_V'),
        current_A: optionalNumber('machine.ratedCurrent_A'),
        duty_pct: optionalNumber('machine.ratedDuty_pct'),
      }),
    )
    .max(MOST_RATED),
  inputs: z.array(Input).max(MOST_INPUTS),
  idle_A: optionalNumber('machine.idle_A'),
  powerFactor: optionalNumber('machine.powerFactor'),
  efficiency_pct: optionalNumber('machine.efficiency_pct'),
  hotStart: z.enum(idsOf(HELPS)).nullable(),
  arcForce: z.enum(idsOf(HELPS)).nullable(),
  /** It holds its open volts down until the rod touches (VRD). Absent: nobody looked. */
  voltageReducer: z.boolean().optional(),
  battery_Wh: optionalNumber('machine.battery_Wh'),
  /** Amps that run right on it, as a share of what table or packet say: found on scrap. */
  bias_pct: optionalNumber('machine.bias_pct'),
  fuel,
  /** Pictures of the nameplate, by id; the pictures themselves are kept apart. */
  photos: z.array(idText).max(MOST_PHOTOS),
  typed: typedTexts,
});
export type Machine = z.infer<typeof Machine>;

/** Where the power comes from, with the cord that usually hangs on it. */
export const Supply = z.object({
  id: idText,
  name: shortText,
  volts_V: optionalNumber('supply.volts_V'),
  kind: z.enum(['socket', 'generator']),
  /** What a generator runs at for hours; null for a socket. */
  rating_kW: optionalNumber('supply.rating_kW'),
  rating_kVA: optionalNumber('supply.rating_kVA'),
  /** What it stands for a moment. */
  surge_kVA: optionalNumber('supply.surge_kVA'),
  fuel,
  altitude_m: optionalNumber('supply.altitude_m'),
  /** Of a kWh, or of a litre for a generator. */
  price: optionalNumber('supply.price'),
  plug_A: optionalNumber('supply.plug_A'),
  /** Of a long line, there and back. */
  source_ohm: optionalNumber('supply.source_ohm'),
  phases: z.union([z.literal(1), z.literal(3)]),
  breaker_A: optionalNumber('supply.breaker_A'),
  /** What else runs on the same breaker. */
  others_A: optionalNumber('supply.others_A'),
  breakerKind: z.enum(BREAKER_IDS),
  cordLength_m: optionalNumber('supply.cordLength_m'),
  cordSize: z.enum(CABLE_IDS).nullable(),
  cordLie: z.enum(idsOf(LIES)).nullable(),
  typed: typedTexts,
});
export type Supply = z.infer<typeof Supply>;

/** Something that happened to a tin of rods, and when. */
const TinEvent = z.object({ at: z.iso.datetime(), kind: z.enum(TIN_EVENT_IDS) });
export type TinEvent = z.infer<typeof TinEvent>;

/** Rods of one class and size on hand. The packet's own amp range wins over the table. */
export const Tin = z.object({
  id: idText,
  rodClass: z.enum(ROD_CLASS_IDS),
  size: z.enum(ROD_SIZE_IDS),
  /** The word on the rods, as it was typed. */
  printed: z.string().max(LONGEST.printed),
  count: optionalNumber('tin.count'),
  low_A: optionalNumber('tin.low_A'),
  high_A: optionalNumber('tin.high_A'),
  /** Of a new rod; blank: as its size is mostly sold. */
  length_mm: optionalNumber('tin.length_mm'),
  note: z.string().max(LONGEST.note),
  /** What happened to it, in any order; none: nobody wrote anything down. */
  events: z.array(TinEvent).max(MOST_TIN_EVENTS),
  typed: typedTexts,
});
export type Tin = z.infer<typeof Tin>;

/** A cord between socket and machine, beside those that hang on a supply. */
export const CordItem = z.object({
  id: idText,
  name: shortText,
  length_m: optionalNumber('cord.length_m'),
  size: z.enum(CABLE_IDS),
  typed: typedTexts,
});
export type CordItem = z.infer<typeof CordItem>;

/** A pair of weld leads: rod and work, each so long. */
export const LeadSet = z.object({
  id: idText,
  name: shortText,
  length_m: optionalNumber('leads.length_m'),
  size: z.enum(CABLE_IDS),
  typed: typedTexts,
});
export type LeadSet = z.infer<typeof LeadSet>;

/** Something to measure, test or prepare with. */
export const Tool = z.object({
  id: idText,
  tool: z.enum(TOOL_IDS),
  /** What a torch or gun stands: amps, and the share of ten minutes at them. */
  rated_A: optionalNumber('tool.rated_A'),
  duty_pct: optionalNumber('tool.duty_pct'),
  note: z.string().max(LONGEST.note),
  typed: typedTexts,
});
export type Tool = z.infer<typeof Tool>;

/** Wire on a reel, or bare rods, of one class and size. */
export const FillerItem = z.object({
  id: idText,
  cls: z.enum(BARE_FILLER_IDS),
  as: z.enum(['reel', 'rods']),
  size: z.enum(BARE_SIZES),
  /** The word on it, as it was typed. */
  printed: z.string().max(LONGEST.printed),
  left_kg: optionalNumber('filler.left_kg'),
  note: z.string().max(LONGEST.note),
  typed: typedTexts,
});
export type FillerItem = z.infer<typeof FillerItem>;

/** A bottle of gas. */
export const Bottle = z.object({
  id: idText,
  gas: z.enum(GAS_IDS),
  /** Litres of water it holds. */
  size_l: optionalNumber('bottle.size_l'),
  /** What its gauge reads. */
  pressure_bar: optionalNumber('bottle.pressure_bar'),
  /** Of CO2, which is liquid: its gauge says nothing. */
  left_kg: optionalNumber('bottle.left_kg'),
  note: z.string().max(LONGEST.note),
  typed: typedTexts,
});
export type Bottle = z.infer<typeof Bottle>;

/** Tungstens of one kind and size. */
export const Tungsten = z.object({
  id: idText,
  kind: z.enum(idsOf(TUNGSTEN_KINDS)),
  size: z.enum(TUNGSTEN_SIZES),
  count: optionalNumber('tungsten.count'),
  note: z.string().max(LONGEST.note),
  typed: typedTexts,
});
export type Tungsten = z.infer<typeof Tungsten>;

/** A bead on scrap, and how it ran: what amps, machine and tin are worth in this hand. */
export const Trial = z.object({
  id: idText,
  at: z.iso.datetime(),
  machineId: idText.nullable(),
  tinId: idText.nullable(),
  process: z.enum(ARC_PROCESSES),
  rodClass: z.enum(ROD_CLASS_IDS),
  size: z.enum(ROD_SIZE_IDS),
  thickness_mm: optionalNumber('trial.thickness_mm'),
  position: z.enum(idsOf(POSITIONS)).nullable(),
  /** What the dial stood at, and what chart or packet say for such a piece with no trial counted. */
  set_A: optionalNumber('trial.set_A'),
  chart_A: optionalNumber('trial.chart_A'),
  /** By an ammeter on the lead. */
  read_A: optionalNumber('trial.read_A'),
  ran: z.enum(RAN_IDS).nullable(),
  /** Left out of what is learned. */
  leftOut: z.boolean(),
  note: z.string().max(LONGEST.note),
  typed: typedTexts,
});
export type Trial = z.infer<typeof Trial>;

/** Everything on the truck. */
export const Kit = z.object({
  machines: z.array(Machine).max(MOST_ITEMS.machines),
  supplies: z.array(Supply).max(MOST_ITEMS.supplies),
  tins: z.array(Tin).max(MOST_ITEMS.tins),
  cords: z.array(CordItem).max(MOST_ITEMS.cords),
  leads: z.array(LeadSet).max(MOST_ITEMS.leads),
  tools: z.array(Tool).max(MOST_ITEMS.tools),
  fillers: z.array(FillerItem).max(MOST_ITEMS.fillers),
  bottles: z.array(Bottle).max(MOST_ITEMS.bottles),
  tungstens: z.array(Tungsten).max(MOST_ITEMS.tungstens),
  trials: z.array(Trial).max(MOST_ITEMS.trials),
});
export type Kit = z.infer<typeof Kit>;
