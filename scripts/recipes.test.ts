import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The recipes of CONTRIBUTING.md, each carried out in a scratch copy: so many files and lines, and no more, and it works. */
const ROOT = join(__dirname, '..');
let copy = '';
beforeEach(() => {
  copy = mkdtempSync(join(tmpdir(), 'elbow-recipe-'));
  for (const part of [
    'src/core',
    'src/demo',
    'cli',
    'demo',
    'package.json',
    'tsconfig.json',
    'expo-env.d.ts',
  ])
    cpSync(join(ROOT, part), join(copy, part), {
      recursive: true,
      filter: (path) => !path.includes('.test.'),
    });
  symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
});
afterEach(() => rmSync(copy, { recursive: true, force: true }));

const put = (path: string, text: string) => writeFileSync(join(copy, path), text);
/** Adds a line behind one that stands there. */
function addLine(path: string, behind: string, line: string): void {
  const text = readFileSync(join(copy, path), 'utf8');
  expect(text).toContain(behind);
  put(path, text.replace(behind, `${behind}\n${line}`));
}
function judge(job: string) {
  const { stdout, stderr } = spawnSync('npx', ['tsx', 'cli/assess.ts', `demo/jobs/${job}.json`], {
    cwd: copy,
    encoding: 'utf8',
  });
  if (stdout === '') throw new Error(stderr);
  return JSON.parse(stdout) as { rooms: { id: string; now: string }[]; levers: { id: string }[] };
}
const DAYLIGHT = `import { exactly } from '../../units/range';
import { PRACTICE } from '../../units/sources';
import type { Assessor } from '../../judge/assessor';
import { under } from '../../judge/room';
import type { Reads } from '../../judge/situation';

export const daylight: Assessor = {
  title: 'Daylight',
  short: 'daylight',
  stop: 'look',
  assess({ timeline }: Reads<'timeline'>) {
    if (!timeline) return null;
    return under('min', exactly(timeline.elapsed_s / 60), exactly(480), {
      now: 'working day',
      gap: 'until dark',
      until: '8 h',
      reasons: [{ words: 'A day.', source: PRACTICE }],
    });
  },
};
`;

const WIND = "import { wind } from '../process/rooms/wind';";
const DAYLIGHT_LINE = "import { daylight } from '../process/rooms/daylight';";

test('a room: one file, one line under its id', () => {
  put('src/core/process/rooms/daylight.ts', DAYLIGHT);
  const index = 'src/core/plan/rooms.ts';
  addLine(index, WIND, DAYLIGHT_LINE);
  addLine(index, '  wind,', '  daylight,');
  expect(judge('vent-cowl').rooms).toContainEqual(
    expect.objectContaining({ id: 'daylight', now: 'working day' }),
  );
}, 60_000);

test('a lever: one function, one line; it is offered where it buys something', () => {
  put(
    'src/core/process/dark.ts',
    `import type { ChangeMaker } from '../judge/change';
export const calmChange: ChangeMaker = () => [
  { id: 'amps-forty', title: 'Forty amps', cost: 'none', edits: [{ path: 'rod.current_A', value: 40 }] },
];
`,
  );
  const changes = 'src/core/plan/levers/changes.ts';
  addLine(
    changes,
    "import type { ChangeMaker } from '../../judge/change';",
    "import { calmChange } from '../../process/dark';",
  );
  addLine(changes, 'readonly ChangeMaker[] = [\n', '  calmChange,');
  expect(judge('vent-cowl').levers.map(({ id }) => id)).toContain('amps-forty');
}, 60_000);

test('a stage: one file with its type, one line; a room reads it by its name', () => {
  put(
    'src/core/process/smoke.ts',
    `import type { Reads } from '../judge/situation';
declare module '../judge/situation' {
  interface Situation {
    readonly smoke_min: number;
  }
}
/** Minutes of smoke. */
export const smoke_min = ({ timeline }: Reads<'timeline'>): number => (timeline?.arc_s ?? 0) / 60;
`,
  );
  const stages = 'src/core/plan/stages/index.ts';
  addLine(
    stages,
    "import { runs } from '../../order/runs';",
    "import { smoke_min } from '../../process/smoke';",
  );
  addLine(stages, '  assumed,', '  smoke_min,');
  const reading = DAYLIGHT.replaceAll('timeline', 'smoke_min').replace(
    'smoke_min.elapsed_s / 60',
    'smoke_min',
  );
  put('src/core/process/rooms/daylight.ts', reading.replace("'working day'", '`${smoke_min > 0}`'));
  const rooms = 'src/core/plan/rooms.ts';
  addLine(rooms, WIND, DAYLIGHT_LINE);
  addLine(rooms, '  wind,', '  daylight,');
  expect(judge('vent-cowl').rooms).toContainEqual(expect.objectContaining({ id: 'daylight', now: 'true' }));
}, 60_000);
