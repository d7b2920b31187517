import { machineType } from '../data/machines';
import type { CableId } from '../data/cables';
import type { Pole } from '../data/rods';
import { UNEQUAL_SIDES } from '../data/limits';
import { JOINTS, type AimId } from '../data/words';
import { setPath } from '../formats/edits';
import type { Job } from '../formats/job';
import type { Kit, Supply } from '../formats/kit';
import { soundMachine } from '../formats/checkKit';
import { meltOf } from '../heat/melt';
import { checkJoint } from '../joint/check';
import { ASSUMED_GAP_mm, jointGeometry, type JointGeometry } from '../joint/geometry';
import { beliefOf } from '../metal/belief';
import { sharesOf } from '../metal/doubt';
import { whatJointWants } from '../metal/wants';
import { readPlate, type Plate } from '../power/nameplate';
import { supplyDraw, type Cord, type SupplyDraw } from '../power/supply';
import { ampWindow } from '../rods/amps';
import { rodHydrogen } from '../rods/keeping/hydrogen';
import { rebaked, tinVerdict } from '../rods/keeping/verdict';
import { heatShare, settingsFor } from '../rods/settings';
import { inWords } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import { ironWayOf } from '../repair/ironWay';
import { remembered } from '../units/remembered';
import {
  holesRange,
  resolveAmps,
  resolveBeads,
  resolvePole,
  resolveRod,
  resolveRoot,
  resolveRuns,
  rodsWanted,
} from './resolveRod';
import { resolveHeat } from './heat/resolveHeat';
import { resolveMix } from './mix/resolveMix';
import { resolveOrder } from './order/orderPlan';
import { resolveBlow } from './order/blowPlan';
import { resolvePull } from './order/pullPlan';
import type { Choice } from './choice';
import type { Situation } from './situation';
import { whyWithheld } from './withheld';
import { buildTimeline, tacksOf } from './timeline';

/** Thin side from which the arc is set for the thick one and leaned, mm; below it is run on the thick side and flicked. */
const LEAN_FROM_mm = 3;
/** Length put in for a blank one so that minutes can be spoken of at all, mm. */
const ASSUMED_LENGTH_mm = 100;

/** What both sides may be, and what the joint of them asks. */
const judgeMetal = remembered((metal: Job['metal']) => {
  const sideA = beliefOf(metal.sideA);
  const sideB = metal.sameBothSides ? sideA : beliefOf(metal.sideB);
  return { sideA, sideB, wants: whatJointWants(sideA, sideB, sharesOf({ metal })) };
});

/**
 * Fills a job's blanks with proposals, leaving out entries that cannot be so, and works out what the rooms share.
 * @param now_ms what the clock says; null where nothing may depend on it
 */
export function resolve(
  job: Job,
  kit: Kit,
  system: UnitSystem = 'metric',
  now_ms: number | null = null,
): Situation {
  const assumed: string[] = [];
  const say = inWords(system);
  const { sideA, sideB, wants } = judgeMetal(job.metal);
  const iron = ironWayOf(job, wants, jointGeometry(job.joint), system);
  // Brazing strikes no arc: machine, supply and rod have nothing to answer.
  const brazed = iron?.way.value === 'braze';
  // Under a stop, or on a metal that may hurt, no rod is chosen: nothing that hangs on one is worked out, so nothing can be told.
  const noRod = brazed || whyWithheld({ job, wants }) !== null;
  const machine = brazed ? null : chosen(kit.machines, job.power.machineId, 'The first machine in the kit.');
  const supply =
    brazed || (machine && machineType(machine.value.type).feeds !== 'mains')
      ? null
      : chosen(kit.supplies, job.power.supplyId, 'The first supply in the kit.');
  const plate = machine
    ? readPlate(soundMachine(machine.value, system), supply?.value ?? null, {
        air_C: job.look.air_C,
        cooling: job.power.cooling,
      })
    : null;
  const at_ms = job.look.startAt === null ? now_ms : Date.parse(job.look.startAt);

  const known = { job, kit, machine: machine?.value ?? null, plate, wants, at_ms };
  const rod = noRod ? null : resolveRod({ ...known, joint: jointGeometry(job.joint) });
  const problems = checkJoint(job.joint, rod?.value.size ?? job.rod.size, system);
  const usable = problems.reduce((at, { path }) => setPath(at, path, null), job);
  const joint = jointGeometry(usable.joint);

  const window = rod ? ampWindow(rod.value.rodClass, rod.value.size, rod.value.tin) : null;
  const pole = resolvePole(job, rod, machine?.value ?? null, joint);
  const aim = resolveAim(job, joint);
  const melt = meltOf(wants.families);
  const lean_deg = joint.ratio < UNEQUAL_SIDES.ratio ? null : job.rod.workAngle_deg;
  const share = thinShare(aim.value, lean_deg, pole?.value ?? null);

  const length_mm = joint.length_mm ?? ASSUMED_LENGTH_mm;
  const context = {
    ...known,
    job: usable,
    joint,
    aim: aim.value,
    melt,
    length_mm,
    share: thinShare(aim.value, lean_deg, null),
  };
  const current_A = resolveAmps(rod, window, context);
  const root = noRod ? null : resolveRoot(context);
  const beads = rod && current_A ? resolveBeads(rod.value, current_A.value, root, context) : null;
  const rest_s = job.rod.rest_s ?? 0;
  const tin = rod?.value.tin ?? null;
  const dryness =
    tin && at_ms !== null ? tinVerdict(job.rod.rebake ? rebaked(tin, at_ms) : tin, at_ms) : null;
  const hydrogen = rod && rodHydrogen(rod.value.rodClass, tin, dryness);
  const heat = resolveHeat({
    job: usable,
    kit,
    wants,
    joint,
    length_mm,
    rod: rod?.value ?? null,
    hydrogen,
    beads,
    ironWay: iron?.way.value ?? null,
  });
  const mix = resolveMix({
    job: usable,
    wants,
    joint,
    rodClass: rod?.value.rodClass ?? null,
    current_A: current_A?.value ?? null,
    window,
    pole: pole?.value ?? null,
    beads,
    thinShare: joint.ratio < UNEQUAL_SIDES.ratio ? null : share,
  });
  const blow = resolveBlow({
    job: usable,
    families: wants.families,
    rod: rod?.value ?? null,
    pole: pole?.value ?? null,
    current_A: current_A?.value ?? null,
    piece: heat.piece,
    beads,
  });
  const holesAt_A = holesRange(beads, joint.thin_mm, share, melt.properties, melt.fitted);
  const order = resolveOrder({
    beads,
    heat,
    job: usable,
    length_mm,
    blow,
    plate,
    current_A,
    holesAt_A,
    joint,
    melt: melt.properties,
    rest_s,
  });
  const timeline = beads
    ? buildTimeline({
        beads,
        length_mm,
        rest_s,
        position: job.look.position,
        tacks: tacksOf(usable.joint.kind, length_mm),
        heat: heat.holds,
      })
    : null;
  const cords = resolveCords(job, supply?.value ?? null);

  if (beads && joint.length_mm === null)
    assumed.push(`Weld length blank: counted as ${say.size(ASSUMED_LENGTH_mm)}.`);
  if (joint.area_mm2 !== null && joint.gap_mm === null && joint.kind !== null && JOINTS[joint.kind].fitUp)
    assumed.push(`Gap blank: weld metal counted for a ${say.size(ASSUMED_GAP_mm)} gap.`);
  if (job.look.position === null && rod) assumed.push('Position blank: amps as for flat.');

  return {
    job: usable,
    kit,
    problems,
    wants,
    beliefs: job.metal.sameBothSides ? [sideA] : [sideA, sideB],
    joint,
    length_mm,
    machine,
    supply,
    cords,
    plate,
    leads: job.power.leadsId === null ? null : chosen(kit.leads, job.power.leadsId, ''),
    now_ms,
    at_ms,
    rodsWanted: rodsWanted(context),
    rod,
    root,
    dryness,
    hydrogen,
    settings:
      rod &&
      settingsFor({
        rodClass: rod.value.rodClass,
        size: rod.value.size,
        kind: joint.kind,
        position: job.look.position,
        aim: aim.value,
        workAngle_deg: lean_deg,
        ratio: joint.ratio,
        thin_mm: joint.thin_mm,
      }),
    window,
    pole,
    aim,
    current_A,
    rest_s,
    thinShare: share,
    melt: melt.properties,
    meltFitted: melt.fitted,
    beads,
    runs: beads && resolveRuns(usable, beads, length_mm, order),
    holesAt_A,
    heat,
    iron,
    mix,
    blow,
    order,
    pull: resolvePull({ job: usable, joint, beads, input: heat.input }),
    timeline,
    draw: resolveDraw(plate, supply?.value ?? null, cords?.value ?? [], current_A?.value ?? null),
    assumed,
    system,
  };
}

/** The thing the job names; else the first of its kind, as a proposal; null where the kit has none. */
function chosen<T extends { id: string }>(
  items: readonly T[],
  id: string | null,
  why: string,
): Choice<T> | null {
  const named = id === null ? undefined : items.find((item) => item.id === id);
  if (named) return { value: named, by: 'you', why: 'You chose it.' };
  const first = items[0];
  return first ? { value: first, by: 'app', why } : null;
}

function resolveAim(job: Job, joint: JointGeometry): Choice<AimId> {
  if (joint.ratio < UNEQUAL_SIDES.ratio)
    return { value: 'bisect', by: 'app', why: 'Both sides take the same.' };
  if (job.rod.aim !== null) return { value: job.rod.aim, by: 'you', why: 'You chose it.' };
  return (joint.thin_mm ?? 0) >= LEAN_FROM_mm
    ? { value: 'lean', by: 'app', why: 'Thin side 3 mm or more: set for the thick one and lean onto it.' }
    : { value: 'flick', by: 'app', why: 'Thin side under 3 mm: run on the thick side and flick over.' };
}

/** Electrode negative puts less of the heat into the plate. Placed by us between the two schools, not measured. */
const NEGATIVE_HEAT = 0.9;

/** Share of the arc's heat that the thin side takes, by aim or angle, and pole. */
const thinShare = (aim: AimId, workAngle_deg: number | null, pole: Pole | null): number =>
  heatShare(aim, workAngle_deg) * (pole === 'DCEN' ? NEGATIVE_HEAT : 1);

/** The cord that hangs on the supply, or what the job says in its place, and those plugged into it. */
function resolveCords(job: Job, supply: Supply | null): Choice<readonly Cord[]> | null {
  if (!supply) return null;
  const { cordLength_m, cordSize, cordLie, cord2, cord3 } = job.power;
  const own = cordLength_m !== null || cordSize !== null || cordLie !== null;
  const why = own ? 'You set it.' : 'The cord that hangs on this supply.';
  const choice = (value: readonly Cord[]): Choice<readonly Cord[]> => ({
    value,
    by: own ? 'you' : 'app',
    why,
  });
  const lie = cordLie ?? supply.cordLie ?? 'straight';
  const first =
    lie === 'none' ? [] : laid(cordLength_m ?? supply.cordLength_m, cordSize ?? supply.cordSize, lie);
  if (first === null) return null;
  const further = [cord2, cord3].flatMap((next) =>
    next.lie === 'none' ? [] : (laid(next.length_m, next.size ?? first[0]?.size ?? null, next.lie) ?? []),
  );
  return choice([...first, ...further]);
}

/** A cord as it lies; null while its length or size is not known. */
const laid = (length_m: number | null, size: CableId | null, lie: Cord['lie'] | null): Cord[] | null =>
  length_m === null || size === null ? null : [{ length_m, size, lie: lie ?? 'straight' }];

function resolveDraw(
  plate: Plate | null,
  supply: Supply | null,
  cords: readonly Cord[],
  current_A: number | null,
): SupplyDraw | null {
  if (!plate || !supply || supply.volts_V === null || current_A === null) return null;
  return supplyDraw({
    process: 'stick',
    current_A,
    plate,
    volts_V: supply.volts_V,
    phases: supply.phases,
    cords,
    source_ohm: supply.source_ohm ?? 0,
  });
}
