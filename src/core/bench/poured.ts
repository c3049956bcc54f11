import { pourOf, type BenchCopy } from './benchCopy';
import { type BenchState } from './benchState';
import { isBatchLane, type BatchLane } from './lanes';

/** What of a pour is mixed by now. */
export interface Poured {
  /** Mixed, g of both parts. */
  readonly g: number;
  /** Of what its plan asks for, the share that is still to be mixed, 0 to 1. */
  readonly restShare: number;
  /** All of it is in the mould. */
  readonly isWhole: boolean;
}

/** A batch that is done with, in the mould or thrown away. */
const isDone = ({ next }: BatchLane): boolean => next === undefined;

/** What is mixed in a batch, g of both parts. */
export const mixedGOfBatch = ({ inCup: { aG, bG }, batch: { group } }: BatchLane): number =>
  // Marks on a cup, and pumps, are taken to have given what they were to give.
  (aG ?? group.a.g) + (bG ?? group.b.g);

/** What of a pour is mixed by now; layers that were poured before the bench was opened are none of it, and not to come. */
export function pouredOf(copy: BenchCopy, state: BenchState): Poured {
  const lanes = state.lanes.filter(isBatchLane);
  const restG = lanes
    .filter((lane) => !isDone(lane))
    .reduce((sum, { batch }) => sum + batch.group.g, 0);
  const all = pourOf(copy).batches.reduce((sum, { count, g }) => sum + count * g, 0);
  return {
    g: lanes.filter(isDone).reduce((sum, lane) => sum + mixedGOfBatch(lane), 0),
    // Two sums of the same figures may differ in their last digit.
    restShare: all === 0 ? 0 : Math.min(1, restG / all),
    isWhole: lanes.length > 0 && restG === 0,
  };
}
