const fc = require('fast-check');

/**
 * Properties draw the same cases in every run of the tests, so that a right commit never fails by chance; a campaign draws others,
 * and ten times as many where a test does not say how many. NIPPERKIN_SEED draws the cases of that seed.
 */
const seed = Number(process.env.NIPPERKIN_SEED ?? '20261128');
fc.configureGlobal({
  seed,
  ...(process.env.NIPPERKIN_CAMPAIGN === undefined ? {} : { numRuns: 1000 }),
});
