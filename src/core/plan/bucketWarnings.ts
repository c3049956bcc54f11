import { isInTime, type BatchBucket, type BatchClock, type MixedAt } from './batchClock';
import type { MixedLayer } from './planBatches';
import type { Warning } from './planTypes';
import type { Working } from '../mix/working';

/** A hardener that the card has besides the one in use, with the clock of its batches. */
interface OtherHardener {
  readonly name: string;
  readonly clock: BatchClock;
}

/** What the warnings of buckets are worked out from. */
export interface BucketQuestion {
  readonly mixed: readonly MixedLayer[];
  readonly working: Working;
  /** Of the mix with its fillers. */
  readonly massOf: (mixed: MixedLayer, volumeMl: number) => number;
  /** Asked for only where a batch is too large. */
  readonly otherHardeners: (mixed: MixedLayer) => readonly OtherHardener[];
}

/** Cooler than this nobody mixes, °C. */
const coldestC = 10;
/** More batches than this for one layer are no way out. */
const mostBatches = 100;

/** How much over its time a batch is: pourable over needed. */
const spare = ({ pourableMin, needsMin }: BatchBucket): number =>
  (pourableMin ?? Infinity) / needsMin;

/** The warmest whole degree, of mix and room alike, at which a batch would last; undefined where even 10 °C are too warm. */
function coolEnoughC(lastsAt: (at: MixedAt) => boolean, { resinC, roomC }: MixedAt) {
  const cooledTo = (celsius: number): MixedAt => ({
    resinC: Math.min(resinC, celsius),
    roomC: Math.min(roomC, celsius),
  });
  let low = coldestC;
  let high = Math.ceil(Math.max(resinC, roomC));
  if (high <= low || !lastsAt(cooledTo(low))) return undefined;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (lastsAt(cooledTo(middle))) low = middle;
    else high = middle;
  }
  return low;
}

/** What would do for a batch that is too large. */
function waysOut(
  mixed: MixedLayer,
  { working, massOf, otherHardeners }: BucketQuestion,
): {
  readonly batches: number | undefined;
  readonly eachG: number | undefined;
  readonly coolerC: number | undefined;
  readonly twoPeople: boolean;
  readonly hardeners: readonly string[];
} {
  const { clock, at, split } = mixed;
  const { batchMl, container, count } = split;
  const vesselMl = container?.capacityMl;
  const { keptBack } = working;
  const greatestMl = clock.greatestMl(vesselMl, at, working);
  const batches = greatestMl && Math.ceil((batchMl * count) / greatestMl);
  const eachMl = batches && (batchMl * count) / batches;
  // Two stir and pour beside each other; the stirring takes as long.
  const inTwo = { ...working, pourMlPerMin: working.pourMlPerMin * 2 };
  return {
    ...(batches === undefined || eachMl === undefined || batches > mostBatches
      ? { batches: undefined, eachG: undefined }
      : { batches, eachG: massOf(mixed, eachMl) }),
    coolerC: coolEnoughC(
      (cooled) => isInTime(clock.bucketOf(batchMl, vesselMl, cooled, working), keptBack),
      at,
    ),
    twoPeople: isInTime(clock.bucketOf(batchMl, vesselMl, at, inTwo), keptBack),
    hardeners: otherHardeners(mixed)
      .filter((other) => isInTime(other.clock.bucketOf(batchMl, vesselMl, at, working), keptBack))
      .map(({ name }) => name),
  };
}

/** Tells where batches that were asked for by number are more than can be mixed and poured in time, and what would do. */
export function overPotLife(question: BucketQuestion): Warning[] {
  const { mixed, working, massOf } = question;
  const late = mixed.filter(({ bucket }) => !isInTime(bucket, working.keptBack));
  const [first] = late;
  if (first === undefined) return [];
  const worst = late.reduce(
    (most, each) => (spare(each.bucket) < spare(most.bucket) ? each : most),
    first,
  );
  const { pourableMin, hotMin, needsMin } = worst.bucket;
  const data = {
    massG: massOf(worst, worst.split.batchMl),
    workingMin: needsMin,
    potLifeMin: pourableMin ?? 0,
    hotMin: hotMin ?? undefined,
    keptBack: working.keptBack,
    ...waysOut(worst, question),
  };
  return [{ code: 'over-pot-life', severity: 'warn', data }];
}

/** Tells where a layer is mixed in several batches because all of it in one would go off before it is poured. */
export function splitByPotLife({ mixed, working, massOf }: BucketQuestion): Warning[] {
  const wholes = mixed
    .filter(({ split }) => split.rule === 'pot-life')
    .map((each) => {
      const { clock, at, split } = each;
      const wholeMl = split.batchMl * split.count;
      return { each, wholeMl, bucket: clock.bucketOf(wholeMl, undefined, at, working) };
    });
  const [first] = wholes;
  if (first === undefined) return [];
  const { each, wholeMl, bucket } = wholes.reduce(
    (most, other) => (spare(other.bucket) < spare(most.bucket) ? other : most),
    first,
  );
  const data = {
    massG: massOf(each, wholeMl),
    workingMin: bucket.needsMin,
    potLifeMin: bucket.pourableMin ?? undefined,
    hotMin: bucket.hotMin ?? undefined,
    batches: each.split.count,
    eachG: massOf(each, each.split.batchMl),
  };
  return [{ code: 'split-by-pot-life', severity: 'tell', data }];
}
