const expoPreset = require('jest-expo/jest-preset');

/** Everything the transformer must not skip in node_modules. */
const transformIgnorePatterns = expoPreset.transformIgnorePatterns.map((pattern) =>
  pattern.replace('native-base', 'native-base|@rneui|nanoid|@react-native-async-storage|@noble'),
);

module.exports = {
  // The default leaves one processor idle: on two that is half of them.
  maxWorkers: '100%',
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      setupFiles: ['<rootDir>/tests/seed.ts'],
      testMatch: [
        '<rootDir>/src/{core,demo}/**/*.test.ts',
        '<rootDir>/{cli,server,scripts,examples}/**/*.test.ts',
      ],
      moduleNameMapper: { '^@core/(.*)$': '<rootDir>/src/core/$1' },
      transform: {
        '\\.(ts|m?js)$': [
          'babel-jest',
          {
            configFile: false,
            presets: [['@babel/preset-typescript', { allowDeclareFields: true }]],
            plugins: ['@babel/plugin-transform-modules-commonjs'],
          },
        ],
      },
      // Packages that ship as modules only.
      transformIgnorePatterns: ['/node_modules/(?!d3-|internmap)'],
    },
    {
      displayName: 'web',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/src/{state,ui,features}/**/*.test.{ts,tsx}'],
      setupFilesAfterEnv: ['<rootDir>/tests/seed.ts', '<rootDir>/tests/jest-setup.ts'],
      transformIgnorePatterns,
    },
  ],
};
