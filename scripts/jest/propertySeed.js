const fc = require('fast-check');

/**
 * Properties draw the same cases in every run of the tests, so that what fails on one machine fails on
 * every other; NIPPERKIN_SEED draws others: a number, or "random".
 */
const seed = process.env.NIPPERKIN_SEED ?? '20261128';
if (seed !== 'random') fc.configureGlobal({ seed: Number(seed) });
