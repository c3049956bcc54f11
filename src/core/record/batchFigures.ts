import type { BatchRecord, PieceRecord } from './recordSchema';

const msPerMin = 60_000;

/** From A meeting B to the mould, min; undefined where nobody noted both. */
export const inCupMinOf = ({
  metAt,
  pouredAt,
}: Pick<BatchRecord, 'metAt' | 'pouredAt'>): number | undefined =>
  metAt === undefined || pouredAt === undefined ? undefined : (pouredAt - metAt) / msPerMin;

/** The same as a share of how long it lasts in its cup; undefined where that is not known. */
export function potShareOf(batch: BatchRecord): number | undefined {
  const inCupMin = inCupMinOf(batch);
  const { pourableMin } = batch;
  return inCupMin === undefined || !pourableMin ? undefined : inCupMin / pourableMin;
}

/** How far a weight is over its figure, percent of it; below 0 for short of it. */
export const overPercentOf = (
  realG: number | undefined,
  plannedG: number | undefined,
): number | undefined =>
  realG === undefined || !plannedG ? undefined : (realG / plannedG - 1) * 100;

/** The sum of what is known; undefined where nothing is. */
export function sumOfKnown(figures: readonly (number | undefined)[]): number | undefined {
  const known = figures.filter((each) => each !== undefined);
  return known.length === 0 ? undefined : known.reduce((sum, each) => sum + each, 0);
}

/** What was mixed of both parts for a piece, g; undefined where no batch was weighed. */
export const mixedGOf = ({ pours }: PieceRecord): number | undefined =>
  sumOfKnown(
    pours
      .flatMap(({ layers }) => layers.flatMap(({ batches }) => batches))
      .flatMap(({ aG, bG }) => [aG, bG]),
  );
