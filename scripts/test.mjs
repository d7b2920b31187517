/** `npm test`: types, lint, import directions, unit tests, then the built app in a real browser. Stops at the first that fails. */
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const STEPS = ['typecheck', 'lint', 'test:unit', 'test:e2e'];

for (const step of STEPS) {
  process.stdout.write(`\n== ${step}\n`);
  const { status } = spawnSync('npm', ['run', '-s', step], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  if (status !== 0) {
    process.stderr.write(`\n${step} failed\n`);
    process.exit(status ?? 1);
  }
}
process.stdout.write('\nAll of it passed.\n');
