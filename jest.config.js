/** The core and all that needs no screen run in plain Node; screens run as the web app sees them. */
const scripts = '<rootDir>/scripts/jest';

/** A whole run has the pure rooms in packs, see `scripts/packs.mjs`; by itself a test file runs as it stands. */
const packed = process.env.NIPPERKIN_PACKS;

const shared = {
  cacheDirectory: '<rootDir>/.cache/jest',
  setupFiles: [`${scripts}/propertySeed.js`],
  transform: { '\\.test\\.tsx?$': `${scripts}/bundle.cjs` },
};

module.exports = {
  cacheDirectory: shared.cacheDirectory,
  // Generous, as what is waited for in a screen is: a machine that is busy elsewhere must not fail a test that is right.
  testTimeout: 60_000,
  globalSetup: `${scripts}/commands.cjs`,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/{src,server,cli}/**/*.test.ts',
        ...(packed === undefined ? [] : ['<rootDir>/.cache/packs/*.test.ts']),
      ],
      testPathIgnorePatterns: packed?.split('\n') ?? [],
    },
    {
      ...shared,
      displayName: 'screens',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFiles: [...shared.setupFiles, `${scripts}/jsdomGaps.js`],
      setupFilesAfterEnv: ['@testing-library/jest-dom', `${scripts}/patient.js`],
    },
  ],
};
