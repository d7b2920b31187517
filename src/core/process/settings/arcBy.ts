import {
  BARE_FILLER,
  BARE_ONLY,
  FILLED_FOR,
  FLAT_ONLY,
  GAS_BEFORE_AND_AFTER,
  PURGE,
  SETTING_WIDTH,
  type BareFiller,
  type WireWayId,
} from '../../data/processSettings';
import type { BareFillerId } from '../../data/bareFillers';
import { metalFamily, type MetalGroup } from '../../data/metals';
import { jointTraits } from '../../data/joints';
import { isSheet } from '../../data/limits';
import type { OtherProcess } from '../../data/processIds';
import type { Pole } from '../../data/rods';
import type { FamilyId } from '../../data/families';
import type { JointWants } from '../../metal/wants';
import { isUneven, type JointGeometry } from '../../joint/geometry';
import { loadVoltage_V } from '../../heat/loadVoltage';
import type { PositionId } from '../../data/words';
import { mapRange, within, type Range } from '../../units/range';
import type { RoomState } from '../../judge/room';
import type { Source } from '../../units/sources';

/** A process with an arc, beside the stick. */
export type OtherArc = Exclude<OtherProcess, 'braze'>;

/** How an arc without a covered rod is set for a joint. Ranges are what is usual, not what is possible. */
export interface ArcBy {
  process: OtherArc;
  /** How wire with gas is run; null for other processes. */
  way: WireWayId | null;
  pole: Pole;
  /** The usual first; empty where the app knows none of that kind for the metal. */
  fillers: readonly BareFillerId[];
  /** Wire, or the filler rod of TIG. */
  filler_mm: number;
  tungsten: { diameter_mm: number; most_A: number } | null;
  current_A: Range;
  /** Null where the arc finds its own. */
  volts_V: Range | null;
  feed_m_min: Range | null;
  stickOut_mm: readonly [number, number] | null;
  /** Shielding gas; null where the wire makes its own. */
  gas_l_min: Range | null;
  /** Argon behind the root; null where none is wanted. */
  purge_l_min: Range | null;
  leg_mm: number | null;
  passes: number;
  bead_mm2: number;
  pace_mm_min: Range;
  /** Arc energy of a bead, no factor for the process in it. */
  energy_kJ_mm: Range;
  /** Down where sheet is led so. */
  upright: 'up' | 'down' | null;
  /** Of all its passes. */
  arc_min: number;
  /** Share of the time that the arc burns. */
  arcShare: number;
  gas_l: number | null;
  filler_kg: number;
  how: readonly string[];
  source: Source;
}

/** A limit of a process beside the stick: how it stands, and what to do about it. */
export interface LimitBy {
  title: string;
  state: Extract<RoomState, 'roomy' | 'tight' | 'none'>;
  words: string;
  source: Source;
}

/** What settings are worked out from; a joint without kind, thickness or section has none. */
export interface SetFor {
  joint: JointGeometry;
  wants: Pick<JointWants, 'rods' | 'families'>;
  position: PositionId | null;
  length_mm: number;
  carriesLoad: boolean;
  /** Access from one side only. */
  oneSided: boolean;
  /** Round a pipe: its outside diameter. */
  pipe_mm: number | null;
  /** How wire with gas is run; left out: short-circuit, or as light metal asks. */
  way?: WireWayId;
  /** Sizes on hand that the settings keep to, mm; empty where none is entered. */
  onHand: Sizes;
}

/** What is on hand by its size, mm. */
export interface Sizes {
  /** Reels, or rods, of a class that suits. */
  fillers_mm: readonly number[];
  tungstens_mm: readonly number[];
}

/** Thickness that sets the amps: the thin side, a little more beside a thick one, which the arc is held on. */
export const forAmps_mm = ({ ratio }: JointGeometry, thin_mm: number): number =>
  thin_mm * (1 + Math.min(LEANT.most, LEANT.perRatio * (ratio - 1)));
const LEANT = { most: 0.25, perRatio: 0.1 } as const;

/** Usual amps either side of the middle: wider on sheet, whole amps. */
export function usual_A(middle_A: number, thin_mm: number): Range {
  const { sheet, plate, plateFrom_mm } = SETTING_WIDTH;
  return mapRange(within(middle_A, thin_mm < plateFrom_mm ? sheet : plate), Math.round);
}

/** The bare filler that stands for the rod the metals ask for. */
export function fillersFor(process: OtherArc, { rods, families }: SetFor['wants']): readonly BareFillerId[] {
  const [rod] = rods;
  const bare: BareFiller | undefined = rod === undefined ? onlyBare(families) : BARE_FILLER[rod];
  return bare?.[process] ?? [];
}

/** Filled wires with gas that stand for the solid ones, those that the position allows. */
export const filledFor = (wants: SetFor['wants'], position: PositionId | null): readonly BareFillerId[] =>
  fillersFor('gas-wire', wants)
    .flatMap((id) => FILLED_FOR[id] ?? [])
    .filter((id) => position === 'flat' || position === 'horizontal' || !FLAT_ONLY.includes(id));

/** One filler for all that it may be, where no covered rod suits any. */
function onlyBare(families: readonly FamilyId[]): BareFiller | undefined {
  const found = families.map((family) => BARE_ONLY[family]);
  return found.every((bare) => bare !== undefined && bare.tig[0] === found[0]?.tig[0]) ? found[0] : undefined;
}

/** Section of a flat corner bead, a little convex, mm2. */
export const corner_mm2 = (leg_mm: number): number => 0.56 * leg_mm * leg_mm;

/** Groups whose roots burn with air behind them. */
const PURGED: ReadonlySet<MetalGroup> = new Set(['austenitic', 'ferritic', 'duplex', 'nickel-chromium']);

/** A side whose root burns with air behind it. */
export const burnsBehind = ({ families }: SetFor['wants']): boolean =>
  families.some((family) => PURGED.has(metalFamily(family).group));

/** Argon behind a root that the arc goes through to, from one side; null where none is wanted. */
export const purgeFor = ({ joint, wants, oneSided, pipe_mm }: SetFor): Range | null => {
  if (!burnsBehind(wants) || !oneSided || jointTraits(joint.kind)?.butt !== true) return null;
  return pipe_mm === null ? PURGE.sheet_l_min : PURGE.pipe_l_min;
};

/** Those rows whose size is on hand; all of them where none is. */
export function ofHand<T extends { diameter_mm: number }>(
  rows: readonly T[],
  onHand_mm: readonly number[],
): readonly T[] {
  const here = rows.filter(({ diameter_mm }) => onHand_mm.includes(diameter_mm));
  return here.length > 0 ? here : rows;
}

/** Everything that flows while the arc burns, and before and after it, litres. */
export const gasUsed_l = (flows: readonly (Range | null)[], arc_min: number): number =>
  flows.reduce((sum, flow) => sum + (flow?.nominal ?? 0), 0) * arc_min * (1 + GAS_BEFORE_AND_AFTER);

/** Arc energy of a bead at amps, volts and pace, kJ/mm: U I / v. */
export const energyOf = (
  process: OtherArc,
  current_A: number,
  volts_V: number | null,
  pace: Range,
): Range => {
  const watts = (volts_V ?? loadVoltage_V(process, current_A)) * current_A;
  const at = (mm_min: number) => (60 * watts) / mm_min / 1000;
  return { low: at(pace.high), nominal: at(pace.nominal), high: at(pace.low) };
};

/** Up or down the wall: sheet that carries nothing may be led down by wire, all else goes up. */
export const uprightFor = ({ joint, position, carriesLoad }: SetFor, downTo_mm: number): ArcBy['upright'] => {
  if (position !== 'vertical') return null;
  return (joint.thin_mm ?? 0) <= downTo_mm && !(carriesLoad && !isSheet(joint.thin_mm)) ? 'down' : 'up';
};

/** Where the arc stands, in words. */
export const aimFor = (joint: JointGeometry): string[] =>
  isUneven(joint) ? ['Arc on the thick side; the pool is let over to the thin one.'] : [];
