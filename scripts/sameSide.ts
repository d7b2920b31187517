/** One side of `npm run same`: judges job files with the core under a folder, one answer a line. */
import { closeSync, openSync, readFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

const [folder = '', input = '', output = ''] = process.argv.slice(2);

async function main(): Promise<void> {
  const headless = pathToFileURL(join(folder, 'src', 'core', 'plan', 'headless.ts')).href;
  const { assessJobFile } = (await import(headless)) as { assessJobFile: (text: string) => unknown };
  const out = openSync(output, 'w');
  for (const text of JSON.parse(readFileSync(input, 'utf8')) as string[])
    writeSync(out, `${JSON.stringify(assessJobFile(text))}\n`);
  closeSync(out);
}

void main();
