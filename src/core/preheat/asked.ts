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
import { exactly, within, type Range } from '../units/range';
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

/** The highest that any of it asks. */
export function askedOf(
  steels: readonly SteelAsked[],
  { wants, joint, rod, ironWay }: HeatContext,
  metal_C: number,
): Pick<HeatPlan, 'asked_C' | 'askedBy' | 'askedSource' | 'asker'> {
  const asks: Pick<HeatPlan, 'asked_C' | 'askedBy' | 'askedSource' | 'asker'>[] = steels.map((steel) => ({
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
      asked_C: exactly(soft && isReckoned(family) ? softFillerAsks_C(rule.preheatMin_C) : rule.preheatMin_C),
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
  return handWarm ? { ...most, asked_C: exactly(0) } : most;
}

/** The lowest ceiling of all that it may be, and of the weld metal. */
export function ceilingOf(
  families: readonly FamilyId[],
  ironWay: IronWay | null,
  rod: Pick<RodChoice, 'rodClass'> | null = null,
): Ceiling | null {
  const each = families.flatMap((family): Ceiling[] => {
    const rule = familyHeatRule(family, null, ironWay);
    const value_C = rule.interpassMax_C ?? rule.preheatMax_C;
    if (value_C !== null)
      return [{ value_C, words: `${metalFamily(family).name}: ${rule.words}`, source: rule.source }];
    if (!hardens(family)) return [];
    return [
      {
        value_C: STEEL_INTERPASS_MAX_C.value,
        words: 'Steel welded hotter than this loses toughness.',
        source: STEEL_INTERPASS_MAX_C.source,
      },
    ];
  });
  if (rod && isSoftFiller(rod.rodClass) && families.some(hardens))
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

const upTo5 = (value: number): number => 5 * Math.ceil(value / 5 - 1e-9);

/** The preheat the welder set, or what is asked with something over, under the ceiling. */
export function planned(
  job: Job,
  asked: Range,
  ceiling: Ceiling | null,
  most_C: number | null,
): Choice<number> | null {
  if (job.heat.preheat_C !== null) return { value: job.heat.preheat_C, by: 'you', why: 'You set it.' };
  if (asked.high <= COLD_STEEL.to_C && asked.high <= (job.look.air_C ?? ASSUMED.air_C)) return null;
  const over = upTo5(asked.high + Math.max(PREHEAT_MARGIN.least_C, PREHEAT_MARGIN.share * asked.high));
  const top = Math.min(most_C ?? Infinity, ceiling?.value_C ?? Infinity) - 5;
  const value = Math.max(Math.min(over, top), upTo5(Math.min(asked.high, top)));
  return { value, by: 'app', why: 'What is asked at its safe end, and a tenth over it.' };
}
