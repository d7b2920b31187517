import { isBag, unchanged, withDefaults, type Bag, type Step } from './bag';

const BLANK_SERVICE: Bag = { service_C: null, wet: null, food: false };
const BLANK_WELD: Bag = { dilution_pct: null, favour: null, butter: false, covering: null };
const BLANK_CASTING: Bag = { way: null, machined: null, movable: null };
const BLANK_ORDER: Bag = {
  clampAlong_mm: null,
  clampAside_mm: null,
  clamp2Along_mm: null,
  clamp2Aside_mm: null,
  clampFixed: false,
  lead: null,
  travel: null,
  arc: null,
  arcForce: false,
  tabs: false,
  residual_G: null,
  pattern: null,
  segment_mm: null,
  web_mm: null,
  tolerance_mm: null,
};

/** Version 6 asked nothing of service, of the mixed weld, of castings or of the order. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, BLANK_SERVICE),
    weld: withDefaults(job.weld, BLANK_WELD) ?? BLANK_WELD,
    casting: withDefaults(job.casting, BLANK_CASTING) ?? BLANK_CASTING,
    order: withDefaults(job.order, BLANK_ORDER) ?? BLANK_ORDER,
  };
}

export const from6: Step = { job: upgradeJob, kit: unchanged };
