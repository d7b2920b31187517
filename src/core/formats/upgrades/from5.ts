import { isBag, unchanged, withDefaults, type Bag, type Step } from './bag';

const BLANK_HEAT: Bag = {
  restraint: null,
  method: null,
  preheat_C: null,
  pieceLength_mm: null,
  pieceWidth_mm: null,
  torch_kW: null,
  goStraightOn: false,
  temperBead: false,
  reading_C: null,
  readingAfter_s: null,
};

/** Version 5 knew no grades of steel, no baking again, and nothing of heat but the rules of the families. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job)) return job;
  const graded = (side: unknown): unknown => withDefaults(side, { grade: null });
  const { metal } = job;
  return {
    ...job,
    metal: isBag(metal)
      ? {
          ...metal,
          sideA: graded(metal.sideA),
          sideB: graded(metal.sideB),
          oldWeld: graded(metal.oldWeld),
        }
      : metal,
    rod: withDefaults(job.rod, { rebake: false }),
    heat: withDefaults(job.heat, BLANK_HEAT) ?? BLANK_HEAT,
  };
}

export const from5: Step = { job: upgradeJob, kit: unchanged };
