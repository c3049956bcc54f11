import { mixedGOf, sumOfKnown } from './batchFigures';
import { factsOf } from './recordFacts';
import type { PieceRecord } from './recordSchema';

/** What of a piece is held against another: each undefined where nobody noted it. */
export interface PieceFacts {
  readonly madeAt: number;
  readonly resins: readonly string[];
  readonly lots: readonly string[];
  readonly mixedG: number | undefined;
  readonly deepestMm: number | undefined;
  readonly layers: number;
  readonly batches: number;
  readonly roomC: number | undefined;
  readonly humidityPercent: number | undefined;
  /** Of the batch that is furthest off its ratio: over 0 for too much of B, percent. */
  readonly offPercent: number | undefined;
  /** Of the batch that was stirred for the shortest time. */
  readonly stirredMin: number | undefined;
  /** Of the batch that came nearest to the end of its time. */
  readonly potShare: number | undefined;
  /** The warmest that was read in it. */
  readonly peakC: number | undefined;
  readonly timberSealed: boolean | undefined;
  readonly cost: number | undefined;
  readonly rating: number | undefined;
  readonly faults: PieceRecord['faults'];
}

const known = (values: readonly (number | undefined)[]): readonly number[] =>
  values.flatMap((value) => value ?? []);
const least = (values: readonly (number | undefined)[]): number | undefined => {
  const all = known(values);
  return all.length === 0 ? undefined : Math.min(...all);
};
const most = (values: readonly (number | undefined)[]): number | undefined => {
  const all = known(values);
  return all.length === 0 ? undefined : Math.max(...all);
};
const once = (names: readonly string[]): readonly string[] => [...new Set(names)];

/** What of a record stands beside another's. */
export function pieceFactsOf(piece: PieceRecord): PieceFacts {
  const { batches, layers, peakC } = factsOf(piece);
  const { pours, rating, faults, madeAt } = piece;
  const furthest = known(batches.map(({ offPercent }) => offPercent)).reduce<number | undefined>(
    (worst, off) => (worst === undefined || Math.abs(off) > Math.abs(worst) ? off : worst),
    undefined,
  );
  return {
    madeAt,
    resins: once(pours.map(({ resin }) => resin)),
    lots: once(pours.flatMap(({ lots }) => lots.map(({ name }) => name))),
    mixedG: mixedGOf(piece),
    deepestMm: most(layers.map(({ record }) => record.depthMm)),
    layers: layers.length,
    batches: batches.length,
    roomC: least(pours.map(({ roomC }) => roomC)),
    humidityPercent: most(pours.map(({ humidityPercent }) => humidityPercent)),
    offPercent: furthest,
    stirredMin: least(batches.map(({ record }) => record.stirredMin)),
    potShare: most(batches.map(({ potShare }) => potShare)),
    peakC,
    timberSealed: pours.find((pour) => pour.timberSealed !== undefined)?.timberSealed,
    cost: sumOfKnown(pours.map(({ cost }) => cost)),
    rating,
    faults,
  };
}
