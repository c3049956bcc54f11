import { readResin } from '../resin/readResin';
import { withHardener } from '../resin/withHardener';
import { InputError } from '../problem';
import type { ReadResin } from '../resin/readResin';
import { potShareOf } from './batchFigures';
import type { BatchRecord, LayerRecord, PieceRecord, PourRecord } from './recordSchema';

const msPerMin = 60_000;

/** What follows from what was recorded of a batch. */
export interface BatchFacts {
  readonly pour: PourRecord;
  readonly layer: number;
  /** Counted over the whole piece, from 1. */
  readonly number: number;
  readonly record: BatchRecord;
  /** How far B is off what A asks for, percent of it; over 0 for too much of it. */
  readonly offPercent: number | undefined;
  /** From A meeting B to the mould, over what its pot life was. */
  readonly potShare: number | undefined;
}

/** What follows from what was recorded of a layer. */
export interface LayerFacts {
  readonly pour: PourRecord;
  /** Counted from 0 in its pour. */
  readonly layer: number;
  readonly record: LayerRecord;
  /** Begun so long after the layer under it, min. */
  readonly afterMin: number | undefined;
  readonly leastDepthMm: number | undefined;
  readonly greatestDepthMm: number | undefined;
}

/** What follows from a record, for whoever asks why. */
export interface RecordFacts {
  readonly record: PieceRecord;
  readonly batches: readonly BatchFacts[];
  readonly layers: readonly LayerFacts[];
  /** The warmest that was read in or on a piece, °C; a cup is none. */
  readonly peakC: number | undefined;
  readonly hasPolyurethane: boolean;
}

/** The ratio by weight that a batch was planned to, or that its card asks for: B over A. */
function askedRatio(
  { plannedAG = 0, plannedBG = 0 }: BatchRecord,
  resin: ReadResin | undefined,
): number | undefined {
  if (plannedAG > 0 && plannedBG > 0) return plannedBG / plannedAG;
  const ratio = resin?.ratio;
  return ratio && 1 / ratio.massAPerB;
}

function resinOf({ card, hardener }: PourRecord): ReadResin | undefined {
  if (card === undefined) return undefined;
  try {
    return readResin(withHardener(card, hardener));
  } catch (error) {
    // A card that a later version would refuse still made this piece: what it says is then not known.
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

/** How far the parts are off their ratio: parts of a resin in one bottle have none. */
function offPercentOf(batch: BatchRecord, resin: ReadResin | undefined): number | undefined {
  const { aG = 0, bG = 0 } = batch;
  const asked = askedRatio(batch, resin);
  return asked === undefined || !(aG > 0) || !(bG > 0) ? undefined : (bG / aG / asked - 1) * 100;
}

/** What follows from a record. */
export function factsOf(record: PieceRecord): RecordFacts {
  const batches: BatchFacts[] = [];
  const layers: LayerFacts[] = [];
  for (const pour of record.pours) {
    const resin = resinOf(pour);
    pour.layers.forEach((layer, at) => {
      const under = pour.layers[at - 1]?.begunAt;
      layers.push({
        pour,
        layer: at,
        record: layer,
        afterMin:
          under === undefined || layer.begunAt === undefined
            ? undefined
            : (layer.begunAt - under) / msPerMin,
        leastDepthMm: resin?.leastDepthMm,
        greatestDepthMm: resin?.greatestDepthMm,
      });
      for (const batch of layer.batches) {
        batches.push({
          pour,
          layer: at,
          number: batches.length + 1,
          record: batch,
          offPercent: offPercentOf(batch, resin),
          potShare: potShareOf(batch),
        });
      }
    });
  }
  const cured = record.pours.flatMap(({ readings }) =>
    readings.flatMap(({ c, place }) => (place === 'core' || place === 'surface' ? [c] : [])),
  );
  return {
    record,
    batches,
    layers,
    peakC: cured.length === 0 ? undefined : Math.max(...cured),
    hasPolyurethane: record.pours.some(({ family }) => family.includes('polyurethane')),
  };
}
