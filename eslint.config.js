const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');
const { ofReactNative, ofRouter } = require('./scripts/not-rendered.cjs');

const leftOut = 'It is left out of the app, see scripts/not-rendered.cjs.';

/** Rules of React find nothing where there is no React, and take half of the time. */
const withoutReact = Object.fromEntries(
  expo
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => /^react(-hooks)?\//.test(name))
    .map((name) => [name, 'off']),
);

module.exports = defineConfig([
  { ignores: ['dist/**', '.expo/**', '.cache/**', 'node_modules/**', 'src/ui/icons/iconPaths.ts'] },
  expo,
  prettier,
  { files: ['**/*.cjs'], languageOptions: { globals: { __dirname: 'readonly' } } },
  { files: ['src/{core,words}/**/*.ts', '{server,cli,e2e,scripts}/**/*'], rules: withoutReact },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      // The compiler holds this, and knows types; the rule reads every file that is imported once more.
      'import/namespace': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    rules: {
      'no-console': 'error',
      'no-restricted-imports': [
        'error',
        {
          paths: [
            { name: 'react-native', importNames: ofReactNative, message: leftOut },
            { name: 'expo-router', importNames: ofRouter, message: leftOut },
          ],
        },
      ],
    },
  },
  {
    // The core is pure: no clock, no chance, no world outside.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'Date', 'window', 'document', 'process', 'fetch'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core takes chance as an argument.' },
      ],
    },
  },
]);
