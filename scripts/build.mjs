/** Builds the web app into dist/, unless what is there is newer than everything it is made of. `--force` builds anyway. */
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const SOURCES = [
  'app',
  'src',
  'public',
  'app.json',
  'metro.config.js',
  'package-lock.json',
  'tsconfig.json',
  'scripts/sw.mjs',
];
const STAMP = join(root, 'dist', 'index.html');

/** Newest modification under a path, ms. */
function newest(path) {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))));
}

export function build({ force = false } = {}) {
  const built = existsSync(STAMP) ? statSync(STAMP).mtimeMs : 0;
  if (!force && built > Math.max(...SOURCES.map((path) => newest(join(root, path))))) return;
  process.stdout.write('Building the app (about a minute the first time)...\n');
  run('npx', ['expo', 'export', '-p', 'web', '--output-dir', 'dist']);
  run('node', ['scripts/sw.mjs']);
}

function run(command, args) {
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  if (status !== 0) process.exit(status ?? 1);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) build({ force: process.argv.includes('--force') });
