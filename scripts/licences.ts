/** `npm run licences`: writes docs/LICENCES.md, the licence of every package that the app or its server ships with. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..');
interface Locked {
  packages: Record<string, { version?: string; license?: string; dev?: boolean; devOptional?: boolean }>;
}
const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')) as Locked;
const rows = Object.entries(packages).flatMap(([path, { version, license, dev, devOptional }]) => {
  const at = path.lastIndexOf('node_modules/');
  if (at < 0 || dev || devOptional) return [];
  const own = join(root, path, 'package.json');
  const said =
    license ??
    (existsSync(own) ? (JSON.parse(readFileSync(own, 'utf8')) as { license?: string }).license : undefined);
  return [`| ${path.slice(at + 'node_modules/'.length)} | ${version ?? ''} | ${said ?? 'not said'} |`];
});
const lines = [...new Set(rows)].sort((a, b) => a.localeCompare(b));
writeFileSync(
  join(root, 'docs', 'LICENCES.md'),
  `# Licences of what ships\n\nWritten by \`npm run licences\` from the lock file.\n\n| package | version | licence |\n| - | - | - |\n${lines.join('\n')}\n`,
);
process.stdout.write(`${lines.length} packages\n`);
