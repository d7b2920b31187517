/**
 * `npm run same -- <commit> [jobs]`: judges the invented yard and so many random jobs and kits (2000 unless told) with the core as it was
 * at that commit and as it is here, and prints every room, lever and line of a plan that differs. For changes that must change nothing.
 */
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { changes, kitChanges } from '../tests/support/anyJob';
import { applyEdits } from '../src/core/formats/edits';
import type { Job } from '../src/core/formats/job';
import type { Kit } from '../src/core/formats/kit';
import { writeJobFile } from '../src/core/formats/write';
import { DEMO_JOBS } from '../src/demo/jobs';
import { DEMO_KIT } from '../src/demo/kit';

const root = join(__dirname, '..');
const [commit = '', count = '2000'] = process.argv.slice(2);
if (commit === '' || !/^\d+$/.test(count)) {
  process.stderr.write('Type a commit to compare with: npm run same -- HEAD~1\n');
  process.exit(2);
}

/** Seed of the random jobs: the same ones every time. */
const SEED = 20_261;
/** Edits of a random job and its kit: few, so that most of it still makes a plan; every fourth is changed all over. */
const FEW = 5;

/** Job files, as texts: the yard as it stands, then random ones. */
function jobFiles(randoms: number): string[] {
  const few = fc.tuple(changes(FEW), kitChanges(FEW));
  const many = fc.tuple(changes(), kitChanges());
  const picks = fc.sample(fc.oneof({ weight: 3, arbitrary: few }, { weight: 1, arbitrary: many }), {
    seed: SEED,
    numRuns: randoms,
  });
  const made = picks.map(([[id, edits], kitEdits]): [Job, Kit] => [
    applyEdits(DEMO_JOBS.find((job) => job.id === id) ?? (DEMO_JOBS[0] as Job), edits),
    applyEdits(DEMO_KIT, kitEdits),
  ]);
  return [...DEMO_JOBS.map((job): [Job, Kit] => [job, DEMO_KIT]), ...made].map(([job, kit]) =>
    writeJobFile(job, kit),
  );
}

/** Judges the files with the core under a folder, in a process of its own; one answer a file. */
function judgedBy(folder: string, input: string, output: string): Promise<unknown[]> {
  return new Promise((resolve, reject) => {
    const child = spawn(
      'node',
      ['--import', 'tsx', join(root, 'scripts', 'sameSide.ts'), folder, input, output],
      {
        cwd: root,
        stdio: 'inherit',
      },
    );
    child.on('exit', (code) =>
      code === 0
        ? resolve(
            readFileSync(output, 'utf8')
              .trimEnd()
              .split('\n')
              .map((line) => JSON.parse(line) as unknown),
          )
        : reject(new Error(`the core under ${folder} cannot judge these files`)),
    );
  });
}

/** Paths at which two answers differ, with what stands there. */
function differences(was: unknown, is: unknown, path = ''): string[] {
  if (Object.is(was, is)) return [];
  if (typeof was !== 'object' || typeof is !== 'object' || was === null || is === null)
    return [`${path}: ${JSON.stringify(was)} is now ${JSON.stringify(is)}`];
  const named = (list: unknown): Record<string, unknown> =>
    Array.isArray(list)
      ? Object.fromEntries(list.map((one: { id?: string }, n) => [one?.id ?? String(n), one]))
      : (list as Record<string, unknown>);
  const [a, b] = [named(was), named(is)];
  const order =
    Array.isArray(was) && Object.keys(a).join() !== Object.keys(b).join()
      ? [`${path}: ${Object.keys(a).join(' ')} is now ${Object.keys(b).join(' ')}`]
      : [];
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return [
    ...order,
    ...keys.flatMap((key) => differences(a[key], b[key], path === '' ? key : `${path}.${key}`)),
  ];
}

async function main(): Promise<void> {
  const scratch = mkdtempSync(join(tmpdir(), 'same-'));
  const before = join(scratch, 'before');
  try {
    execFileSync('git', ['worktree', 'add', '--detach', before, commit], { cwd: root, stdio: 'ignore' });
    symlinkSync(join(root, 'node_modules'), join(before, 'node_modules'));
    const files = join(scratch, 'files.json');
    writeFileSync(files, JSON.stringify(jobFiles(Number(count))));
    const [was, is] = await Promise.all([
      judgedBy(before, files, join(scratch, 'was.jsonl')),
      judgedBy(root, files, join(scratch, 'is.jsonl')),
    ]);
    const found = was.flatMap((answer, n) =>
      differences(answer, is[n]).map(
        (line) => `${n < DEMO_JOBS.length ? DEMO_JOBS[n]?.id : `random ${n}`} ${line}`,
      ),
    );
    for (const line of found) process.stdout.write(`${line.slice(0, 400)}\n`);
    process.stdout.write(`${was.length} jobs, ${found.length} differences\n`);
    process.exitCode = found.length === 0 ? 0 : 1;
  } finally {
    execFileSync('git', ['worktree', 'remove', '--force', before], { cwd: root, stdio: 'ignore' });
    rmSync(scratch, { recursive: true, force: true });
  }
}

void main();
