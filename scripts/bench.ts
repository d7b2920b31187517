/** `npm run bench`: how long the core takes here, and how much the first page carries. Medians and ratios of one run. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { assess } from '../src/core/plan/assess';
import { findLevers } from '../src/core/plan/levers/levers';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';

interface Row {
  what: string;
  median: string;
  wanted: string;
}

const RUNS = 300;

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

function coreRows(): Row[] {
  return DEMO_JOBS.flatMap((job) => {
    const judged = median_ms(() => assess(job, DEMO_KIT), RUNS);
    const pulled = median_ms(() => findLevers(job, DEMO_KIT), RUNS / 5);
    return [
      { what: `assess, ${job.id}`, median: ms(judged), wanted: '2 ms' },
      { what: `levers, ${job.id}`, median: ms(pulled), wanted: '60 ms' },
    ];
  });
}

/** JavaScript of the build, gzip: what every page loads, and each route's own. */
function sizeRows(): Row[] {
  const folder = join(__dirname, '..', 'dist', '_expo', 'static', 'js', 'web');
  if (!existsSync(folder)) return [{ what: 'bundle', median: 'not built', wanted: '' }];
  const sizes = readdirSync(folder)
    .filter((name) => name.endsWith('.js'))
    .map((name) => ({
      name: name.replace(/-[0-9a-f]{32}/, ''),
      kB: gzipSync(readFileSync(join(folder, name)), { level: 9 }).length / 1000,
    }))
    .sort((a, b) => b.kB - a.kB);
  return sizes.map(({ name, kB }) => ({ what: `gzip ${name}`, median: `${kB.toFixed(0)} kB`, wanted: '' }));
}

const rows = [...coreRows(), ...sizeRows()];
const width = Math.max(...rows.map(({ what }) => what.length));
for (const { what, median, wanted } of rows)
  process.stdout.write(`${what.padEnd(width)}  ${median.padStart(10)}  ${wanted}\n`);
