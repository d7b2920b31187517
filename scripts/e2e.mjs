/** Browser tests on the built app. Names of test files may be given; all of them otherwise. */
import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from './build.mjs';
import { needBrowser } from './browser.mjs';

needBrowser();
build();
const root = fileURLToPath(new URL('..', import.meta.url));
const named = process.argv.slice(2);
const files = readdirSync(join(root, 'tests', 'e2e'))
  .filter((name) => name.endsWith('.e2e.ts'))
  .filter((name) => named.length === 0 || named.some((part) => name.includes(part)))
  .map((name) => join('tests', 'e2e', name));
const { status } = spawnSync('node', ['--import', 'tsx', '--test', '--test-concurrency=2', ...files], {
  cwd: root,
  stdio: 'inherit',
});
process.exit(status ?? 1);
