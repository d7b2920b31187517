import { readFileSync } from 'node:fs';
import type { Result } from '../src/core/units/result';

/**
 * Reads the one file that is named, and prints what is made of it.
 * @param name how the command is called
 * @returns 0 with the answer; 2 with the field that is wrong and what was expected
 */
export function runOnFile(name: string, answer: (text: string) => Result<unknown>): number {
  const [path, ...more] = process.argv.slice(2);
  if (path === undefined || more.length > 0) {
    process.stderr.write(`Usage: npm run -s ${name} -- FILE.json (an exported job file)\n`);
    return 2;
  }
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    process.stderr.write(`${path}: no such file, or it cannot be read. Name an exported job file.\n`);
    return 2;
  }
  const found = answer(text);
  if (!found.ok) {
    process.stderr.write(`${path}: ${found.message}\n`);
    return 2;
  }
  process.stdout.write(`${JSON.stringify(found.value)}\n`);
  return 0;
}
