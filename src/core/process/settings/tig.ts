import {
  TIG_ARC_SHARE,
  TIG_BEAD_mm2,
  TIG_FILLER,
  TIG_PACE_WIDTH,
  TIG_POSITION,
  TIG_ROOT,
  tigSettings,
  TUNGSTENS,
} from '../../data/processSettings';
import { metalFamily } from '../../data/metals';
import { jointTraits } from '../../data/joints';
import { within, type Range } from '../../units/range';
import { alongRows } from '../../units/rows';
import {
  aimFor,
  corner_mm2,
  energyOf,
  fillersFor,
  forAmps_mm,
  ofHand,
  uprightFor,
  usual_A,
  burnsBehind,
  gasUsed_l,
  purgeFor,
  type ArcBy,
  type SetFor,
} from './arcBy';

/** Answers "what do I set TIG to?" Null while kind, thickness or section are not known. */
export function tigBy(set: SetFor): ArcBy | null {
  const { joint, wants } = set;
  const { thin_mm, kind } = joint;
  if (thin_mm === null || kind === null || joint.area_mm2 === null) return null;
  const groups = wants.families.map((family) => metalFamily(family).group);
  const light = groups.includes('aluminium');
  const purged = burnsBehind(wants);
  // The side that heats and draws least sets it: stainless beside steel is welded as stainless.
  const group = light ? 'aluminium' : purged ? 'austenitic' : (groups[0] ?? null);
  const row = tigSettings(group);
  const root = isRoot(set) && !light;
  const middle_A = amps(set, thin_mm, { root, purged, row });
  const pole = light ? 'AC' : 'DCEN';
  const current_A = usual_A(middle_A, thin_mm);
  const here = ofHand(TUNGSTENS, set.onHand.tungstens_mm);
  const tungsten =
    here.find(
      ({ usual, diameter_mm }) =>
        current_A.nominal <= usual[pole] && (!root || diameter_mm >= TIG_ROOT.tungsten_mm),
    ) ?? (here.at(-1) as (typeof TUNGSTENS)[number]);
  const area_mm2 = joint.leg_mm === null ? joint.area_mm2 : corner_mm2(joint.leg_mm);
  const most_mm2 = light ? TIG_BEAD_mm2.aluminium : TIG_BEAD_mm2.steel;
  const passes = Math.max(1, Math.ceil(area_mm2 / most_mm2));
  const pace: Range = root ? TIG_ROOT.pace : within(alongRows(row.pace, thin_mm), TIG_PACE_WIDTH);
  const arc_min = (set.length_mm * passes) / pace.nominal;
  const [low, high] = tungsten.gas_l_min;
  const flow: Range = { low, nominal: (low + high) / 2, high };
  const purge = purgeFor(set);
  const rod_mm = (TIG_FILLER.find(({ upTo_mm }) => thin_mm <= upTo_mm) ?? TIG_FILLER[2]).diameter_mm;
  const upright = uprightFor(set, 0);
  return {
    process: 'tig',
    way: null,
    pole,
    fillers: fillersFor('tig', wants),
    filler_mm: nearestOf(set.onHand.fillers_mm, rod_mm),
    tungsten: { diameter_mm: tungsten.diameter_mm, most_A: tungsten.most[pole] },
    current_A,
    volts_V: null,
    feed_m_min: null,
    stickOut_mm: null,
    gas_l_min: flow,
    purge_l_min: purge,
    leg_mm: joint.leg_mm,
    passes,
    bead_mm2: area_mm2 / passes,
    pace_mm_min: pace,
    energy_kJ_mm: energyOf('tig', current_A.nominal, null, pace),
    upright,
    arc_min,
    arcShare: TIG_ARC_SHARE,
    gas_l: gasUsed_l([flow, purge], arc_min),
    filler_kg: area_mm2 * set.length_mm * (light ? 2.7e-6 : 7.85e-6),
    how: [
      light
        ? 'AC, 20 to 35 % electrode positive: enough to keep the skin broken, no more. Amps down as the part warms.'
        : 'Tungsten ground to a point along its length. Thoriated ones: their dust is not breathed; use another kind.',
      'Torch pushed, 10 to 15° back from square; arc about as long as the tungsten is thick; rod kept in the gas.',
      ...(root ? ['Open root: tacks feathered, a small keyhole led on, filler fed from the front.'] : []),
      ...(purge ? ['Argon behind the root before the arc, and till the second pass is in.'] : []),
      'Gas on before the arc and after it, till the end has lost its glow; fade the crater out.',
      ...aimFor(joint),
    ],
    source: root ? TIG_ROOT.source : row.source,
  };
}

/** The size on hand that lies nearest to what is usual; the usual one where none is. */
const nearestOf = (onHand_mm: readonly number[], usual_mm: number): number =>
  onHand_mm.reduce<number | null>(
    (best, mm) => (best === null || Math.abs(mm - usual_mm) < Math.abs(best - usual_mm) ? mm : best),
    null,
  ) ?? usual_mm;

/** An open groove, or a butt round a pipe: what the keyhole stands sets its amps. */
const isRoot = ({ joint, oneSided }: SetFor): boolean =>
  oneSided && jointTraits(joint.kind)?.butt === true && (joint.gap_mm ?? 0) >= KEYHOLE_GAP_mm;
const KEYHOLE_GAP_mm = 2;

function amps(
  { joint, position }: SetFor,
  thin_mm: number,
  { root, purged, row }: { root: boolean; purged: boolean; row: ReturnType<typeof tigSettings> },
): number {
  if (root) return alongRows(TIG_ROOT.steel_A, thin_mm) * (purged ? TIG_ROOT.stainlessShare : 1);
  return (
    alongRows(row.fillet_A, forAmps_mm(joint, thin_mm)) *
    (jointTraits(joint.kind)?.butt ? row.buttShare : 1) *
    (position === null ? 1 : TIG_POSITION[position])
  );
}
