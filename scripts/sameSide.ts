/** One side of `npm run same`: judges job files with the core under a folder, one answer a line. */
import { closeSync, existsSync, openSync, readFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const [folder = '', input = '', output = ''] = process.argv.slice(2);

async function main(): Promise<void> {
  const plan = join(folder, 'src', 'core', 'plan');
  const now = join(plan, 'headless', 'headless.ts');
  // Where it stood before each slice had a face.
  const headless = pathToFileURL(existsSync(now) ? now : join(plan, 'headless.ts')).href;
  const { assessJobFile } = (await import(headless)) as { assessJobFile: (text: string) => unknown };
  const out = openSync(output, 'w');
  for (const text of JSON.parse(readFileSync(input, 'utf8')) as string[])
    writeSync(out, `${JSON.stringify(assessJobFile(text))}\n`);
  closeSync(out);
}

void main();
