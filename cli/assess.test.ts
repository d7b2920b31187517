import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
const run = (...args: string[]) =>
  spawnSync('npx', ['tsx', 'cli/assess.ts', ...args], { cwd: ROOT, encoding: 'utf8' });
const demo = join('demo', 'jobs', 'vent-cowl.json');

test('prints rooms, levers and plan of a job file, and exits 0', () => {
  const { stdout, status } = run(demo);
  const answer = JSON.parse(stdout);
  expect(status).toBe(0);
  expect(Object.keys(answer)).toEqual(['rooms', 'levers', 'plan']);
  expect(answer.rooms[0]).toMatchObject({ id: 'burn-through', state: 'none' });
  expect(answer.levers.length).toBeGreaterThan(3);
}, 60_000);

test('a bad file names the field and what was expected, and exits 2', () => {
  const bad = join(mkdtempSync(join(tmpdir(), 'elbow-cli-')), 'bad.json');
  writeFileSync(bad, readFileSync(join(ROOT, demo), 'utf8').replace('"gap_mm": 0.5', '"gap_mm": -0.5'));
  const { stderr, stdout, status } = run(bad);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(/job\.joint\.gap_mm: Gap: -0\.5 mm is under 0 mm\. Type/);
  expect(run('nowhere.json').status).toBe(2);
  expect(run().stderr).toMatch(/Usage/);
}, 60_000);
