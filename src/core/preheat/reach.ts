import { heatAmps_A } from '../rods/hand';
import { STEEL_CHANGES_C } from '../data/heatLimits';
import { arcHeat_W } from '../heat/arcEnergy';
import { reach_mm } from '../heat/zone';
import type { Reads } from '../judge/situation';

/** How far beside the middle of the hottest bead metal melts, and how far steel changes, mm; null while nothing is laid out. */
export function reachOf({
  beads,
  joint,
  heat,
}: Reads<'beads' | 'joint' | 'heat'>): { molten_mm: number; changed_mm: number } | null {
  const pass = beads?.passes.reduce((a, b) => (b.area_mm2 > a.area_mm2 ? b : a));
  if (!pass || joint.thick_mm === null || !heat.input) return null;
  const arc = {
    power_W: arcHeat_W(heatAmps_A(pass.rod)),
    travel_mm_s: pass.travel_mm_s,
    start_C: heat.start_C,
    metal: heat.piece.metal,
  };
  // Near the arc plate is thick, far from it thin: the one that reaches farther is the nearer to the truth.
  const by = (C: number) =>
    Math.round(10 * Math.max(reach_mm(arc, null, C), reach_mm(arc, heat.piece.thickness_mm, C))) / 10;
  return { molten_mm: by(heat.piece.metal.solidus_C), changed_mm: by(STEEL_CHANGES_C.value) };
}
