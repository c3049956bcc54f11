import { isOver } from '../quantity/tolerance';
import type { Allowances } from '../measure/allowances/allowancesSchema';
import { residueOfBatchMl } from '../measure/allowances/allowances';
import { InputError } from '../problem';
import { roundUpWhole } from '../quantity/round';
import type { ReadContainer } from './containers';

/** More cups than this is a wrong container, not a plan. */
export const mostBatches = 500;

/** What bounds a batch, however much there is to pour. */
export interface BatchLimits {
  /** To choose from; empty for one batch whatever it takes. */
  readonly containers: readonly ReadContainer[];
  /**
   * What can be mixed and poured inside the pot life in a container: Infinity where `wantedMl` can, and where nothing is known.
   * @throws InputError `pot-life-too-short` where nothing can
   */
  readonly inTimeMl: (container: ReadContainer | undefined, wantedMl: number) => number;
  /** The maker's least batch. */
  readonly leastMl: number | undefined;
  /** Batches asked for by number. */
  readonly asked: number | undefined;
  readonly residue: Allowances['residue'];
  /** Cups that are wetted besides the one that it is mixed in. */
  readonly moreCups: number;
}

/** What decided the number of batches. */
export type BatchRule = 'asked' | 'no-container' | 'container' | 'pot-life' | 'least-batch';

/** Equal batches for one mixture. */
export interface Split {
  readonly count: number;
  /** What is mixed for one, residue included. */
  readonly batchMl: number;
  /** Mixed over what is needed, so that the batch is as large as the maker asks. */
  readonly surplusMl: number;
  readonly container: ReadContainer | undefined;
  /** The most that one batch may be; undefined where nothing limits it. */
  readonly limitMl: number | undefined;
  readonly residue: ReturnType<typeof residueOfBatchMl>;
  readonly rule: BatchRule;
}

/**
 * How many equal batches a need takes.
 * @param needMl mixed resin
 * @param limitMl what one batch may be
 * @throws InputError `container-too-small`
 */
export function batchCount(needMl: number, limitMl: number): number {
  const count = roundUpWhole(needMl / limitMl);
  if (count > mostBatches) {
    throw new InputError(
      'container-too-small',
      limitMl,
      { limitMl, needMl, count, most: mostBatches },
      'container.capacity',
    );
  }
  return Math.max(1, count);
}

/** The split with one container, or with none. */
function splitIn(
  needMl: number,
  container: ReadContainer | undefined,
  { inTimeMl, leastMl = 0, asked, residue: typedResidue, moreCups }: BatchLimits,
): Split {
  const residue = residueOfBatchMl(typedResidue, container?.capacityMl ?? needMl, moreCups);
  const staysMl = residue?.on === true ? residue.ml : 0;
  const fitsMl = container?.limitMl ?? Infinity;
  // Whoever asks for a number of batches is warned where they are too large, not refused.
  const inTime =
    asked === undefined
      ? inTimeMl(container, Math.min(fitsMl, Math.max(needMl + staysMl, leastMl)))
      : Infinity;
  const limitMl = Math.min(fitsMl, inTime);
  if (staysMl >= limitMl) {
    throw new InputError(
      'residue-fills-cup',
      typedResidue?.perBatch,
      { staysMl, limitMl },
      'allowances.residue.perBatch',
    );
  }
  const count = asked ?? (limitMl === Infinity ? 1 : batchCount(needMl, limitMl - staysMl));
  const neededMl = needMl / count + staysMl;
  // What a person asked for by number stays as it is; where that is under the least, a warning says so.
  const batchMl = asked === undefined ? Math.max(neededMl, leastMl) : neededMl;
  const bound = inTime < fitsMl ? 'pot-life' : 'container';
  if (batchMl > neededMl && isOver(batchMl, limitMl)) {
    throw new InputError(
      'least-over-limit',
      leastMl,
      { leastMl, limitMl, inTime: bound === 'pot-life', capacityMl: container?.capacityMl },
      bound === 'pot-life' ? 'mixing.pourRate' : 'container.capacity',
    );
  }
  return {
    count,
    batchMl,
    surplusMl: (batchMl - neededMl) * count,
    container,
    limitMl: limitMl === Infinity ? undefined : limitMl,
    residue,
    rule:
      asked !== undefined
        ? 'asked'
        : batchMl > neededMl
          ? 'least-batch'
          : limitMl === Infinity
            ? 'no-container'
            : bound === 'pot-life' && count > 1
              ? 'pot-life'
              : container === undefined
                ? 'no-container'
                : 'container',
  };
}

/**
 * Equal batches for a need: of the containers at hand the one that takes the fewest, of those the smallest.
 * What stays in the cups is mixed on top of each.
 * @param needMl what is to be poured
 * @throws InputError `container-too-small`, `residue-fills-cup`, `least-over-limit`, `pot-life-too-short`
 */
export function splitIntoBatches(needMl: number, limits: BatchLimits): Split {
  if (limits.containers.length === 0) return splitIn(needMl, undefined, limits);
  let best: Split | undefined;
  let refused: unknown;
  // From the largest down: where none will do, the largest says best what is missing.
  const fromLargest = [...limits.containers].sort((a, b) => b.limitMl - a.limitMl);
  for (const container of fromLargest) {
    try {
      const split = splitIn(needMl, container, limits);
      const better =
        best === undefined ||
        split.count < best.count ||
        (split.count === best.count &&
          container.capacityMl < (best.container?.capacityMl ?? Infinity));
      if (better) best = split;
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      refused ??= error;
    }
  }
  if (best === undefined) throw refused;
  return best;
}
