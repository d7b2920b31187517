import { LAYER_DILUTION_pct, STICK_DILUTION_pct } from '../data/dilution';
import { metalFamily } from '../data/metals';
import type { RodClassId } from '../data/rods';
import { ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import type { Tin } from '../formats/kit';
import type { Reads } from '../judge/situation';
import { step, type Step } from '../judge/step';
import { ampWindow, type AmpWindow } from '../rods/amps/amps';
import { planBeads } from '../rods/beads';
import { inWords, midSentence, trimmed } from '../units/format';
import { settledMix } from './settledMix';

/** The rods that one side is laid over with before it is fitted. */
export interface Butter {
  rodClass: RodClassId;
  size: RodSizeId;
  tin: Tin | null;
  /** Null where nobody knows the range of such a rod. */
  window: AmpWindow | null;
  current_A: number | null;
  /** Covered rods it takes, without spoil; null where they cannot be counted. */
  rods: number | null;
}

declare module '../judge/situation' {
  interface Situation {
    /** What one side is laid over with first; null where the job does not. */
    readonly butter: Butter | null;
  }
}

/** Face that is buttered where nobody has measured it, mm. */
const FACE_ASSUMED_mm = 10;
/** What two layers come to once they are ground, mm. Common practice: 5 to 6. */
const BUTTER_mm = 5;
/** Place of the amps in the rod's range for a butter: near its low end. Common practice. */
const BUTTER_AMPS_AT = 0.25;

/** The rods of a butter: of the class that the table of pairs asks, in the size that is here. */
export function butter(
  reads: Reads<'job' | 'joint' | 'length_mm' | 'rod' | 'kit' | 'mix' | 'wants'>,
): Butter | null {
  const { job, joint, length_mm, rod, kit } = reads;
  const planned = settledMix(reads)?.butter;
  if (!planned?.planned || !rod) return null;
  const { rodClass, on } = planned;
  const thickness_mm =
    (on === 'A' ? job.joint.thicknessA_mm : job.joint.thicknessB_mm) ?? joint.thick_mm ?? FACE_ASSUMED_mm;
  const tin = kit.tins.find((t) => t.rodClass === rodClass && t.count !== 0) ?? null;
  const size = tin?.size ?? rod.value.size;
  const window = ampWindow(rodClass, size, tin);
  if (!window) return { rodClass, size, tin, window, current_A: null, rods: null };
  const current_A = Math.round((window.low_A + (window.high_A - window.low_A) * BUTTER_AMPS_AT) / 5) * 5;
  const { passes } = planBeads({
    position: job.look.position,
    rod: { rodClass, size, current_A, long_mm: tin?.length_mm ?? null },
    area_mm2: thickness_mm * BUTTER_mm,
    length_mm,
    half: true,
  });
  return { rodClass, size, tin, window, current_A, rods: passes.reduce((sum, { rods }) => sum + rods, 0) };
}

/** Laying one side over first, with the rods for it; null where the job does not. */
export function butterStep(reads: Reads<'butter' | 'mix' | 'wants' | 'system' | 'heat'>): Step | null {
  const { butter: rods, system, heat } = reads;
  const mix = settledMix(reads);
  if (!rods || !mix?.butter) return null;
  const say = inWords(system);
  const family = mix.butter.on === 'A' ? mix.worst.a : mix.worst.b;
  return step(`Butter the ${midSentence(metalFamily(family).name)}`, {
    settings: [
      { label: 'Rod', value: `${rods.rodClass} ${ROD_SIZES[rods.size].inches} in` },
      ...(rods.current_A === null ? [] : [{ label: 'Amps', value: `${rods.current_A} A` }]),
      ...(rods.rods === null ? [] : [{ label: 'Rods', value: `about ${Math.ceil(rods.rods)}` }]),
      { label: 'Layers', value: `2, ${say.size(BUTTER_mm)} in all` },
    ],
    actions: [
      'Lay the whole face of the joint, and a bead’s width round it, in stringers that cover half of one another.',
      `Low amps: about ${STICK_DILUTION_pct.overlay.nominal} % melts in with the first layer, less (${trimmed((STICK_DILUTION_pct.overlay.nominal * (LAYER_DILUTION_pct.layers[1] ?? 15)) / (LAYER_DILUTION_pct.layers[0] ?? 30), 0)} %) with the second.`,
      'Grind it back to the shape of the joint, look for cracks, then fit and weld.',
      ...(rods.tin ? [] : [`No ${rods.rodClass} in the tins: buy it first.`]),
    ],
    holds:
      heat.preheat !== null
        ? [`The preheat of ${say.temperature(heat.preheat.value)} is for this step above all.`]
        : [],
    why: mix.butter.why,
  });
}
