import { mkdirSync, writeFileSync } from 'node:fs';

/** What `npm run bench -- --reliability` asks for: many runs, and what they came to in files. */
// eslint-disable-next-line expo/no-dynamic-env-var -- it is read by Jest in Node, not built into the app
const folder = process.env['RELIABILITY'];

/** How often something is tried: a few times with every test run, many times when reliability is measured. */
export const runs = (few: number, many: number): number => (folder === undefined ? few : many);

/** What the runs of one promise came to. */
export interface Outcome {
  readonly promise: string;
  /** Runs, or records, or files. */
  readonly count: number;
  /** Things that were confirmed and are not there. */
  readonly lost: number;
  /** Things that are there and cannot be reached. */
  readonly locked: number;
  /** The longest that one of them took, ms. */
  readonly longestMs: number;
}

/** Leaves an outcome where the benchmark finds it. */
export function report(outcome: Outcome): void {
  if (folder === undefined) return;
  mkdirSync(folder, { recursive: true });
  const name = outcome.promise.replace(/\W+/g, '-');
  writeFileSync(`${folder}/${name}.json`, JSON.stringify(outcome));
}

/** The longest of what is done through it. */
export function stopwatch() {
  let longestMs = 0;
  return {
    time<T>(work: () => T): T {
      const before = performance.now();
      try {
        return work();
      } finally {
        longestMs = Math.max(longestMs, performance.now() - before);
      }
    },
    longestMs: () => Math.round(longestMs * 10) / 10,
  };
}

/** Draws by chance from a seed, so that a run that fails fails again (mulberry32). */
export function chance(seed: number) {
  let state = seed;
  const next = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return {
    next,
    below: (end: number): number => Math.floor(next() * end),
    oneOf: <T>(choices: readonly T[]): T => choices[Math.floor(next() * choices.length)]!,
  };
}
