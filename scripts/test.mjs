/** `npm test`: types and lint beside one another, unit tests, then the built app in a real browser. Stops at the first that fails. */
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
/** Steps of one line run beside one another: each takes one processor. The types of the routes are there before anything reads them. */
const STEPS = [['routes'], ['typecheck', 'lint'], ['test:unit'], ['test:e2e']];

const run = (step) =>
  new Promise((done) => {
    process.stdout.write(`\n== ${step}\n`);
    spawn('npm', ['run', '-s', step], {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
    }).on('close', (status) => done({ step, status: status ?? 1 }));
  });

for (const steps of STEPS) {
  const failed = (await Promise.all(steps.map(run))).filter(({ status }) => status !== 0);
  if (failed.length > 0) {
    process.stderr.write(`\n${failed.map(({ step }) => step).join(' and ')} failed\n`);
    process.exit(failed[0]?.status ?? 1);
  }
}
process.stdout.write('\nAll of it passed.\n');
