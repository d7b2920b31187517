const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');
const globals = require('globals');

const rneuiMessage = 'Import React Native Elements through src/ui/kit so that only what is used is bundled.';

module.exports = defineConfig([
  { ignores: ['dist/**', 'node_modules/**', '.expo/**', 'expo-env.d.ts'] },
  expo,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      // A Zod schema and the type read from it share a name on purpose.
      '@typescript-eslint/no-redeclare': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'react/no-unescaped-entities': 'off',
      'import/no-named-as-default-member': 'off',
      'import/no-named-as-default': 'off',
    },
  },
  {
    // What only the types can tell: a promise nobody waits for, a case nobody thought of.
    files: ['src/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}', 'server/**/*.ts', 'cli/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: __dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'app/**/*.{ts,tsx}'],
    ignores: ['src/ui/kit.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            { name: '@rneui/themed', message: rneuiMessage },
            { name: '@rneui/base', message: rneuiMessage },
          ],
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: ['react', 'react-native*', 'expo*', '@rneui/*', '@/*'] },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'navigator'],
      // A moment may be read and written; what the clock says now comes in from outside.
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: 'The moment is passed in.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The moment is passed in.',
        },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Chance is seeded: pure-rand, with a seed that is passed in.',
        },
      ],
    },
  },
  { files: ['**/*.{mjs,cjs,js}'], languageOptions: { globals: globals.node } },
  prettier,
]);
