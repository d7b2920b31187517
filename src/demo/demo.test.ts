import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeJobFile } from '@core/formats/write';
import { assess } from '@core/plan/assess';
import { makePlan } from '@core/plan/plan';
import { DEMO_IDS } from './ids';
import { DEMO_JOBS } from './jobs';
import { DEMO_KIT } from './kit';

const FOLDER = join(__dirname, '..', '..', 'demo', 'jobs');

test('the demo job files are what an export gives now; `npm run demo` writes them', () => {
  expect(readdirSync(FOLDER).sort()).toEqual(DEMO_JOBS.map(({ id }) => `${id}.json`).sort());
  for (const job of DEMO_JOBS) {
    expect(readFileSync(join(FOLDER, `${job.id}.json`), 'utf8')).toBe(writeJobFile(job, DEMO_KIT));
  }
});

test('the app knows which jobs are the demo’s', () => {
  expect([...DEMO_IDS].sort()).toEqual(DEMO_JOBS.map(({ id }) => id).sort());
});

test('the jobs need different answers', () => {
  const answers = DEMO_JOBS.map((job) => {
    const assessment = assess(job, DEMO_KIT);
    return `${makePlan(assessment).verdict} ${assessment.tightest?.id}`;
  });
  expect(new Set(answers).size).toBeGreaterThanOrEqual(6);
  expect(answers.filter((answer) => answer.startsWith('stopped'))).toHaveLength(1);
  expect(answers.filter((answer) => answer.startsWith('draft'))).toHaveLength(1);
  expect(answers.filter((answer) => answer.startsWith('ready')).length).toBeGreaterThanOrEqual(2);
});
