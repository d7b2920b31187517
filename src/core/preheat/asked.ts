import { midSentence } from '../units/format';
import type { FamilyId } from '../data/families';
import {
  ASSUMED_HEAT as ASSUMED,
  HAND_HEAT,
  HAND_WARM_FROM_C,
  PREHEAT_MARGIN,
  HAND_WARM_C,
  SOFT_FILLER,
  STEEL_INTERPASS_MAX_C,
} from '../data/heatLimits';
import { HEAT_RULES, type HeatRule } from '../data/heatRules';
import { COLD_STEEL } from '../data/hydrogenControl';
import type { IronWay } from '../data/ironIds';
import { metalFamily } from '../data/metals';
import { rodClass } from '../data/rods';
import { PRACTICE } from '../units/sources';
import { steelGrade } from '../data/steelGrades';
import type { Job, Side } from '../formats/job';
import type { Kit } from '../formats/kit';
import { compositionOf } from '../heat/composition';
import { familyHeatRule } from '../heat/familyRule';
import { hardens, isReckoned, isSoftFiller, softFillerAsks_C } from '../heat/softFiller';
import { governing, preheatOf, type PreheatQuestion } from './preheat';
import type { JointGeometry } from '../joint/geometry';
import type { JointWants } from '../metal/wants';
import type { BeadPlan } from '../rods/beads';
import type { RodChoice } from '../rods/choose';
import type { RodHydrogen } from '../rods/keeping/hydrogen';
import { exactly, within } from '../units/range';
import type { Choice } from '../judge/choice';
import type { Ceiling, HeatInput, HeatPlan, SteelAsked } from './heatPlan';

/** What is asked of temperature: by the chemistry of every steel it may be, and by the rules of the families. */

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
  /** How a casting is mended; null where there is none. */
  ironWay: IronWay | null;
}

/** Every steel that a side may be, asked for its preheat with this rod, thickness and heat. */
export function steelsAsked(context: HeatContext, thick_mm: number, input: HeatInput | null): SteelAsked[] {
  const { job, wants, rod, hydrogen, joint } = context;
  if (joint.thick_mm === null) return [];
  const pieces: { side: 'A' | 'B'; record: Side }[] = [
    { side: 'A', record: job.metal.sideA },
    ...(job.metal.sameBothSides ? [] : [{ side: 'B' as const, record: job.metal.sideB }]),
  ];
  const coating = rod ? rodClass(rod.rodClass).coating : null;
  const softFiller = rod !== null && isSoftFiller(rod.rodClass);
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
          read: composition.by === 'read',
          thick_mm,
          hydrogen_ml: softFiller ? exactly(0) : (hydrogen?.ml ?? ASSUMED.hydrogen_ml),
          heat_kJ_mm: input ? within(input.least_kJ_mm, HAND_HEAT.share) : ASSUMED.heat_kJ_mm,
          restraint: job.heat.restraint ?? 'medium',
          restraintSet: job.heat.restraint,
          listed: grade && grade.family === family ? grade.listed : null,
          lowHydrogen: coating === 'basic' && (hydrogen?.ml.nominal ?? 99) <= 10,
          softFiller,
          picked: job.heat.method,
        };
        const preheat = preheatOf(composition, question);
        return { side, family, question: preheat.question, preheat };
      }),
  );
}

type Asked = Pick<HeatPlan, 'asked_C' | 'aim_C' | 'askedBy' | 'askedSource' | 'asker'>;

/** The highest that any of it asks. */
export function askedOf(
  steels: readonly SteelAsked[],
  { wants, joint, rod, ironWay }: HeatContext,
  metal_C: number,
): Asked {
  const asks: Omit<Asked, 'aim_C'>[] = steels.map((steel) => ({
    asked_C: steel.preheat.asked_C,
    ...governing(steel.preheat, steel.question),
    asker: steel,
  }));
  const soft = rod !== null && isSoftFiller(rod.rodClass);
  for (const family of wants.families) {
    if (isReckoned(family) && joint.thick_mm !== null) continue;
    const rule = familyHeatRule(family, joint.thick_mm, ironWay);
    if (rule.preheatMin_C === null) continue;
    asks.push({
      asked_C: exactly(soft ? underSoft_C(family, rule) : rule.preheatMin_C),
      askedBy: `The rule for ${midSentence(metalFamily(family).name)}.`,
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
  const handWarm = most.asked_C.high <= HAND_WARM_C.value && metal_C >= HAND_WARM_FROM_C.value;
  const asked = handWarm ? { ...most, asked_C: exactly(0) } : most;
  const { nominal, high } = asked.asked_C;
  return { ...asked, aim_C: asked.asker?.question.rule.forUsual ? nominal : high };
}

/** The lowest ceiling of all that it may be, and of the weld metal. */
export function ceilingOf(
  families: readonly FamilyId[],
  ironWay: IronWay | null,
  rod: Pick<RodChoice, 'rodClass'> | null = null,
  isWarmed = false,
): Ceiling | null {
  const harder = families.flatMap((family) =>
    hardens(family) ? [familyHeatRule(family, null, ironWay).interpassMax_C ?? 0] : [],
  );
  const each = families.flatMap((family): Ceiling[] => {
    const rule = familyHeatRule(family, null, ironWay);
    const most_C = rule.interpassMax_C ?? rule.preheatMax_C;
    const value_C = isWarmed ? (rule.beside_C ?? most_C) : most_C;
    if (value_C !== null)
      return [{ value_C, words: `${metalFamily(family).name}: ${rule.words}`, source: rule.source }];
    // What plain steel likes does not overrule what the harder side needs.
    if (!hardens(family) || harder.some((most_C) => most_C > STEEL_INTERPASS_MAX_C.value)) return [];
    return [
      {
        value_C: STEEL_INTERPASS_MAX_C.value,
        words: 'Steel welded hotter than this loses toughness.',
        source: STEEL_INTERPASS_MAX_C.source,
      },
    ];
  });
  if (rod && isSoftFiller(rod.rodClass) && families.some((id) => hardens(id) || HEAT_RULES[id].underSoft_C))
    each.push({
      value_C: SOFT_FILLER.beads_C,
      words: 'Austenitic and nickel beads crack hot when they are laid hotter than this.',
      source: SOFT_FILLER.source,
    });
  return each.reduce<Ceiling | null>(
    (low, one) => (low === null || one.value_C < low.value_C ? one : low),
    null,
  );
}

/** What a family that no chemistry is reckoned of asks under weld metal that keeps its hydrogen, °C. */
const underSoft_C = (family: FamilyId, { preheatMin_C, underSoft_C: soft_C }: HeatRule): number =>
  soft_C ?? (isReckoned(family) ? softFillerAsks_C(preheatMin_C ?? 0) : (preheatMin_C ?? 0));

const upTo5 = (value: number): number => 5 * Math.ceil(value / 5 - 1e-9);

/**
 * What has to be reached before the plan is shut, °C: what the usual piece asks, or of ordinary steel the luckiest. What only an unlucky
 * piece would ask for is a warning.
 */
export const shutUnder_C = ({ asker, asked_C }: Pick<HeatPlan, 'asker' | 'asked_C'>): number =>
  asker?.question.rule.plain ? asked_C.low : asked_C.nominal;

/** The preheat the welder set, or what is asked with something over, under the ceiling. */
export function planned(
  job: Job,
  { aim_C: asked_C, asker }: Pick<HeatPlan, 'asker' | 'aim_C'>,
  ceiling: Ceiling | null,
  most_C: number | null,
): Choice<number> | null {
  if (job.heat.preheat_C !== null) return { value: job.heat.preheat_C, by: 'you', why: 'You set it.' };
  if (asked_C <= COLD_STEEL.to_C && asked_C <= (job.look.air_C ?? ASSUMED.air_C)) return null;
  const over = upTo5(asked_C + Math.max(PREHEAT_MARGIN.least_C, PREHEAT_MARGIN.share * asked_C));
  const top = Math.min(most_C ?? Infinity, ceiling?.value_C ?? Infinity) - 5;
  const value = Math.max(Math.min(over, top), upTo5(Math.min(asked_C, top)));
  const why = asker?.question.rule.forUsual
    ? 'What is asked of the usual piece of this steel, and a tenth over it.'
    : 'What is asked at its safe end, and a tenth over it.';
  return { value, by: 'app', why };
}
