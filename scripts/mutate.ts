/**
 * `npm run mutate [-- how many [seed [folder]]]`: changes one figure, sign or comparison of the core at a time and runs the tests that
 * know of it; prints every change that no test noticed, and the share that was. The changes of a seed are always the same.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import ts from 'typescript';

const ROOT = join(__dirname, '..');
const CORE = join(ROOT, 'src', 'core');
const [count = 200, seed = 1] = process.argv.slice(2, 4).map(Number);
const folder = process.argv[4] ?? '';

/** A place in a file, and what is put there. */
interface Mutant {
  file: string;
  start: number;
  end: number;
  to: string;
}

const FLIPPED: Readonly<Partial<Record<ts.SyntaxKind, string>>> = {
  [ts.SyntaxKind.LessThanToken]: '>=',
  [ts.SyntaxKind.LessThanEqualsToken]: '>',
  [ts.SyntaxKind.GreaterThanToken]: '<=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '<',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
};

/** What may be put in place of a node; null where nothing is. */
function changed(node: ts.Node, source: ts.SourceFile): string | null {
  if (ts.isNumericLiteral(node)) {
    const value = Number(node.text);
    return value === 0 ? '1' : String(Number((value * 1.2).toPrecision(6)));
  }
  if (node.kind === ts.SyntaxKind.TrueKeyword) return 'false';
  if (node.kind === ts.SyntaxKind.FalseKeyword) return 'true';
  if (ts.isPropertyAccessExpression(node) && node.expression.getText(source) === 'Math') {
    if (node.name.text === 'min') return 'Math.max';
    if (node.name.text === 'max') return 'Math.min';
  }
  // Words put together with a plus are no sum.
  const { parent } = node;
  const isWords =
    parent &&
    ts.isBinaryExpression(parent) &&
    /['"`]/.test(parent.getText(source)) &&
    node.kind === ts.SyntaxKind.PlusToken;
  if (parent && ts.isBinaryExpression(parent) && parent.operatorToken === node && !isWords)
    return FLIPPED[node.kind] ?? null;
  return null;
}

function mutantsOf(file: string): Mutant[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    // A type is no judgement, and a title is no sum.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    const to = changed(node, source);
    if (to !== null) found.push({ file, start: node.getStart(source), end: node.getEnd(), to });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const filesUnder = (at: string): string[] =>
  readdirSync(at, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => {
      const path = join(at, entry.name);
      if (entry.isDirectory()) return filesUnder(path);
      return entry.name.endsWith('.ts') && !/\.(test|d)\.ts$/.test(entry.name) ? [path] : [];
    });

/** A copy to change, so that nobody's work is touched; it has the packages of this one. */
function copyOfAll(): string {
  const copy = mkdtempSync(join(tmpdir(), 'elbow-mutate-'));
  for (const name of readdirSync(ROOT))
    if (!['node_modules', 'dist', '.git', '.expo'].includes(name))
      cpSync(join(ROOT, name), join(copy, name), { recursive: true });
  symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

const copy = copyOfAll();

const BESIDE = '--testPathPattern';

/** Whether tests are red. */
const isRed = (args: readonly string[]): boolean =>
  spawnSync('npx', ['jest', '--selectProjects', 'core', '--bail', '--silent', '--passWithNoTests', ...args], {
    cwd: copy,
    stdio: 'ignore',
  }).status !== 0;

/** Whether a test notices: those beside it are asked first, then all that know of the file. */
function isNoticed({ file, start, end, to }: Mutant): boolean {
  const inCopy = join(copy, relative(ROOT, file));
  const text = readFileSync(inCopy, 'utf8');
  writeFileSync(inCopy, text.slice(0, start) + to + text.slice(end));
  try {
    return isRed([BESIDE, `${dirname(inCopy)}/`]) || isRed(['--findRelatedTests', inCopy]);
  } finally {
    writeFileSync(inCopy, text);
  }
}

const lineOf = ({ file, start, end, to }: Mutant): string => {
  const text = readFileSync(file, 'utf8');
  const line = text.slice(0, start).split('\n').length;
  return `${relative(ROOT, file)}:${line}  ${text.slice(start, end)} -> ${to}`;
};

function main(): void {
  const generator = xoroshiro128plus(seed);
  const pick = <T>(list: readonly T[]): T =>
    list[unsafeUniformIntDistribution(0, list.length - 1, generator)] as T;
  const files = filesUnder(join(CORE, folder))
    .map(mutantsOf)
    .filter((some) => some.length > 0);
  const tally = { all: [0, 0], joined: [0, 0] } as Record<string, [number, number]>;
  try {
    if (isRed([BESIDE, 'core/units/'])) throw new Error('Tests are red before anything is changed.');
    for (let n = 0; n < count; n++) {
      const mutant = pick(pick(files));
      const noticed = isNoticed(mutant);
      const kinds = /core\/plan\/|\/rooms\//.test(mutant.file) ? ['all', 'joined'] : ['all'];
      for (const kind of kinds) {
        const [seen, of] = tally[kind] ?? [0, 0];
        tally[kind] = [seen + Number(noticed), of + 1];
      }
      if (!noticed) process.stdout.write(`unnoticed  ${lineOf(mutant)}\n`);
    }
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
  const share = (kind: string) => {
    const [seen, of] = tally[kind] ?? [0, 0];
    return `${seen} of ${of}${of > 0 ? `, ${Math.round((100 * seen) / of)} %` : ''}`;
  };
  process.stdout.write(`noticed in the core: ${share('all')}; in plan and limits: ${share('joined')}\n`);
}

main();
