import { metalFamily, type MetalGroup } from '../data/metals';
import { ROD_SIZE_IDS, type RodSizeId } from '../data/rodSizes';
import { ROD_CLASS_IDS, type RodClassId } from '../data/rods';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import type { UnitSystem } from '../units/kinds';
import { damageTraits, REMOVERS } from '../data/damage';
import { TOOLS } from '../data/tools';
import { removed_mm3, removing } from '../joint/excavation';
import { gougingHere } from '../repair/takeItOut';
import { counted } from '../units/format';
import { rodsToBring } from '../rods/kinds';
import { rodsOnHand } from '../rods/onHand';
import { assess } from './assess';
import { makePlan, type Verdict } from './plan';
import { rootTakes } from './rootStep';
import { wholeRods } from '../rods/wholeRods';
import type { Reads } from '../judge/situation';

/** Rods of one class and size for all jobs of a trip. */
export interface RodLoad {
  rodClass: RodClassId;
  size: RodSizeId;
  needed: number;
  /** In the tins; null while a tin's count is not known. */
  onHand: number | null;
  /** To buy; 0 where there are enough, or nobody knows. */
  short: number;
  /** Titles and ids of the jobs that want them. */
  jobs: readonly string[];
  jobIds: readonly string[];
}

/** What to put on the truck for several jobs. */
export interface TruckList {
  rods: readonly RodLoad[];
  /** Machines, supplies' cords, leads and what the metals ask for, each with the jobs that want it. */
  things: readonly { name: string; jobs: readonly string[] }[];
  /** Time of all jobs one after another, s. */
  elapsed_s: number;
  /** Jobs that are no plan to weld from yet. */
  unready: readonly { id: string; title: string; verdict: Verdict }[];
}

/** Metals that want a brush and discs of their own. Common practice. */
const OWN_BRUSH: readonly MetalGroup[] = [
  'austenitic',
  'ferritic',
  'duplex',
  'aluminium',
  'nickel',
  'nickel-chromium',
];

/**
 * Answers "what do I load?" for a day of several jobs: rods are added up before they are held against the tins, since a tin that is
 * enough for each job may not be enough for all.
 */
export function truckList(
  jobs: readonly Job[],
  kit: Kit,
  system: UnitSystem = 'metric',
  now_ms: number | null = null,
): TruckList {
  const judged = jobs.map((job) => {
    const assessment = assess(job, kit, system, now_ms);
    return { job, assessment, verdict: makePlan(assessment).verdict };
  });
  const wanted = new Map<string, Set<string>>();
  const rods = new Map<string, { needed: number; jobs: string[]; jobIds: string[] }>();
  let elapsed_s = 0;
  for (const { job, assessment, verdict } of judged) {
    // Nothing is loaded for what must not be welded.
    if (verdict === 'stopped') continue;
    const { situation } = assessment;
    for (const name of thingsFor(situation)) wanted.set(name, (wanted.get(name) ?? new Set()).add(job.title));
    elapsed_s += situation.timeline?.elapsed_s ?? 0;
    if (!situation.rod || !situation.beads) continue;
    for (const kind of rodsToBring(situation)) {
      const key = `${kind.rodClass} ${kind.size}`;
      const load = rods.get(key) ?? { needed: 0, jobs: [], jobIds: [] };
      load.needed += wholeRods(kind.rods).nominal;
      load.jobs.push(job.title);
      load.jobIds.push(job.id);
      rods.set(key, load);
    }
  }
  return {
    rods: ROD_CLASS_IDS.flatMap((rodClass) =>
      ROD_SIZE_IDS.flatMap((size) => {
        const load = rods.get(`${rodClass} ${size}`);
        return load ? [rodLoad(rodClass, size, load, kit)] : [];
      }),
    ),
    things: [...wanted].map(([name, titles]) => ({ name, jobs: [...titles] })),
    elapsed_s,
    unready: judged.flatMap(({ job, verdict }) =>
      verdict === 'ready' ? [] : [{ id: job.id, title: job.title, verdict }],
    ),
  };
}

function rodLoad(
  rodClass: RodClassId,
  size: RodSizeId,
  { needed, jobs, jobIds }: { needed: number; jobs: string[]; jobIds: string[] },
  kit: Kit,
): RodLoad {
  const onHand = rodsOnHand(kit.tins, rodClass, size);
  return {
    rodClass,
    size,
    needed,
    onHand,
    short: onHand === null ? 0 : Math.max(0, needed - onHand),
    jobs,
    jobIds,
  };
}

/** Torch, gas and filler of a root by TIG. */
function rootThings(reads: Reads<'rootBy' | 'length_mm'>): string[] {
  const takes = rootTakes(reads);
  if (!takes || !reads.rootBy) return [];
  const { fillers, filler_mm, purge_l_min } = reads.rootBy.set;
  return [
    'TIG torch',
    ...(takes.gas_l === null
      ? []
      : [`Argon, about ${takes.gas_l} l${purge_l_min ? ', behind the root too' : ''}`]),
    ...(fillers[0] === undefined ? [] : [`${fillers[0]} ${filler_mm} mm, about ${takes.filler_g} g`]),
  ];
}

/** What takes the crack or the old weld out: discs by what they wear, carbons by what the machine carries. */
function removerThings(reads: Reads<'job' | 'plate' | 'dutyAt' | 'withheld'>): string[] {
  const { remover } = reads.job.repair;
  const removal = damageTraits(reads.job.look.damage)?.removal ?? 'nothing';
  if (removal === 'nothing' || remover === null || reads.withheld !== null) return [];
  const volume = reads.job.joint.kind === 'gouge' ? removed_mm3(reads.job.joint) : null;
  const discs = volume === null ? null : removing(volume, remover).discs;
  const carbon = remover === 'gouge' ? gougingHere(reads)?.carbon : undefined;
  return [
    [
      TOOLS[REMOVERS[remover].tool],
      ...(carbon ? [`carbons ${carbon.inches} in`] : []),
      ...(discs === null ? [] : [counted(discs, 'disc')]),
    ].join(', '),
  ];
}

/** Machine, cord, leads, and what the metal asks to be brought. */
function thingsFor({
  machine,
  supply,
  leads,
  kit,
  job,
  wants,
  heat,
  rootBy,
  length_mm,
  plate,
  dutyAt,
  withheld,
}: Reads<
  | 'machine'
  | 'supply'
  | 'leads'
  | 'kit'
  | 'job'
  | 'wants'
  | 'heat'
  | 'rootBy'
  | 'length_mm'
  | 'plate'
  | 'dutyAt'
  | 'withheld'
>): string[] {
  const groups = wants.families.map((family) => metalFamily(family).group);
  const measured = wants.heat.some(({ rule }) => rule.interpassMax_C !== null);
  const { cordLength_m, cordSize } = job.power;
  const own = kit.cords.find((cord) => cord.length_m === cordLength_m && cord.size === cordSize);
  return [
    ...(machine ? [machine.value.name] : []),
    ...(supply?.value.kind === 'generator' ? [supply.value.name] : []),
    ...(own ? [own.name] : []),
    ...(leads ? [leads.value.name] : []),
    ...rootThings({ rootBy, length_mm }),
    ...removerThings({ job, plate, dutyAt, withheld }),
    ...(groups.some((group) => OWN_BRUSH.includes(group)) ? ['Stainless brush and discs of their own'] : []),
    ...(heat.preheat !== null ? ['Torch and contact thermometer'] : measured ? ['Contact thermometer'] : []),
  ];
}
