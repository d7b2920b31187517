/** The direction data flows in: routes -> features -> ui, state -> core; core stands alone. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      comment: 'The core computes; it knows no screen, no storage, no Node.',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^src/core',
          '^node_modules/(zod|papaparse|@types/papaparse|leven|bessel|pure-rand|d3-contour|fft.js)/',
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
