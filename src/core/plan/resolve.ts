import { machineType } from '../data/machines';
import type { CableId } from '../data/cables';
import type { Pole } from '../data/rods';
import { AIMS, type AimId } from '../data/words';
import { setPath } from '../formats/edits';
import type { Job } from '../formats/job';
import type { Kit, Machine, Supply } from '../formats/kit';
import { soundMachine } from '../formats/checkKit';
import { holesAt_A, type MeltProperties } from '../heat/burnThrough';
import { meltOf, type Melt } from '../heat/melt';
import { checkJoint } from '../joint/check';
import { ASSUMED_GAP_mm, jointGeometry, type JointGeometry } from '../joint/geometry';
import { beliefOf } from '../metal/belief';
import { planShareOf } from '../metal/doubt';
import { whatJointWants, type JointWants } from '../metal/wants';
import { readPlate, type Plate } from '../power/nameplate';
import { supplyDraw, type Cord, type SupplyDraw } from '../power/supply';
import { ampWindow, proposeAmps, type AmpWindow } from '../rods/amps';
import { planBeads, type BeadPlan } from '../rods/beads';
import { choosePole, chooseRod, type RodChoice } from '../rods/choose';
import { inWords } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Range } from '../units/range';
import { remembered } from '../units/remembered';
import type { Choice, Situation } from './situation';
import { buildTimeline } from './timeline';

/** Thick over thin beyond which the arc is leaned. Common practice. */
const UNEQUAL = 1.5;
/** Thin side from which the arc is set for the thick one and leaned, mm; below it is run on the thick side and flicked. */
const LEAN_FROM_mm = 3;
/** Length put in for a blank one so that minutes can be spoken of at all, mm. */
const ASSUMED_LENGTH_mm = 100;

/** What both sides may be, and what the joint of them asks. */
const judgeMetal = remembered((metal: Job['metal']) => {
  const sideA = beliefOf(metal.sideA);
  const sideB = metal.sameBothSides ? sideA : beliefOf(metal.sideB);
  return { sideA, sideB, wants: whatJointWants(sideA, sideB, planShareOf({ metal })) };
});

/** Fills a job's blanks with proposals, leaving out entries that cannot be so, and works out what the rooms share. */
export function resolve(job: Job, kit: Kit, system: UnitSystem = 'metric'): Situation {
  const assumed: string[] = [];
  const say = inWords(system);
  const machine = chosen(kit.machines, job.power.machineId, 'The first machine in the kit.');
  const supply =
    machine && machineType(machine.value.type).feeds !== 'mains'
      ? null
      : chosen(kit.supplies, job.power.supplyId, 'The first supply in the kit.');
  const plate = machine
    ? readPlate(soundMachine(machine.value, system), supply?.value ?? null, {
        air_C: job.look.air_C,
        cooling: job.power.cooling,
      })
    : null;
  const { sideA, sideB, wants } = judgeMetal(job.metal);

  const rod = resolveRod(job, kit, machine?.value ?? null, plate, wants, jointGeometry(job.joint));
  const problems = checkJoint(job.joint, rod?.value.size ?? job.rod.size, system);
  const usable = problems.reduce((at, { path }) => setPath(at, path, null), job);
  const joint = jointGeometry(usable.joint);

  const window = rod ? ampWindow(rod.value.rodClass, rod.value.size, rod.value.tin) : null;
  const pole = resolvePole(job, rod, machine?.value ?? null, joint);
  const aim = resolveAim(job, joint);
  const melt = meltOf(wants.families);

  const length_mm = joint.length_mm ?? ASSUMED_LENGTH_mm;
  const current_A = resolveAmps(job, {
    rod,
    window,
    aim: aim.value,
    joint,
    plate,
    melt,
    length_mm,
  });
  const beads =
    rod && current_A && joint.area_mm2 !== null
      ? planBeads(rod.value.rodClass, rod.value.size, current_A.value, joint.area_mm2, length_mm)
      : null;
  const rest_s = job.rod.rest_s ?? 0;
  const timeline =
    beads && current_A
      ? buildTimeline({ beads, length_mm, current_A: current_A.value, rest_s, position: job.look.position })
      : null;
  const cords = resolveCords(job, supply?.value ?? null);

  if (beads && joint.length_mm === null)
    assumed.push(`Weld length blank: counted as ${say.size(ASSUMED_LENGTH_mm)}.`);
  if (joint.area_mm2 !== null && joint.gap_mm === null)
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
    rod,
    window,
    pole,
    aim,
    current_A,
    rest_s,
    melt: melt.properties,
    meltFitted: melt.fitted,
    beads,
    holesAt_A: holesRange(
      beads,
      current_A?.value ?? null,
      joint.thin_mm,
      thinShare(aim.value, pole?.value ?? null),
      melt.properties,
      melt.fitted,
    ),
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

function resolveRod(
  job: Job,
  kit: Kit,
  machine: Machine | null,
  plate: Plate | null,
  wants: JointWants,
  joint: JointGeometry,
): Choice<RodChoice> | null {
  const rod = chooseRod({
    tins: kit.tins,
    wanted: wants.rods,
    poles: machine?.poles ?? null,
    thin_mm: joint.thin_mm,
    position: job.look.position,
    surface: job.look.surface,
    maxMachine_A: plate?.max_A?.range.nominal ?? null,
    fixedClass: job.rod.rodClass,
    fixedSize: job.rod.size,
  });
  if (!rod) return null;
  return { value: rod, by: job.rod.rodClass !== null || job.rod.size !== null ? 'you' : 'app', why: rod.why };
}

function resolvePole(
  job: Job,
  rod: Choice<RodChoice> | null,
  machine: Machine | null,
  joint: JointGeometry,
): Choice<Pole> | null {
  if (job.rod.pole !== null) return { value: job.rod.pole, by: 'you', why: 'You chose it.' };
  if (!rod) return null;
  const { pole, why } = choosePole(rod.value.rodClass, machine?.poles ?? null, joint.thin_mm);
  return { value: pole, by: 'app', why };
}

function resolveAim(job: Job, joint: JointGeometry): Choice<AimId> {
  if (joint.ratio < UNEQUAL) return { value: 'bisect', by: 'app', why: 'Both sides take the same.' };
  if (job.rod.aim !== null) return { value: job.rod.aim, by: 'you', why: 'You chose it.' };
  return (joint.thin_mm ?? 0) >= LEAN_FROM_mm
    ? { value: 'lean', by: 'app', why: 'Thin side 3 mm or more: set for the thick one and lean onto it.' }
    : { value: 'flick', by: 'app', why: 'Thin side under 3 mm: run on the thick side and flick over.' };
}

interface AmpsContext {
  rod: Choice<RodChoice> | null;
  window: AmpWindow | null;
  aim: AimId;
  joint: JointGeometry;
  plate: Plate | null;
  melt: Melt;
  length_mm: number;
}

function resolveAmps(job: Job, context: AmpsContext): Choice<number> | null {
  if (job.rod.current_A !== null) return { value: job.rod.current_A, by: 'you', why: 'You set it.' };
  const { rod, window, aim, joint, plate, melt, length_mm } = context;
  if (!rod || !window) return null;
  const ask = (holes: number | null) =>
    proposeAmps({
      window,
      size: rod.value.size,
      thin_mm: joint.thin_mm,
      thick_mm: joint.thick_mm,
      position: job.look.position,
      aim,
      holesAt_A: holes,
      machineMin_A: plate?.min_A?.range.nominal ?? null,
      machineMax_A: plate?.max_A?.range.nominal ?? null,
    });
  const first = ask(null);
  const beads =
    joint.area_mm2 === null
      ? null
      : planBeads(rod.value.rodClass, rod.value.size, first, joint.area_mm2, length_mm);
  const holes = holesRange(beads, first, joint.thin_mm, thinShare(aim, null), melt.properties, melt.fitted);
  const value = holes && holes.low < first ? ask(holes.low) : first;
  const from = window.by === 'packet' ? 'the packet' : 'the table';
  return { value, by: 'app', why: `From ${from}, for the thickness and position. Try it on scrap.` };
}

/** Electrode negative puts less of the heat into the plate. Placed by us between the two schools, not measured. */
const NEGATIVE_HEAT = 0.9;

/** Share of the arc's heat that the thin side takes, by aim and pole. */
const thinShare = (aim: AimId, pole: Pole | null): number =>
  AIMS[aim].thinShare * (pole === 'DCEN' ? NEGATIVE_HEAT : 1);

/** Doubt of the fit on metals it was not made on: other conductivities. */
const OTHER_METAL_DOUBT = 0.3;

function holesRange(
  beads: BeadPlan | null,
  current_A: number | null,
  thin_mm: number | null,
  share: number,
  melt: MeltProperties,
  fitted: boolean,
): Range | null {
  const pass = beads?.passes[0];
  if (!pass || current_A === null || thin_mm === null) return null;
  const range = holesAt_A(current_A, pass.area_mm2, thin_mm, share, melt);
  if (fitted) return range;
  return {
    low: range.low * (1 - OTHER_METAL_DOUBT),
    nominal: range.nominal,
    high: range.high * (1 + OTHER_METAL_DOUBT),
  };
}

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
