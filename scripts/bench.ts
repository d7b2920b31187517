/** `npm run bench`: how long the core takes here, and how much the first page carries. Medians and ratios of one run. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { DEFAULT_LOSSES } from '../src/core/data/losses';
import { USUAL_SHARES } from '../src/core/metal/doubt';
import { PART_KIND_IDS } from '../src/core/data/partKinds';
import { blankJob, blankSide } from '../src/core/formats/blankJob';
import type { Job, Side } from '../src/core/formats/job';
import { beliefOf } from '../src/core/metal/belief';
import { nextTests } from '../src/core/metal/next';
import { assess } from '../src/core/plan/assess';
import { findWaysOut } from '../src/core/planner/wayOut';
import { waysOf } from '../src/core/planner/ways';
import { worthKnowing } from '../src/core/planner/worth';
import { surenessOf } from '../src/core/planner/sure';
import { buildTimeline } from '../src/core/timeline/timeline';
import { windowFill } from '../src/core/power/window';
import { applyEdits } from '../src/core/formats/edits';
import { findLevers } from '../src/core/plan/levers/levers';
import { jointGeometry } from '../src/core/joint/geometry';
import { fillRegion } from '../src/core/joint/region';
import { planBeads } from '../src/core/rods/beads';
import { layOut } from '../src/core/rods/layout';
import { methodRows } from '../src/core/preheat/preheat';
import { compositionOf } from '../src/core/heat/composition';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';
import { browserRows, type Row } from './benchBrowser';
import { gaussSeidel } from './gaussSeidel';
import { sweepOnGrid } from '../src/core/field/gridSweep';
import { CALIBRATION_ARC, CALIBRATION_PLATE, CALIBRATION_SEAM } from '../tests/support/calibrationPlate';
import { residual_A, SheetSolver } from '../src/core/field/sheet';
import { sweep } from '../src/core/field/sweep';
import { searchOrder } from '../src/core/order/search';
import { orderTerms } from '../tests/support/orderTerms';

const RUNS = 300;
const DIST = join(__dirname, '..', 'dist');

/** Median milliseconds of a call, after a warm-up. */
function median_ms(call: () => void, runs: number): number {
  for (let n = 0; n < 30; n++) call();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    call();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? NaN;
}

const ms = (value: number) => `${value.toFixed(2)} ms`;

/** A job with other amps each time it is asked for: what was judged before is not found made. */
function otherAmps(job: Job): () => Job {
  let n = 0;
  return () => {
    n += 1;
    return applyEdits(job, [{ path: 'rod.current_A', value: 60 + (n % 400) / 5 }]);
  };
}

function coreRows(): Row[] {
  return DEMO_JOBS.flatMap((job) => {
    const next = otherAmps(job);
    const judged = median_ms(() => assess(next(), DEMO_KIT), RUNS);
    const pulled = median_ms(() => findLevers(next(), DEMO_KIT), RUNS / 5);
    let n = 0;
    const moved = median_ms(() => {
      n += 1;
      assess(applyEdits(job, [{ path: 'order.clampAlong_mm', value: 10 + (n % 300) }]), DEMO_KIT);
    }, RUNS);
    return [
      { what: `assess after an edit of the amps, ${job.id}`, median: ms(judged), wanted: '0.5 ms' },
      { what: `assess after a clamp was moved, ${job.id}`, median: ms(moved), wanted: '0.5 ms' },
      { what: `levers, ${job.id}`, median: ms(pulled), wanted: '20 ms' },
    ];
  });
}

/** The planner on every job of the yard: the slowest of them. */
function plannerRows(): Row[] {
  const timed = (work: () => unknown) => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  const judged = DEMO_JOBS.map((job) => assess(job, DEMO_KIT)).filter(({ withheld }) => withheld === null);
  const slowest = (work: (one: (typeof judged)[number]) => unknown) =>
    ms(Math.max(...judged.map((one) => timed(() => work(one)))));
  const firstOpen = (one: (typeof judged)[number]) => {
    for (const { ways, done } of findWaysOut(one)) if (ways.length > 0 || done) return;
  };
  return [
    { what: 'planner, first open plan, slowest job', median: slowest(firstOpen), wanted: '300 ms' },
    { what: 'planner, all ways, slowest job', median: slowest(waysOf), wanted: '8 s' },
    {
      what: 'planner, worth of all that is not known, slowest job',
      median: slowest(worthKnowing),
      wanted: '1 s',
    },
    { what: 'planner, how sure, slowest job', median: slowest((one) => surenessOf(one)), wanted: '2 s' },
  ];
}

/** What a metal may be and what to test next, for every kind of part with a magnet tried: the core of the metal stop. */
function metalRows(): Row[] {
  const tools = DEMO_KIT.tools.map(({ tool }) => tool);
  const sides = PART_KIND_IDS.map((part): Side => ({
    ...blankSide(),
    part,
    evidence: { a: { kind: 'outcome', test: 'magnet', outcome: 'strong', standing: 'sound' } },
  }));
  let n = 0;
  const side = () => sides[n++ % sides.length] ?? blankSide();
  const belief = median_ms(() => beliefOf(side()), RUNS);
  const next = median_ms(
    () => nextTests({ side: side(), other: null, tools, losses: DEFAULT_LOSSES, shares: USUAL_SHARES }),
    RUNS,
  );
  return [
    { what: 'belief over all metals', median: ms(belief), wanted: '10 ms' },
    { what: 'next test, all tests ranked', median: ms(next), wanted: '10 ms' },
  ];
}

/** Ten thousand ways a steel may be made of, drawn afresh and judged by every method of preheat. */
function heatRows(): Row[] {
  const job = DEMO_JOBS.find(({ id }) => id === 'cradle-arm');
  const [steel] = job ? assess(job, DEMO_KIT).situation.heat.steels : [];
  if (!job || !steel) return [];
  const time = median_ms(
    () => methodRows(compositionOf({ ...job.metal.sideA }, 'low-carbon-steel'), steel.question, 10_000),
    20,
  );
  return [{ what: '10 000 draws, all methods of preheat', median: ms(time), wanted: '300 ms' }];
}

const NO_TACKS = { count: 0, arc_s: 0, move_s: 0 };

/** A working day of one job: laid out in time, held against plate, breaker and cord second by second. */
function powerRows(): Row[] {
  const [job] = DEMO_JOBS;
  if (!job) return [];
  const long = applyEdits(job, [
    { path: 'joint.length_mm', value: 45000 },
    { path: 'rod.rest_s', value: 60 },
  ]);
  const { situation } = assess(long, DEMO_KIT);
  const { beads, current_A, plate } = situation;
  if (!beads || !current_A || !plate) return [];
  const laidOut = () =>
    buildTimeline({
      beads,
      length_mm: 45000,
      rest_s: 60,
      position: null,
      tacks: NO_TACKS,
      stitch_mm: null,
      heat: null,
    });
  const hours = (laidOut().elapsed_s / 3600).toFixed(1);
  const time = median_ms(() => {
    const { events } = laidOut();
    windowFill(
      events.filter((event) => event.current_A > 0),
      plate.points,
    );
  }, RUNS);
  const next = otherAmps(long);
  const whole = median_ms(() => assess(next(), DEMO_KIT), RUNS / 5);
  return [
    { what: `timeline and ten-minute window of ${hours} h`, median: ms(time), wanted: '20 ms' },
    { what: `assess, that job`, median: ms(whole), wanted: '20 ms' },
  ];
}

/** A V of a dozen passes, laid out and drawn. */
function layoutRow(): Row {
  const joint = {
    ...blankJob('bench', '2026-01-01T00:00:00.000Z').joint,
    kind: 'v-butt',
    thicknessA_mm: 22,
    gap_mm: 2,
  } as const;
  const lay = () => {
    const geometry = jointGeometry({ ...joint });
    const plan = planBeads({
      rod: { rodClass: 'E7018', size: '1/8', current_A: 120 },
      area_mm2: geometry.area_mm2 ?? 0,
      region: fillRegion({ ...joint }, geometry),
      length_mm: 300,
    });
    return plan.layout ? layOut(plan.layout) : [];
  };
  return {
    what: `layout of ${lay().length} passes, drawn`,
    median: ms(median_ms(lay, RUNS)),
    wanted: '10 ms',
  };
}

/** The field round the arc by a direct solver on a grid, against settling it cell by cell on the same grid to the same residual. */
function fieldRows(): Row[] {
  const grid = { columns: 256, rows: 128, length_mm: 300, width_mm: 150 };
  const [piece, arc, seam] = [CALIBRATION_PLATE, CALIBRATION_ARC, CALIBRATION_SEAM];
  const places = 100;
  const solver = new SheetSolver(grid);
  const fed = [
    { at: { x: 150, y: 75 }, current_A: 130 },
    { at: { x: 20, y: 95 }, current_A: -130 },
  ];
  const direct = median_ms(() => solver.solve(fed), 20);
  const reached = residual_A(solver.solve(fed), fed);
  const start = performance.now();
  const settled = gaussSeidel(grid, fed, RESIDUAL_A);
  const slow = performance.now() - start;
  const swept = median_ms(() => [...sweepOnGrid({ piece, arc, seam, places, columns: 256, rows: 128 })], 3);
  const images = median_ms(() => sweep(piece, arc, seam, places), 20);
  const fresh = () => orderTerms(24, { weldLength_mm: 960, length_mm: 1100 });
  const search = median_ms(() => [...searchOrder(fresh(), 1)], 3);
  const tacked = { ...piece, kind: 'two-plates', tacks: [8, 100, 200, 292] } as const;
  const joined = median_ms(() => sweep({ ...tacked }, arc, seam, places), 20);
  return [
    { what: `field at ${places} places on 256 x 128`, median: ms(swept), wanted: '1500 ms' },
    { what: `  one potential, residual ${reached.toExponential(0)} A`, median: ms(direct), wanted: '' },
    {
      what: `  cell by cell to ${settled.residual_A.toExponential(0)} A, ${settled.sweeps} sweeps`,
      median: ms(slow),
      wanted: `${(slow / direct).toFixed(0)} times; 50`,
    },
    { what: `field at ${places} places by images`, median: ms(images), wanted: '' },
    { what: `  the same, two plates joined at ${tacked.tacks.length} tacks`, median: ms(joined), wanted: '' },
    { what: 'order of 24 segments looked for', median: ms(search), wanted: '5000 ms' },
  ];
}
/** Largest error of a cell's balance that the slow way is stopped at, A. */
const RESIDUAL_A = 0.1;

/** What the first page, the list of jobs, loads before it can show itself. The rest comes beside it or on its own page. */
const FIRST = /^(entry|__common|__expo-metro-runtime|_layout)\./;

/** JavaScript of the build, gzip: what the first page loads first, and each piece of it. */
function sizeRows(): Row[] {
  const folder = join(DIST, '_expo', 'static', 'js', 'web');
  const pieces = readdirSync(folder)
    .filter((name) => name.endsWith('.js'))
    .map((name) => {
      const text = readFileSync(join(folder, name));
      return {
        name: name.replace(/-[0-9a-f]{32}/, ''),
        kB: gzipSync(text, { level: 9 }).length / 1000,
        isJobs: /^index-/.test(name) && text.includes('new-job'),
      };
    })
    .sort((a, b) => b.kB - a.kB);
  const first = pieces
    .filter(({ name, isJobs }) => FIRST.test(name) || isJobs)
    .reduce((sum, { kB }) => sum + kB, 0);
  return [
    { what: 'first page, all it loads first, gzip', median: `${first.toFixed(0)} kB`, wanted: '380 kB' },
    ...pieces.map(({ name, kB }) => ({ what: `  ${name}, gzip`, median: `${kB.toFixed(1)} kB`, wanted: '' })),
  ];
}

async function main(): Promise<void> {
  const built = existsSync(DIST);
  const rows = [
    ...coreRows(),
    ...plannerRows(),
    ...metalRows(),
    ...heatRows(),
    ...powerRows(),
    layoutRow(),
    ...fieldRows(),
    ...(built ? [...(await browserRows()), ...sizeRows()] : []),
  ];
  const width = Math.max(...rows.map(({ what }) => what.length));
  process.stdout.write(`${'what'.padEnd(width)}  ${'median'.padStart(10)}  wanted\n`);
  for (const { what, median, wanted } of rows)
    process.stdout.write(`${what.padEnd(width)}  ${median.padStart(10)}  ${wanted}\n`);
  if (!built) process.stdout.write('Run npm run build first for the browser and the sizes.\n');
}

void main();
