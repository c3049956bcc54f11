import type { ResolvedPour } from '../../job/resolveJob';
import { batchClockOf, type BatchBucket, type PotLifeBy } from '../batchClock';
import type { PlannedBatch, PourPlan } from '../planTypes';
import type { KeptCalibrations } from './calibrationOf';

/** The batch of a pour that goes off first, against the label. */
export interface JobBucket extends BatchBucket {
  readonly by: PotLifeBy;
  readonly massG: number;
  readonly resinC: number;
  /** When its middle is at 40 °C. */
  readonly warmMin: number | undefined;
  /** The label's, for its own mass and temperature. */
  readonly labelMin: number | undefined;
  /** Share of the time that is kept back. */
  readonly keptBack: number;
  /** The largest batch that leaves time to pour, g; Infinity where any does, undefined where none does. */
  readonly largestG: number | undefined;
}

/** The batch that goes off first; where none does, the largest. */
const firstToGo = (batches: readonly PlannedBatch[]): PlannedBatch | undefined =>
  [...batches].sort(
    (one, other) =>
      (one.bucket.pourableMin ?? Infinity) - (other.bucket.pourableMin ?? Infinity) ||
      other.g - one.g,
  )[0];

/**
 * How the batch that goes off first fares in its cup.
 * @param plan of the same pour
 */
export function bucketOf(
  { card, resin }: Pick<ResolvedPour, 'card' | 'resin'>,
  { batches, layers, working }: Pick<PourPlan, 'batches' | 'layers' | 'working'>,
  kept: KeptCalibrations | undefined,
): JobBucket | undefined {
  const batch = firstToGo(batches);
  if (batch === undefined) return undefined;
  const { fillers = [], filledMl: volumeMl = batch.ml, container, bucket, layer } = batch;
  const massG = fillers.reduce((sum, { g }) => sum + g, batch.g);
  const at = layers[layer]!.mixedAt;
  const clock = batchClockOf(card.family, resin, fillers, kept);
  const vesselMl = container?.capacityMl;
  const greatestMl = clock.greatestMl(vesselMl, at, working);
  return {
    ...bucket,
    by: clock.by,
    massG,
    resinC: at.resinC,
    warmMin: clock.warmMin(volumeMl, vesselMl, at),
    labelMin: working.labelMin,
    keptBack: working.keptBack,
    largestG: greatestMl && (greatestMl * massG) / volumeMl,
  };
}
