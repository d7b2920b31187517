import { ASSUMED_HEAT as ASSUMED, ASSUMED_PIECE, EACH_ROD_TO_C, HOTTEST_UNDER_C } from '../data/heatLimits';
import { heatProperties, STEEL_HEAT, USUAL_TORCH } from '../data/heatProperties';
import { WIND_ASSUMED_m_s } from '../data/limits';
import { metalFamily } from '../data/metals';
import { jointTraits } from '../data/joints';
import type { Job } from '../formats/job';
import { arcEnergy_kJ_in, arcHeat_W, heatInput_kJ_mm } from '../heat/arcEnergy';
import { coolingOf, correctionBy, type Correction } from '../heat/cooling';
import { coolingTime85, type CoolingTime } from '../heat/cooling85';
import { commonWarmth, familyHeatRule } from '../heat/familyRule';
import { isReckoned } from '../heat/softFiller';
import { passLeaves_K_J, preheatLeft, type Piece } from '../heat/piece';
import { torchWork } from '../heat/torch';
import { hardKept } from './hardKept';
import type { BeadPlan } from '../rods/beads';
import { heatAmps_A } from '../rods/hand';
import type { Ceiling, HeatInput, HeatPlan } from './heatPlan';
import { askedOf, ceilingOf, planned, steelsAsked, type HeatContext } from './asked';

/** Works out the heat of a job: what is asked, what is planned, how it cools and what has to be waited for. */
export function resolveHeat(context: HeatContext): HeatPlan {
  const { job, kit, wants, joint } = context;
  const thick_mm = joint.thick_mm ?? ASSUMED.thick_mm;
  const input = heatInputOf(context.beads);
  const steels = steelsAsked(context, thick_mm, input);
  // What is reckoned by chemistry is capped by its ceiling alone.
  const rules = wants.families
    .filter((id) => !isReckoned(id))
    .map((id) => familyHeatRule(id, joint.thick_mm, context.ironWay));
  const metal_C = job.look.air_C ?? ASSUMED.air_C;
  const asked = askedOf(steels, context, metal_C);
  const cools = (heat_kJ_mm: number, from_C: number): CoolingTime =>
    coolingTime85({
      heat_kJ_mm,
      thickness_mm: thick_mm,
      start_C: Math.min(from_C, 450),
      shape: jointTraits(joint.kind)?.shape,
    });
  const ceiling = hardKept(ceilingOf(wants.families, context.ironWay, context.rod, asked.aim_C > metal_C), {
    families: wants.families,
    input,
    aim_C: asked.aim_C,
    cools,
  });
  const preheat = planned(job, asked, ceiling, commonWarmth(rules).max_C);
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
    slowest:
      input &&
      cools(input.most_kJ_mm, ceiling ? Math.max(start_C, ceiling.value_C - HOTTEST_UNDER_C.value) : start_C),
    piece,
    cooling,
    curve,
    correction,
    holds: {
      cooling,
      preheat_C: torch ? (preheat?.value ?? null) : null,
      warm_s: torch?.work.time_s?.nominal ?? 0,
      floor_C: torch ? Math.min(asked.aim_C, preheat?.value ?? Infinity) : null,
      ceiling_C: ceiling?.value_C ?? null,
      eachRod:
        (ceiling?.value_C ?? Infinity) <= EACH_ROD_TO_C.value ||
        wants.families.some((id) => metalFamily(id).group === 'aluminium'),
      goStraightOn: job.heat.goStraightOn,
    },
  };
}

function heatInputOf(beads: BeadPlan | null): HeatInput | null {
  if (!beads) return null;
  const each = beads.passes.map(({ rod, travel_mm_s }) => heatInput_kJ_mm(heatAmps_A(rod), travel_mm_s));
  const inches = beads.passes.map(({ rod, travel_mm_s }) =>
    arcEnergy_kJ_in(rod.current_A, travel_mm_s, rod.by?.process),
  );
  if (each.length === 0) return null;
  return {
    least_kJ_mm: Math.min(...each),
    most_kJ_mm: Math.max(...each),
    most_kJ_in: Math.max(...inches),
  };
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
    thickness_mm: ((joint.thin_mm ?? ASSUMED.thick_mm) + (joint.thick_mm ?? ASSUMED.thick_mm)) / 2,
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
  const energy_J = arcHeat_W(heatAmps_A(pass.rod)) * pass.arcPerRod_s * pass.rods;
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
