import { appendFileSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * The folder of a campaign's outcomes, where one runs (`npm run campaign`). The same tests stand in `npm test` with fewer cases and
 * a fixed seed.
 */
const folder = process.env['NIPPERKIN_CAMPAIGN'];

export const isCampaign = folder !== undefined;

/** Fixed in `npm test`, new in every campaign: a case is drawn from it and from its own number. */
const seed = folder === undefined ? 0 : Number(process.env['NIPPERKIN_SEED'] ?? 0);

/**
 * How many cases a test tries: few in `npm test`, many in a campaign, which counts them.
 * @param few enough to find what the many have found, see `npm run faults`
 */
export function runs(few: number, many: number): number {
  if (folder === undefined) return few;
  mkdirSync(folder, { recursive: true });
  const test = typeof expect === 'function' ? expect.getState().currentTestName : undefined;
  appendFileSync(join(folder, 'cases.jsonl'), `${JSON.stringify({ test, cases: many })}\n`);
  return many;
}

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

/** Draws by chance from the number of a case, so that one that fails fails again (mulberry32). */
export function chance(number: number) {
  let state = number + seed;
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
