import { each, isBag, withDefaults, type Bag, type Step } from './bag';

const BLANK_ROD: Bag = {
  rodClass: null,
  size: null,
  pole: null,
  current_A: null,
  aim: null,
  rest_s: null,
  duty: null,
  skill: null,
  root: { rodClass: null, size: null },
  mix: false,
  workAngle_deg: null,
  move: null,
  beadCount: null,
  beadShares: [],
  runs: null,
};

/** Version 4 knew neither ground-out cracks, slots and pads nor reach, hand, root rod, bead layout and runs. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, { clearance_mm: null, startAt: null }),
    joint: withDefaults(job.joint, {
      depth_mm: null,
      topWidth_mm: null,
      rootRadius_mm: null,
      ramp_mm: null,
      slotLength_mm: null,
      padWidth_mm: null,
      padHeight_mm: null,
    }),
    rod: withDefaults(job.rod, BLANK_ROD),
  };
}

/** Version 4 wrote down nothing of what happened to a tin, nor how a machine runs against the chart. */
function upgradeKit(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  return {
    ...kit,
    tins: each(kit.tins, { events: [] }),
    machines: each(kit.machines, { bias_pct: null }),
  };
}

export const from4: Step = { job: upgradeJob, kit: upgradeKit };
