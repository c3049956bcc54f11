import twoBatches from '../../../docs/formats/two-batches.job.json';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { personOf } from '../person/person';
import { planResolved } from '../plan/planJob';
import { benchCopyOf, type BenchCopy } from './benchCopy';
import type { BenchEvent } from './benchEvents';

const noShelf = { resins: [], moulds: [] };

/** Two layers of two batches, each 420 g of A and 140 g of B, with some things of its pour said otherwise. */
export function copyOf(pour: object = {}, job: object = {}): BenchCopy {
  const said = readJob({
    ...twoBatches,
    ...job,
    pours: [{ ...twoBatches.pours[0], ...pour }],
  });
  const resolved = resolveJob(said, noShelf);
  return benchCopyOf(resolved, planResolved(resolved, noShelf), 0, personOf(undefined));
}

export const minute = 60_000;
/** Nine in the morning of the 6th of October 2026, ms since 1970. */
const begin = 1_791_277_200_000;

/** Something that was done, so many minutes after nine. */
export const done = (min: number, step: string, more: Partial<BenchEvent> = {}): BenchEvent => ({
  at: begin + min * minute,
  did: 'done',
  step,
  ...more,
});

/** A batch from its cup to the mould, as it was planned, from so many minutes on. */
export const batchDone = (
  from: number,
  batch: string,
  { aG = 420, bG = 140 }: { readonly aG?: number; readonly bG?: number } = {},
): readonly BenchEvent[] => [
  done(from, `${batch}:cup`),
  done(from + 1, `${batch}:part-a`, { g: aG, raw: 'ST,GS,+  420.0 g' }),
  done(from + 2, `${batch}:part-b`, { g: bG }),
  done(from + 5, `${batch}:stir`),
  done(from + 6, `${batch}:second-cup`),
  done(from + 8, `${batch}:rest`),
  done(from + 10, `${batch}:pour`),
];

export const at = (min: number): number => begin + min * minute;
