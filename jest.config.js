/** The core and all that needs no screen run in plain Node; screens run as the web app sees them. */
const babel = ['babel-jest', { caller: { name: 'metro', bundler: 'metro', platform: 'web' } }];

/** These ship as ES modules only, which Jest does not read by itself. */
const esOnly =
  '(flatbush|flatqueue|ml-levenberg-marquardt|ml-matrix|is-any-array|d3-[a-z]+|internmap|@scure/base|@noble/hashes|temporal-polyfill|temporal-utils)';
const screenPatterns = require('jest-expo/web/jest-preset').transformIgnorePatterns.map((pattern) =>
  pattern.replace('(?!(', `(?!(${esOnly}|`),
);

module.exports = {
  // Generous, as what is waited for in a screen is: a machine that is busy elsewhere must not fail a test that is right.
  testTimeout: 60_000,
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{src,server,cli}/**/*.test.ts'],
      setupFiles: [
        '<rootDir>/scripts/property-seed.js',
        '<rootDir>/src/data/records/wholeSchemas.ts',
      ],
      transform: { '\\.m?[jt]sx?$': babel },
      transformIgnorePatterns: [`/node_modules/(?!${esOnly}/)`],
    },
    {
      displayName: 'screens',
      preset: 'jest-expo/web',
      transform: { '\\.mjs$': babel },
      transformIgnorePatterns: screenPatterns,
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFiles: ['<rootDir>/scripts/jsdom-gaps.js', '<rootDir>/src/data/records/wholeSchemas.ts'],
      setupFilesAfterEnv: ['@testing-library/jest-dom', '<rootDir>/scripts/patient.js'],
      moduleNameMapper: {
        '^@/(.*)$': '<rootDir>/src/$1',
        // Its browser build is an ES module, which Jest does not read out of node_modules.
        '^nanoid$': require.resolve('nanoid'),
      },
    },
  ],
};
