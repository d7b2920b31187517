import type { FamilyId } from '../../data/families';
import {
  ASSUMED_PIECE,
  HAND_WARM_FROM_C,
  PREHEAT_MARGIN,
  SOFT_FILLER_C,
  STEEL_INTERPASS_MAX_C,
} from '../../data/heatLimits';
import { heatProperties, STEEL_HEAT, USUAL_TORCH } from '../../data/heatProperties';
import { COLD_STEEL } from '../../data/hydrogenControl';
import { HOLDS_HYDROGEN } from '../../data/keeping';
import { WIND_ASSUMED_m_s } from '../../data/limits';
import { metalFamily } from '../../data/metals';
import { rodClass } from '../../data/rods';
import { PRACTICE } from '../../data/sources';
import { steelGrade } from '../../data/steelGrades';
import type { Job, Side } from '../../formats/job';
import type { Kit } from '../../formats/kit';
import { arcEnergy_kJ_in, arcHeat_W, heatInput_kJ_mm } from '../../heat/arcEnergy';
import { compositionOf } from '../../heat/composition';
import { coolingOf, correctionBy, type Correction } from '../../heat/cooling';
import { coolingTime85, SHAPE_FACTORS, type CoolingTime } from '../../heat/cooling85';
import { commonWarmth, familyHeatRule } from '../../heat/familyRule';
import { passLeaves_K_J, preheatLeft, type Piece } from '../../heat/piece';
import { governing, preheatOf, type PreheatQuestion } from '../../heat/preheat/preheat';
import { torchWork } from '../../heat/torch';
import type { JointGeometry } from '../../joint/geometry';
import type { JointWants } from '../../metal/wants';
import type { BeadPlan } from '../../rods/beads';
import type { RodChoice } from '../../rods/choose';
import type { RodHydrogen } from '../../rods/keeping/hydrogen';
import { exactly, within, type Range } from '../../units/range';
import type { Choice } from '../choice';
import type { Ceiling, HeatInput, HeatPlan, SteelAsked } from './heatPlan';

/** What the heat of a job is worked out from. */
export interface HeatContext {
  job: Job;
  kit: Kit;
  wants: JointWants;
  joint: JointGeometry;
  length_mm: number;
  rod: RodChoice | null;
  hydrogen: RodHydrogen | null;
  beads: BeadPlan | null;
}

/** Air where nobody says, °C. */
const AIR_C = 15;
/** Thickness put in while none is typed, mm: it only serves the words. */
const THICK_mm = 10;
/** Give and take of a hand's heat input, as a share. */
const HAND_SHARE = 0.15;
/** Hydrogen while no rod is chosen: anything from a dry basic rod to a rutile one, ml. */
const ANY_ROD: Range = { low: 5, nominal: 10, high: 25 };
const ANY_HEAT: Range = { low: 0.6, nominal: 1, high: 1.6 };
/** Up to this ceiling the metal is looked after rod by rod, °C. */
const EACH_ROD_TO_C = 100;

/** Groups whose preheat is reckoned by chemistry. */
const BY_CHEMISTRY: readonly string[] = ['carbon', 'hardenable'];
/** Families for which no reckoning helps: the weld cracks hot, or only the maker's chart counts. */
const NOT_BY_CHEMISTRY: readonly FamilyId[] = ['tool-steel', 'free-machining-steel'];

const isReckoned = (family: FamilyId): boolean =>
  BY_CHEMISTRY.includes(metalFamily(family).group) && !NOT_BY_CHEMISTRY.includes(family);

/** Works out the heat of a job: what is asked, what is planned, how it cools and what has to be waited for. */
export function resolveHeat(context: HeatContext): HeatPlan {
  const { job, kit, wants, joint } = context;
  const thick_mm = joint.thick_mm ?? THICK_mm;
  const input = heatInputOf(context.beads);
  const steels = steelsAsked(context, thick_mm, input);
  const rules = wants.families.map((id) => familyHeatRule(id, joint.thick_mm, job.heat.preheat_C));
  const metal_C = job.look.air_C ?? AIR_C;
  const asked = askedOf(steels, context, metal_C);
  const ceiling = ceilingOf(wants.families, job.heat.preheat_C);
  const preheat = planned(job, asked.asked_C, ceiling, commonWarmth(rules).max_C);
  const bare = pieceOf(context, metal_C, preheat?.value ?? metal_C, ceiling);
  const start_C = Math.max(metal_C, preheat?.value ?? metal_C);
  const tools = kit.tools.map(({ tool }) => tool);
  const noTorch = tools.length > 0 && !tools.includes('torch');
  const kW = job.heat.torch_kW ?? USUAL_TORCH.kW;
  const torch: HeatPlan['torch'] =
    preheat && preheat.value > metal_C + 5
      ? {
          kW,
          by: job.heat.torch_kW === null ? 'app' : 'you',
          work: torchWork(bare, preheat.value, kW),
        }
      : null;
  const piece = { ...bare, soaked_s: torch?.work.time_s?.nominal ?? 0 };
  const curve = curveOf(context, piece, preheat?.value ?? null);
  const correction = correctionOf(job, curve);
  const cooling = coolingOf(piece, correction?.kind === 'corrected' ? correction.faster : 1);
  const cools = (heat_kJ_mm: number, from_C: number): CoolingTime =>
    coolingTime85({
      heat_kJ_mm,
      thickness_mm: thick_mm,
      start_C: Math.min(from_C, 450),
      shape: joint.kind === null ? undefined : SHAPE_FACTORS[joint.kind],
    });
  return {
    steels,
    ...asked,
    ceiling,
    preheat,
    metal_C,
    start_C,
    torch,
    noTorch,
    input,
    fastest: input && cools(input.least_kJ_mm, start_C),
    slowest: input && cools(input.most_kJ_mm, ceiling ? Math.max(start_C, ceiling.value_C - 10) : start_C),
    piece,
    cooling,
    curve,
    correction,
    holds: {
      cooling,
      preheat_C: torch ? (preheat?.value ?? null) : null,
      warm_s: torch?.work.time_s?.nominal ?? 0,
      floor_C: torch ? Math.min(asked.asked_C.high, preheat?.value ?? Infinity) : null,
      ceiling_C: ceiling?.value_C ?? null,
      eachRod:
        (ceiling?.value_C ?? Infinity) <= EACH_ROD_TO_C ||
        wants.families.some((id) => metalFamily(id).group === 'aluminium'),
      goStraightOn: job.heat.goStraightOn,
    },
  };
}

function heatInputOf(beads: BeadPlan | null): HeatInput | null {
  if (!beads) return null;
  const each = beads.passes.map(({ rod, travel_mm_s }) => heatInput_kJ_mm(rod.current_A, travel_mm_s));
  const inches = beads.passes.map(({ rod, travel_mm_s }) => arcEnergy_kJ_in(rod.current_A, travel_mm_s));
  if (each.length === 0) return null;
  return {
    least_kJ_mm: Math.min(...each),
    most_kJ_mm: Math.max(...each),
    most_kJ_in: Math.max(...inches),
  };
}

/** Every steel that a side may be, asked for its preheat with this rod, thickness and heat. */
function steelsAsked(context: HeatContext, thick_mm: number, input: HeatInput | null): SteelAsked[] {
  const { job, wants, rod, hydrogen, joint } = context;
  if (joint.thick_mm === null) return [];
  const pieces: { side: 'A' | 'B'; record: Side }[] = [
    { side: 'A', record: job.metal.sideA },
    ...(job.metal.sameBothSides ? [] : [{ side: 'B' as const, record: job.metal.sideB }]),
  ];
  const coating = rod ? rodClass(rod.rodClass).coating : null;
  const softFiller = coating !== null && HOLDS_HYDROGEN.includes(coating);
  return pieces.flatMap(({ side, record }, n) =>
    (wants.sides[n] ?? [])
      .filter(({ family }) => isReckoned(family))
      .map(({ family }): SteelAsked => {
        const composition = compositionOf(record, family);
        const grade = steelGrade(record.grade);
        const question: PreheatQuestion = {
          family,
          rule: familyHeatRule(family, thick_mm),
          gradeUnknown: composition.by === 'family',
          thick_mm,
          hydrogen_ml: softFiller ? exactly(0) : (hydrogen?.ml ?? ANY_ROD),
          heat_kJ_mm: input ? within(input.least_kJ_mm, HAND_SHARE) : ANY_HEAT,
          restraint: job.heat.restraint ?? 'medium',
          restraintSet: job.heat.restraint,
          listed: grade && grade.family === family ? grade.listed : null,
          lowHydrogen: coating === 'basic' && (hydrogen?.ml.nominal ?? 99) <= 10,
          softFiller,
          picked: job.heat.method,
        };
        return { side, family, question, preheat: preheatOf(composition, question) };
      }),
  );
}

/** The highest that any of it asks. */
function askedOf(
  steels: readonly SteelAsked[],
  { wants, joint, rod, job }: HeatContext,
  metal_C: number,
): Pick<HeatPlan, 'asked_C' | 'askedBy' | 'askedSource' | 'asker'> {
  const asks: Pick<HeatPlan, 'asked_C' | 'askedBy' | 'askedSource' | 'asker'>[] = steels.map((steel) => ({
    asked_C: steel.preheat.asked_C,
    ...governing(steel.preheat, steel.question),
    asker: steel,
  }));
  const soft = rod !== null && HOLDS_HYDROGEN.includes(rodClass(rod.rodClass).coating);
  for (const family of wants.families) {
    if (isReckoned(family) && (joint.thick_mm !== null || soft)) continue;
    const rule = familyHeatRule(family, joint.thick_mm, job.heat.preheat_C);
    if (rule.preheatMin_C === null) continue;
    asks.push({
      asked_C: exactly(rule.preheatMin_C),
      askedBy: `The rule for ${metalFamily(family).name.toLowerCase()}.`,
      askedSource: rule.source,
      asker: null,
    });
  }
  // Steel colder than freezing is warmed to hand-warm first.
  if (metal_C < COLD_STEEL.below_C && steels.length > 0)
    asks.push({
      asked_C: exactly(COLD_STEEL.to_C),
      askedBy: 'Steel under freezing is warmed and dried first.',
      askedSource: COLD_STEEL.source,
      asker: null,
    });
  const none = {
    asked_C: exactly(0),
    askedBy: 'Nothing above the air is asked.',
    askedSource: PRACTICE,
    asker: null,
  };
  const most = asks.reduce((a, b) => (b.asked_C.high > a.asked_C.high ? b : a), asks[0] ?? none);
  const handWarm = most.asked_C.high <= SOFT_FILLER_C.value && metal_C >= HAND_WARM_FROM_C.value;
  return handWarm ? { ...most, asked_C: exactly(0) } : most;
}

/** The lowest ceiling of all that it may be. */
function ceilingOf(families: readonly FamilyId[], planned_C: number | null): Ceiling | null {
  const each = families.flatMap((family): Ceiling[] => {
    const rule = familyHeatRule(family, null, planned_C);
    const value_C = rule.interpassMax_C ?? rule.preheatMax_C;
    if (value_C !== null)
      return [{ value_C, words: `${metalFamily(family).name}: ${rule.words}`, source: rule.source }];
    if (!BY_CHEMISTRY.includes(metalFamily(family).group)) return [];
    return [
      {
        value_C: STEEL_INTERPASS_MAX_C.value,
        words: 'Steel welded hotter than this loses toughness.',
        source: STEEL_INTERPASS_MAX_C.source,
      },
    ];
  });
  return each.reduce<Ceiling | null>(
    (low, one) => (low === null || one.value_C < low.value_C ? one : low),
    null,
  );
}

const upTo5 = (value: number): number => 5 * Math.ceil(value / 5 - 1e-9);

/** The preheat the welder set, or what is asked with something over, under the ceiling. */
function planned(
  job: Job,
  asked: Range,
  ceiling: Ceiling | null,
  most_C: number | null,
): Choice<number> | null {
  if (job.heat.preheat_C !== null) return { value: job.heat.preheat_C, by: 'you', why: 'You set it.' };
  if (asked.high <= COLD_STEEL.to_C && asked.high <= (job.look.air_C ?? AIR_C)) return null;
  const over = upTo5(asked.high + Math.max(PREHEAT_MARGIN.least_C, PREHEAT_MARGIN.share * asked.high));
  const top = Math.min(most_C ?? Infinity, ceiling?.value_C ?? Infinity) - 5;
  const value = Math.max(Math.min(over, top), upTo5(Math.min(asked.high, top)));
  return { value, by: 'app', why: 'What is asked at its safe end, and a tenth over it.' };
}

/** The piece as heat sees it, with what is put in for blanks. */
function pieceOf(
  { job, wants, joint, length_mm }: HeatContext,
  metal_C: number,
  start_C: number,
  ceiling: Ceiling | null,
): Piece {
  const [likeliest] = wants.families;
  const wind = job.look.wind_m_s ?? (job.look.place === null ? 0 : WIND_ASSUMED_m_s[job.look.place].nominal);
  const length = job.heat.pieceLength_mm ?? length_mm + 2 * ASSUMED_PIECE.beyondJoint_mm;
  return {
    length_mm: Math.max(length, 20),
    width_mm: Math.max(job.heat.pieceWidth_mm ?? ASSUMED_PIECE.width_mm, 20),
    thickness_mm: ((joint.thin_mm ?? THICK_mm) + (joint.thick_mm ?? THICK_mm)) / 2,
    weldLength_mm: length_mm,
    metal: likeliest === undefined ? STEEL_HEAT : heatProperties(likeliest),
    air_C: metal_C,
    wind_m_s: wind,
    soaked_s: 0,
    about_C: (start_C + (ceiling?.value_C ?? 150)) / 2,
  };
}

/** Cooling beside the first pass, as reckoned without any thermometer. */
function curveOf({ beads }: HeatContext, piece: Piece, preheat_C: number | null): HeatPlan['curve'] {
  const pass = beads?.passes[0];
  if (!pass) return null;
  const energy_J = arcHeat_W(pass.rod.current_A) * pass.arcPerRod_s * pass.rods;
  const rise_K = preheat_C === null ? 0 : Math.max(0, preheat_C - piece.air_C);
  const arc_s = pass.arcPerRod_s * pass.rods;
  return (after_s) =>
    piece.air_C +
    rise_K * preheatLeft(piece, after_s + arc_s) +
    energy_J * passLeaves_K_J(piece, Math.max(after_s, 1));
}

function correctionOf({ heat }: Job, curve: HeatPlan['curve']): Correction | null {
  if (heat.reading_C === null || heat.readingAfter_s === null || !curve) return null;
  return correctionBy(curve, heat.reading_C, heat.readingAfter_s);
}
