/**
 * The core without a screen: reads an exported job file, prints {"rooms", "levers", "plan"}.
 * Exit 0 with the answer; 2 with the field that is wrong and what was expected.
 */
import { readFileSync } from 'node:fs';
import { assessJobFile } from '../src/core/plan/headless';

function main(args: readonly string[]): number {
  const path = args[0];
  if (path === undefined || args.length > 1) {
    process.stderr.write('Usage: npm run -s assess -- FILE.json (an exported job file)\n');
    return 2;
  }
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    process.stderr.write(`${path}: no such file, or it cannot be read. Name an exported job file.\n`);
    return 2;
  }
  const answer = assessJobFile(text, Date.now());
  if (!answer.ok) {
    process.stderr.write(`${path}: ${answer.message}\n`);
    return 2;
  }
  process.stdout.write(`${JSON.stringify(answer.value)}\n`);
  return 0;
}

process.exitCode = main(process.argv.slice(2));
