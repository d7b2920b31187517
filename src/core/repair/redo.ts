import { DEFECTS } from '../data/findings';
import { BEYOND_END_mm, damageTraits } from '../data/damage';
import { blankJob } from '../formats/blankJob';
import type { CheckResult, Job } from '../formats/job';
import { LONGEST } from '../formats/limits';

/** Whether a finding is mended by a repair of its own: metal has to come out. */
export const asksForRepair = ({ what }: Pick<CheckResult, 'what'>): boolean =>
  what !== null && DEFECTS[what].repair !== null;

/**
 * The repair of what was found in a weld, with what is known filled in: the metal, the place, the machine, how long it is. What may kill is
 * asked again, and what was reckoned for the weld before is not taken over.
 * @param id of the new job, @param createdAt when it is made
 * @returns null where nothing has to come out
 */
export function redoJob(job: Job, found: CheckResult, id: string, createdAt: string): Job | null {
  const repair = found.what === null ? null : DEFECTS[found.what].repair;
  if (repair === null || found.what === null) return null;
  const blank = blankJob(id, createdAt);
  const { damage, joint } = repair;
  const isCrack = damageTraits(damage)?.removal === 'crack';
  const { look, metal, power } = job;
  const { thicknessA_mm, thicknessB_mm, sameThickness } = job.joint;
  return {
    ...blank,
    title: `Done over: ${job.title || 'untitled job'}`.slice(0, LONGEST.title),
    look: {
      ...look,
      broke: [DEFECTS[found.what].name, found.words.trim()]
        .filter((words) => words !== '')
        .join(': ')
        .slice(0, LONGEST.broke),
      damage,
      cause: null,
      startAt: null,
      stopWork: {},
    },
    repair: { ...blank.repair, crackLength_mm: isCrack ? found.length_mm : null },
    // What the weld left beside it is the old weld's metal now.
    metal,
    joint: {
      ...blank.joint,
      kind: joint,
      thicknessA_mm,
      thicknessB_mm,
      sameThickness,
      length_mm: isCrack || found.length_mm === null ? null : found.length_mm + 2 * BEYOND_END_mm,
    },
    power: { ...power, out: {}, noArc: blank.power.noArc },
    heat: { ...blank.heat, restraint: job.heat.restraint },
    typed: {},
  };
}
