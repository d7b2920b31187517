import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A folder of its own that is gone when the tests end. */
export function tempFolder(name: string): string {
  const folder = mkdtempSync(join(tmpdir(), `elbow-${name}-`));
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}
