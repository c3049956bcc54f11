import type { FaultKind } from '../record/faults';
import { readRecord } from '../record/recordFile';
import type { PieceRecord } from '../record/recordSchema';

/** Noon of the 4th of May 2026, ms since 1970. */
export const noon = 1_777_896_000_000;
export const minuteMs = 60_000;
/** So many minutes after that noon. */
export const after = (min: number): number => noon + min * minuteMs;

/** A batch that went as it should: 420 g of A, 140 g of B, stirred for five minutes, poured at a third of its time. */
export const goodBatch = {
  id: 'layer-1/1',
  plannedAG: 420,
  plannedBG: 140,
  aG: 420,
  bG: 140,
  metAt: after(0),
  pouredAt: after(20),
  pourableMin: 60,
  stirredMin: 5,
  plannedStirMin: 5,
  secondCup: true,
  rest: 'rest',
};

/** A layer of it. */
export const goodLayer = {
  depthMm: 20,
  begunAt: after(0),
  pouredAt: after(25),
  peakC: 42,
  hardMin: 3 * 24 * 60,
  bubblePasses: [{ dueAt: after(35), doneAt: after(36) }],
  batches: [goodBatch],
};

/** A pour of which everything was noted, and nothing was wrong. */
export const goodPour = {
  resin: 'Deep clear',
  family: 'deep-pour-epoxy',
  card: {
    name: 'Deep clear',
    family: 'deep-pour-epoxy',
    ratio: { by: 'weight', a: 3, b: 1 },
    depth: { least: '5 mm', greatest: '50 mm' },
  },
  roomC: 22,
  humidityPercent: 45,
  fillerShare: 0,
  pigmentPercent: 1,
  pigmentGreatestPercent: 5,
  lots: [{ name: 'June', part: 'both', opened: '2026-03-01' }],
  timberSealed: true,
  timberMoisturePercent: 8,
  released: true,
  formSealed: true,
  heldDown: true,
  surfaceCleaned: true,
  covered: true,
  tintTriedMm: 20,
  mould: { name: 'Tray', castingsBefore: 3 },
  machinedAt: after(20 * 24 * 60),
  layers: [goodLayer],
  readings: [{ at: after(600), c: 38, place: 'core' }],
};

/** A record of one pour with its faults. */
export const recordOf = (
  pour: object | undefined,
  ...faults: readonly (FaultKind | object)[]
): PieceRecord =>
  readRecord({
    format: 'nipperkin-record',
    version: 1,
    name: 'Tray',
    madeAt: noon,
    pours: pour === undefined ? [] : [pour],
    faults: faults.map((fault) => (typeof fault === 'string' ? { kind: fault } : fault)),
  });

/** The good pour with its only layer, and the only batch of that, changed. */
export const pourWith = (change: object, layer: object = {}, batch: object = {}): object => ({
  ...goodPour,
  ...change,
  layers: [{ ...goodLayer, ...layer, batches: [{ ...goodBatch, ...batch }] }],
});

/** The good pour with a second layer on it, so many minutes after the first. */
export const secondLayer = (afterMin: number, layer: object = {}): object => ({
  ...goodPour,
  layers: [
    goodLayer,
    {
      ...goodLayer,
      begunAt: after(afterMin),
      pouredAt: after(afterMin + 25),
      joint: 'tacky',
      window: { fromMin: 6 * 60, toMin: 11 * 60 },
      scuffFromMin: 60 * 60,
      bubblePasses: [],
      batches: [
        { ...goodBatch, id: 'layer-2/1', metAt: after(afterMin), pouredAt: after(afterMin + 20) },
      ],
      ...layer,
    },
  ],
});
