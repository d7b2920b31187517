/** The direction data flows in: routes -> features -> ui, state -> core; core stands alone. */

/** Slices of the core, each below those that may use it: what stands later may import what stands earlier, never the other way. */
const SLICES = [
  'units',
  'data',
  'formats',
  'judge',
  'bench',
  'heat',
  'metal',
  'joint',
  'repair',
  'rods',
  'say',
  'process',
  'timeline',
  'power',
  'preheat',
  'mix',
  'field',
  'order',
  'procedure',
  'plan',
  'planner',
  'run',
  'ear',
  'instruments',
];
/** Of these every file may be imported; of the others screens, workers and command line see the face only: an index. */
const OPEN = ['units', 'data', 'formats'];
const FACED = SLICES.filter((slice) => !OPEN.includes(slice)).join('|');

module.exports = {
  forbidden: [
    ...SLICES.map((slice, n) => ({
      name: `${slice}-knows-nothing-above-it`,
      severity: 'error',
      from: { path: `^src/core/${slice}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^src/core/(${['no-slice', ...SLICES.slice(n + 1)].join('|')})/` },
    })),
    {
      name: 'every-slice-has-its-place',
      comment: 'A new folder of the core is named above, where it belongs.',
      severity: 'error',
      from: {},
      to: { path: `^src/core/(?!(${SLICES.join('|')})/)` },
    },
    {
      name: 'screens-see-faces',
      comment: 'A slice is seen by its index.ts only.',
      severity: 'error',
      from: { path: '^(src/(features|ui|state|workers)|app|cli)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: `^src/core/(${FACED})/`, pathNot: '/index\\.ts$' },
    },
    {
      name: 'core-uses-no-faces',
      comment: 'Inside the core a file imports the file it needs.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: `^src/core/(${FACED})/index\\.ts$` },
    },
    {
      name: 'limits-are-leaves',
      comment: 'What a limit shares with others stands beside the folder of limits, not in it.',
      severity: 'error',
      from: { pathNot: '^src/core/plan/rooms\\.ts$|\\.test\\.tsx?$' },
      to: { path: '^src/core/[^/]+/rooms/' },
    },
    {
      name: 'core-stands-alone',
      comment: 'The core computes; it knows no screen, no storage, no Node.',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^src/core',
          '^node_modules/(zod|papaparse|@types/papaparse|leven|bessel|pure-rand|d3-contour|fft.js|ml-matrix|simple-statistics|fflate)/',
        ],
      },
    },
    {
      name: 'core-has-no-node-builtins',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'features-do-not-import-one-another',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'routes-are-thin',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^src/', pathNot: '^src/(features|ui|state)/' },
    },
    {
      name: 'ui-knows-no-feature',
      severity: 'error',
      from: { path: '^src/ui' },
      to: { path: '^src/(features|state)' },
    },
    {
      name: 'state-knows-no-screen',
      severity: 'error',
      from: { path: '^src/state' },
      to: { path: '^src/(features|ui)' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.web.ts', '.web.tsx', '.js', '.mjs', '.cjs', '.json'],
    },
  },
};
