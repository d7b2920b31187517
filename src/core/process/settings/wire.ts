import {
  SELF_SHIELDED_mm,
  SINGLE_PASS_WIRE,
  WIRE_DOWN_mm,
  WIRE_SETTINGS,
  WIRE_WAYS,
  type Wire,
  type WireSettings,
} from '../../data/processSettings';
import { BARE_FILLERS } from '../../data/bareFillers';
import { metalFamily } from '../../data/metals';
import { jointTraits } from '../../data/joints';
import { isSheet } from '../../data/limits';
import { within, type Range } from '../../units/range';
import { alongRows } from '../../units/rows';
import {
  aimFor,
  corner_mm2,
  energyOf,
  filledFor,
  fillersFor,
  forAmps_mm,
  ofHand,
  uprightFor,
  usual_A,
  gasUsed_l,
  purgeFor,
  type ArcBy,
  type SetFor,
} from './arcBy';

/** Steel in a cubic millimetre, kg. */
const STEEL_kg_mm3 = 7.85e-6;

/**
 * Wire fed at so many amps, m/min: a I / d2 + b L I2 / d4, by the arc and by its own resistance.
 * @param stickOut_mm from the tip to the work
 */
export function feed_m_min(
  { melting, filled }: WireSettings,
  { diameter_mm }: Pick<Wire, 'diameter_mm'>,
  current_A: number,
  stickOut_mm: number,
): number {
  const byArc = (melting.arc_mm3_As * current_A) / diameter_mm ** 2;
  const byItself = (melting.ohmic_mm3_A2s * stickOut_mm * current_A ** 2) / diameter_mm ** 4;
  return ((byArc + byItself) * 60) / 1000 / filled;
}

/** Answers "what do I set the wire to?" Null while kind, thickness or section are not known. */
export function wireBy(process: 'gas-wire' | 'cored-wire', set: SetFor): ArcBy | null {
  const { joint, wants, position } = set;
  const { thin_mm, kind } = joint;
  if (thin_mm === null || kind === null || joint.area_mm2 === null) return null;
  const way = process === 'cored-wire' ? null : (set.way ?? (isLight(wants) ? 'aluminium' : 'short'));
  const row: WireSettings = way === null ? WIRE_SETTINGS[process] : WIRE_WAYS[way];
  const traits = jointTraits(kind);
  const upright = uprightFor(set, WIRE_DOWN_mm.value);
  const byPosition =
    position === 'overhead' ? row.position.overhead : upright === null ? 1 : row.position[upright];
  const middle_A =
    alongRows(row.fillet_A, forAmps_mm(joint, thin_mm)) * (traits?.butt ? row.buttShare : 1) * byPosition;
  const wire = wireFor(row, ofHand(row.wires, set.onHand.fillers_mm), thin_mm, middle_A);
  const reach_mm = (wire.stickOut_mm[0] + wire.stickOut_mm[1]) / 2;
  const current_A = usual_A(Math.min(wire.amps.high_A, Math.max(wire.amps.low_A, middle_A)), thin_mm);
  const feedAt = (amps: number) => feed_m_min(row, wire, amps, reach_mm);
  const feed: Range = {
    low: feedAt(current_A.low),
    nominal: feedAt(current_A.nominal),
    high: feedAt(current_A.high),
  };
  const { base_V, perAmp_V, width_V } = row.volts;
  const volts = base_V + perAmp_V * current_A.nominal;
  const leg_mm = legFor(row, set, thin_mm);
  const area_mm2 = leg_mm === null ? joint.area_mm2 : corner_mm2(leg_mm);
  const passes = Math.max(1, Math.ceil(area_mm2 / row.mostBead_mm2));
  const wire_mm2 = (Math.PI * wire.diameter_mm ** 2) / 4;
  const laid_mm3_min = feed.nominal * 1000 * wire_mm2 * row.filled * row.recovery;
  const pace = within((laid_mm3_min * passes) / area_mm2, PACE_WIDTH);
  const arc_min = (set.length_mm * passes) / pace.nominal;
  const flow = row.gas_l_min;
  const purge = purgeFor(set);
  const singlePass = process === 'cored-wire' && thin_mm <= SELF_SHIELDED_mm.singlePassTo;
  const fillers = way === 'filled' ? filledFor(wants, position) : fillersFor(process, wants);
  const [filler] = fillers;
  return {
    process,
    way,
    pole: process === 'gas-wire' ? 'DCEP' : 'DCEN',
    fillers: singlePass && fillers.includes('E71T-11') ? [SINGLE_PASS_WIRE, ...fillers] : fillers,
    filler_mm: wire.diameter_mm,
    tungsten: null,
    current_A,
    volts_V: { low: volts - width_V, nominal: volts, high: volts + width_V },
    feed_m_min: feed,
    stickOut_mm: wire.stickOut_mm,
    gas_l_min: flow,
    purge_l_min: purge,
    leg_mm,
    passes,
    bead_mm2: area_mm2 / passes,
    pace_mm_min: pace,
    energy_kJ_mm: energyOf(process, current_A.nominal, volts, pace),
    upright,
    arc_min,
    arcShare: row.arcShare,
    gas_l: flow && gasUsed_l([flow, purge], arc_min),
    filler_kg:
      (area_mm2 * set.length_mm * (filler ? BARE_FILLERS[filler].density : STEEL_kg_mm3)) / row.recovery,
    how: [
      row.lead,
      ...(upright === 'down' ? ['Downwards, fast, ahead of the pool: on sheet only.'] : []),
      ...(upright === 'up' ? ['Upwards: a tight zigzag, waiting at the toes.'] : []),
      ...(isSheet(thin_mm) ? ['Short runs, skipped about; spots tied together at a gap.'] : []),
      ...aimFor(joint),
    ],
    source: row.source,
  };
}

const isLight = ({ families }: SetFor['wants']): boolean =>
  families.some((family) => metalFamily(family).group === 'aluminium');

/** Pace by hand lies so far either side, by share. */
const PACE_WIDTH = 0.14;

/** The reel usual for the thickness, or the nearest that runs at those amps. */
function wireFor({ wires }: WireSettings, here: readonly Wire[], thin_mm: number, current_A: number): Wire {
  const usual = wires.findIndex(({ upTo_mm }) => thin_mm <= upTo_mm);
  const fits = ({ amps }: Wire) => current_A >= amps.low_A && current_A <= amps.high_A;
  const byNearness = here
    .map((wire) => ({ wire, away: Math.abs(wires.indexOf(wire) - usual) }))
    .sort((a, b) => a.away - b.away);
  return (byNearness.find(({ wire }) => fits(wire)) ?? byNearness[0])?.wire as Wire;
}

/** The leg asked, but on sheet none smaller than a wire lays. */
function legFor({ leg }: WireSettings, { joint }: SetFor, thin_mm: number): number | null {
  if (joint.leg_mm === null) return null;
  if (joint.legBy === 'you' || thin_mm > LEG_LAID_TO_mm) return joint.leg_mm;
  return Math.max(joint.leg_mm, leg.base_mm + leg.perMm * thin_mm);
}
const LEG_LAID_TO_mm = 4;
