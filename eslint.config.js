// What the components and hooks of React hold to, which takes ESLint half a minute; .oxlintrc.json has the rules for every file.
const { defineConfig } = require('eslint/config');
const expo = require('eslint-config-expo/flat');
const prettier = require('eslint-config-prettier/flat');
const { ofReactNative, ofRouter } = require('./scripts/not-rendered.cjs');

const leftOut = 'It is left out of the app, see scripts/not-rendered.cjs.';

/** The compiler and the other linter hold these for every file, without reading what is imported once more. */
const heldElsewhere = Object.fromEntries(
  expo
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => /^(@typescript-eslint|import)\//.test(name))
    .map((name) => [name, 'off']),
);

module.exports = defineConfig([
  {
    ignores: [
      'dist/**',
      '.expo/**',
      '.cache/**',
      'node_modules/**',
      '**/*.{js,cjs,mjs,ts}',
      '!src/**/use*.ts',
      '!src/data/{draft,hooks}/*.ts',
      '!src/features/bench/*.ts',
      '!src/ui/theme/*.ts',
      '**/*.test.{ts,tsx}',
    ],
  },
  expo,
  prettier,
  { rules: heldElsewhere },
  {
    rules: {
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
]);
