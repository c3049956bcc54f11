import twoBatches from '../../../docs/formats/two-batches.job.json';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { heatCaseOf, type HeatCaseOfJob } from '../plan/heat/heatOfPlan';
import { planResolved } from '../plan/planJob';
import { pieceRecordSchema, type PieceRecord, type PourRecord } from '../record/recordSchema';
import { checkedOrThrow } from '../schema/check';
import { sampledRun } from '../thermal/fit/sampledRun';
import type { Resin } from '../resin/resinSchema';
import { fitOfPour, isMeasured } from './pourFit';
import { ownPaceOf, shopPaces } from './shopPace';
import { ownHardener } from '../resin/withHardener';

const noShelf = { resins: [], moulds: [] };
const [pourSaid] = twoBatches.pours;

/** One layer of it, planned with a card that goes by these paces. */
function planWith(ownPace: Resin['ownPace']) {
  const said = { ...pourSaid, resin: { ...pourSaid!.resin, ownPace } };
  const job = readJob({
    ...twoBatches,
    measure: { parts: [{ ...twoBatches.measure.parts[0], depth: '20 mm' }] },
    pours: [{ ...said, layers: undefined }],
  });
  const resolved = resolveJob(job, noShelf);
  const plan = planResolved(resolved, noShelf);
  const given = heatCaseOf(resolved, plan, 0, noShelf) as HeatCaseOfJob;
  return { plan, given, card: resolved.pours[0]!.card };
}
const label = planWith(undefined);
const begin = Date.UTC(2026, 9, 6, 9);

/** A pour of it that cured so much faster, as a thermometer told it. */
function measured(rate: number, lot = 'L1', count = 24): PourRecord {
  const { given, card } = label;
  const times = Array.from({ length: count }, (_, at) => ({
    timeS: (at + 1) * 900,
    place: 'core' as const,
  }));
  const curing = { ...given.curing, ratePerS: given.curing.ratePerS * rate };
  const { readingsC } = sampledRun(given.setting, curing, given.marks, times, []);
  const piece = {
    name: 'Tray',
    madeAt: begin,
    pours: [
      {
        resin: card.name,
        family: card.family,
        card,
        lots: [{ name: lot, part: 'both' }],
        layers: [{ begunAt: begin, batches: [] }],
        stood: { setting: given.setting, fillers: [] },
        readings: times.map(({ timeS, place }, at) => ({
          at: begin + timeS * 1000,
          c: Math.round(readingsC[at]! * 10) / 10,
          place,
        })),
      },
    ],
  };
  return (checkedOrThrow(pieceRecordSchema, JSON.parse(JSON.stringify(piece))) as PieceRecord)
    .pours[0]!;
}

test('the readings of a record give back how fast its resin cured', () => {
  const pour = measured(1.2);
  expect(isMeasured(pour)).toBe(true);
  const { rate, refused } = fitOfPour(pour)!;
  expect(refused).toBeUndefined();
  expect(rate.low).toBeLessThan(1.2);
  expect(rate.high).toBeGreaterThan(1.2);
  expect(Math.abs(rate.value / 1.2 - 1)).toBeLessThan(0.08);
});

test('nothing is fitted without readings, a card, or how it stood; too few are refused', () => {
  const pour = measured(1.2);
  expect(fitOfPour({ ...pour, readings: [] })).toBeUndefined();
  expect(fitOfPour({ ...pour, card: undefined })).toBeUndefined();
  expect(fitOfPour({ ...pour, stood: undefined })).toBeUndefined();
  expect(fitOfPour(measured(1.2, 'L1', 4))?.refused).toMatchObject({ code: 'too-few' });
});

test('a pour that was written down by hand is fitted as its depth usually stands', () => {
  const pour = measured(1);
  const byHand = {
    ...pour,
    stood: undefined,
    roomC: 21,
    layers: [{ ...pour.layers[0]!, depthMm: 20 }],
  };
  expect(fitOfPour(byHand)?.rate.value).toBeDefined();
});

test('pours of a resin come together by hardener and by lot, and what is refused is told', () => {
  const fitted = [measured(1.2), measured(1.3, 'L2'), measured(1.2, 'L1', 4)].map((pour) => ({
    pour,
    fit: fitOfPour(pour)!,
  }));
  const [own, ...more] = shopPaces(fitted);
  expect(more).toEqual([]);
  expect(own).toMatchObject({ resin: label.card.name, hardener: ownHardener });
  expect(own!.rate!.pours).toBe(2);
  expect(own!.rate!.value).toBeGreaterThan(1.15);
  expect(own!.rate!.value).toBeLessThan(1.35);
  expect(own!.lots.map(({ lot, rate }) => [lot, rate.pours])).toEqual([
    ['L1', 1],
    ['L2', 1],
  ]);
  expect(own!.refused.map(({ code }) => code)).toEqual(['too-few']);
});

test('a plan goes by it where the card does, and says so', () => {
  const range = { value: 1.25, low: 1.1, high: 1.4, pours: 3, betweenLn: 0 };
  const quick = planWith([ownPaceOf(ownHardener, range)]);
  const [layer] = quick.plan.pours[0]!.layers;
  const [before] = label.plan.pours[0]!.layers;
  expect(layer!.cure!.gelH!).toBeLessThan(before!.cure!.gelH! * 0.9);
  expect(layer!.cure!.peakC).toBeGreaterThan(before!.cure!.peakC);
  // What a mark means is how firm it is: read off the label as it stands.
  expect(quick.given.marks).toEqual(label.given.marks);
  expect(quick.given.curing.ratePerS / label.given.curing.ratePerS).toBeCloseTo(1.25, 9);
  expect(quick.given.otherReadings()[0]!.curing.ratePerS).toBeCloseTo(
    label.given.otherReadings()[0]!.curing.ratePerS * 1.25,
    9,
  );
  const [, bucket] = [label, quick].map(
    ({ plan }) => plan.pours[0]!.batches[0]!.bucket.pourableMin,
  );
  expect(bucket!).toBeLessThan(label.plan.pours[0]!.batches[0]!.bucket.pourableMin!);
  const told = quick.plan.warnings.find(({ code }) => code === 'own-pace');
  expect(told).toMatchObject({ severity: 'tell', data: { factor: 1.25, pours: 3 } });
  expect(label.plan.warnings.map(({ code }) => code)).not.toContain('own-pace');
});

test('the pace of another hardener is none of its own', () => {
  const range = { value: 1.25, low: 1.1, high: 1.4, pours: 3, betweenLn: 0 };
  const other = planWith([ownPaceOf('Winter', range)]);
  expect(other.given.curing.ratePerS).toBe(label.given.curing.ratePerS);
});
