/**
 * `npm run opponents -- [jobs] [id]`: the planner against others who try. Random plain jobs and trucks of a fixed seed: is a proposal shut while a rod,
 * a pole and amps of the same truck leave all open? And the jobs of the yard: does random search with ten times its budget, or a seeded annealer,
 * find a way that serves a wish better?
 */
import { fixedChance } from '../src/core/units/chance';
import { POLES, type RodClassId } from '../src/core/data/rods';
import type { RodSizeId } from '../src/core/data/rodSizes';
import { applyEdits } from '../src/core/formats/edits';
import { blankJob } from '../src/core/formats/blankJob';
import type { Job } from '../src/core/formats/job';
import type { Kit } from '../src/core/formats/kit';
import type { JobEdit } from '../src/core/formats/paths';
import { assess, type Assessment } from '../src/core/plan/assess';
import { ampWindow } from '../src/core/rods/amps/amps';
import { measuresOf, type Measures } from '../src/core/planner/measures';
import { collide, groundOf, judgeGround, withOptions, type Option } from '../src/core/planner/option';
import { isFixed, optionsHere } from '../src/core/planner/options';
import { waysOf, type WishId } from '../src/core/planner/ways';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';
import { fullTin } from '../tests/support/tins';

const [jobs = '2000', only = ''] = process.argv.slice(2);
const chance = fixedChance(2027);
const one = <T>(all: readonly T[]): T =>
  all[Math.min(all.length - 1, Math.floor(chance() * all.length))] as T;
const OPENED = '2026-01-01T07:00:00.000Z';
const AT = '2026-01-01T08:00:00.000Z';

const TINS: readonly (readonly [RodClassId, RodSizeId])[] = [
  ['E6010', '3/32'],
  ['E6010', '1/8'],
  ['E6011', '3/32'],
  ['E6011', '1/8'],
  ['E6013', '1/16'],
  ['E6013', '5/64'],
  ['E6013', '3/32'],
  ['E6013', '1/8'],
  ['E7014', '1/8'],
  ['E7018', '3/32'],
  ['E7018', '1/8'],
  ['E7018', '5/32'],
  ['E308L-16', '3/32'],
  ['E309L-16', '3/32'],
  ['E309L-16', '1/8'],
  ['E316L-16', '1/8'],
];
const FAMILIES = [
  'low-carbon-steel',
  'low-carbon-steel',
  'medium-carbon-steel',
  'austenitic-stainless',
  'quenched-tempered-wear-plate',
] as const;
const KINDS = ['lap', 't-fillet', 'square-butt', 'outside-corner', 'v-butt', 'double-fillet'] as const;

function anyTruck(): Kit {
  const tins = Array.from({ length: 2 + Math.floor(chance() * 4) }, () => one(TINS));
  const [machine] = DEMO_KIT.machines;
  return {
    ...DEMO_KIT,
    trials: [],
    machines: machine
      ? [
          {
            ...machine,
            max_A: one([120, 160, 200, 250]),
            poles: one([
              ['DCEP', 'DCEN'],
              ['DCEP', 'DCEN', 'AC'],
            ]),
          },
        ]
      : [],
    tins: [...new Map(tins.map((tin) => [tin.join(), tin])).values()].map(([rodClass, size]) =>
      fullTin(rodClass, size, { printed: rodClass === 'E7018' ? 'E7018-H4R' : '', openedAt: OPENED }),
    ),
  };
}

function anyPlain(n: number): Job {
  const thickness = one([1.5, 2, 3, 4, 5, 6, 8, 10, 12, 16, 20]);
  const kind = one(KINDS);
  const values: Record<string, unknown> = {
    'look.place': 'indoors',
    'look.surface': 'bright',
    'look.access': one(['one-side', 'both']),
    'look.air_C': one([5, 15, 25]),
    'look.position': one(['flat', 'horizontal', 'vertical', 'overhead']),
    'look.startAt': AT,
    'metal.sameBothSides': true,
    'metal.sideA.family': one(FAMILIES),
    'metal.sideA.part': 'bracket',
    'metal.sideA.coating': 'none',
    'joint.kind': kind,
    'joint.thicknessA_mm': thickness,
    'joint.sameThickness': true,
    'joint.gap_mm': one([0, 0, 1, 2]),
    'joint.length_mm': one([50, 150, 300]),
    'rod.skill': 'steady',
    'rod.duty': one(['carries', 'nothing', null]),
  };
  const edits = Object.entries(values).map(([path, value]) => ({ path, value }) as JobEdit);
  return applyEdits(blankJob(`job-${n}`, AT), edits);
}

const shut = ({ rooms }: Assessment) => rooms.filter(({ state }) => state === 'none').map(({ id }) => id);

/** A rod of the truck, a pole and amps of its range that leave all open; null where none of the grid does. */
function openByHand(job: Job, kit: Kit): string | null {
  for (const { rodClass, size } of kit.tins)
    for (const pole of POLES) {
      const window = ampWindow(rodClass, size, null);
      if (!window) continue;
      for (const at of [0.05, 0.2, 0.4, 0.6, 0.8]) {
        const current_A = Math.round(window.low_A + at * (window.high_A - window.low_A));
        const edits: JobEdit[] = [
          { path: 'rod.rodClass', value: rodClass },
          { path: 'rod.size', value: size },
          { path: 'rod.pole', value: pole },
          { path: 'rod.current_A', value: current_A },
        ];
        const tried = assess(applyEdits(job, edits), kit);
        if (shut(tried).length === 0 && tried.situation.timeline !== null)
          return `${rodClass} ${size} ${pole} ${current_A} A`;
      }
    }
  return null;
}

let [open, shutOut, missed] = [0, 0, 0];
for (let n = 0; n < Number(jobs); n++) {
  const [job, kit] = [anyPlain(n), anyTruck()];
  const proposal = assess(job, kit);
  if (shut(proposal).length === 0) {
    open += 1;
    continue;
  }
  const found = openByHand(job, kit);
  if (found === null) shutOut += 1;
  else {
    missed += 1;
    const { look, metal, joint } = job;
    process.stdout.write(
      `missed: ${metal.sideA.family} ${joint.kind} ${joint.thicknessA_mm} mm gap ${joint.gap_mm} ${look.position} ${look.access}, shut by ${shut(proposal).join(' ')}; open with ${found}\n`,
    );
  }
}
process.stdout.write(
  `${jobs} random jobs and trucks: ${open} proposed open, ${shutOut} with nothing open on the truck, ${missed} missed\n`,
);

const WISHES: Readonly<Record<Exclude<WishId, 'fuss'>, (measures: Measures) => number | null>> = {
  room: ({ room }) => -room,
  minutes: ({ minutes }) => minutes,
  rods: ({ rods }) => rods,
  pull: ({ pull_mm }) => pull_mm,
  heat: ({ heat_kJ_mm }) => heat_kJ_mm,
};
/** So much better has to be what an opponent finds. */
const BEATEN_share = 0.08;
const BEATEN_room = 0.03;

const judge = (from: Assessment, options: readonly Option[]) =>
  measuresOf(judgeGround(withOptions(groundOf(from), options)));

/** Adds, drops or swaps one. */
function neighbour(options: readonly Option[], all: readonly Option[]): Option[] {
  const kept =
    chance() < 0.4 && options.length > 0
      ? options.filter((_, n) => n !== Math.floor(chance() * options.length))
      : [...options];
  const next = one(all);
  return kept.length >= 3 || kept.some((other) => other.id === next.id || collide(other, next))
    ? kept
    : [...kept, next];
}

for (const job of DEMO_JOBS.filter(({ id }) => id.includes(only))) {
  const from = assess(job, DEMO_KIT);
  const { now, ways, tried } = waysOf(from);
  const all = optionsHere(from.situation).filter(({ edits }) =>
    edits.every(({ path }) => !isFixed(from.situation, path)),
  );
  if (from.withheld !== null || all.length === 0) continue;
  const standing = now.shut.length === 0 ? [now] : [];
  const best = (wish: keyof typeof WISHES) =>
    Math.min(
      ...[...standing, ...ways.map(({ measures }) => measures)].map((one) => WISHES[wish](one) ?? Infinity),
    );
  const beaten = new Map<string, string>();
  const look = (measures: Measures, who: string, options: readonly Option[]) => {
    if (measures.shut.length > 0 || measures.minutes === null || measures.lame > now.lame) return;
    for (const wish of Object.keys(WISHES) as (keyof typeof WISHES)[]) {
      const [value, least] = [WISHES[wish](measures), best(wish)];
      if (value === null) continue;
      if (wish === 'room' ? value < least - BEATEN_room : value < least * (1 - BEATEN_share))
        beaten.set(
          `${who}: ${wish}`,
          `${value.toPrecision(3)} under ${least.toPrecision(3)} by ${options.map(({ id }) => id).join(' + ')}`,
        );
    }
  };
  const budget = Math.min(10 * tried, 3000);
  for (let n = 0; n < budget; n++) {
    let options: Option[] = [];
    for (let k = 0; k < 1 + Math.floor(chance() * 3); k++) options = neighbour(options, all);
    look(judge(from, options), 'random', options);
  }
  let stands: Option[] = [];
  let worth = now;
  const energy = (m: Measures) =>
    10 * m.shut.length + (m.minutes ?? 99) / Math.max(1, now.minutes ?? 1) - m.room;
  for (let n = 0; n < tried; n++) {
    const next = neighbour(stands, all);
    const measures = judge(from, next);
    look(measures, 'annealer', next);
    if (
      energy(measures) < energy(worth) ||
      chance() < Math.exp((energy(worth) - energy(measures)) / (1 - n / tried + 0.01))
    )
      [stands, worth] = [next, measures];
  }
  process.stdout.write(
    `${job.id}: ${tried} tried, ${budget} by chance, ${beaten.size === 0 ? 'never beaten' : `beaten: ${[...beaten].map(([what, how]) => `${what} ${how}`).join(', ')}`}\n`,
  );
}
