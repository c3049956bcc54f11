/** Where a row of chances stands. */
export type Seed = number;

/**
 * The next chance of a row, even between 0 and 1 (mulberry32), and where the row stands then: what is simulated goes the same way
 * from the same seed.
 */
export function nextChance(seed: Seed): readonly [value: number, next: Seed] {
  const next = (seed + 0x6d2b79f5) | 0;
  let mixed = Math.imul(next ^ (next >>> 15), next | 1);
  mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
  return [((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296, next];
}

/** A chance of the normal distribution with mean 0 and spread 1 (Box and Muller), and where the row stands then. */
export function nextNormal(seed: Seed): readonly [value: number, next: Seed] {
  const [first, middle] = nextChance(seed);
  const [second, next] = nextChance(middle);
  return [Math.sqrt(-2 * Math.log(1 - first)) * Math.cos(2 * Math.PI * second), next];
}
