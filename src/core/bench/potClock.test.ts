import { bucketHeat } from '../thermal/bucket';
import { correctedCup } from '../thermal/cupHeat';
import { benchState } from './benchState';
import { isBatchLane, type BatchLane } from './lanes';
import type { BenchEvent } from './benchEvents';
import { cupAnswer, cupQuestionOf, potClockOf, voiceOf } from './potClock';
import { at, batchDone, copyOf } from './testBench';

const copy = copyOf();
const laneOf = (events: readonly BenchEvent[], of = copy): BatchLane =>
  benchState(of, events).lanes.find(isBatchLane)!;
const mixed = batchDone(0, 'layer-1/1').slice(0, 3);
const read = (min: number, c: number): BenchEvent => ({
  at: at(min),
  did: 'read',
  lane: 'layer-1/1',
  place: 'cup',
  c,
});

test('it is the plan’s own for the batch that was planned, and runs from when A met B', () => {
  const lane = laneOf(mixed);
  const answer = cupAnswer(cupQuestionOf(copy, lane)!);
  const planned = lane.batch.group.bucket;
  expect(answer.pourableMin! / planned.pourableMin!).toBeCloseTo(1, 1);
  expect(answer.hotMin! / planned.hotMin!).toBeCloseTo(1, 1);
  const before = potClockOf(copy, laneOf(mixed.slice(0, 2)), undefined, at(50))!;
  expect(before).toMatchObject({ goneMin: 0, isRunning: false, pourableMin: planned.pourableMin });
  const clock = potClockOf(copy, lane, answer, at(2) + (answer.pourableMin! / 2) * 60_000)!;
  expect(clock.usedShare).toBeCloseTo(0.5, 6);
  expect(clock.leftMin).toBeCloseTo(answer.pourableMin! / 2, 4);
  expect(clock).toMatchObject({ voice: 'half', isRunning: true, isCorrected: false });
});

test('it stands still once the cup is empty', () => {
  const lane = laneOf(batchDone(0, 'layer-1/1'));
  expect(potClockOf(copy, lane, undefined, at(500))).toMatchObject({
    goneMin: 8,
    isRunning: false,
  });
});

test('a batch that came out larger goes off sooner', () => {
  const answerOf = (aG: number, bG: number) =>
    cupAnswer(cupQuestionOf(copy, laneOf(batchDone(0, 'layer-1/1', { aG, bG })))!);
  expect(answerOf(600, 200).pourableMin!).toBeLessThan(answerOf(420, 140).pourableMin! - 1);
});

test.each([
  [0, 'calm'],
  [0.499, 'calm'],
  [0.5, 'half'],
  [0.75, 'three-quarters'],
  [0.9, 'nine-tenths'],
  [1, 'over'],
  [3, 'over'],
])('at %d of its time it is %s', (share, voice) => {
  expect(voiceOf(share)).toBe(voice);
});

describe('readings', () => {
  const place = cupQuestionOf(copy, laneOf(mixed))!.place;
  const measured = (resinC: number, rate: number, atMin: readonly number[]) => {
    const curing = { ...place.curing, ratePerS: place.curing.ratePerS * rate };
    const { readC } = bucketHeat(
      { ...place, curing, resinC },
      500,
      atMin.map((min) => min * 60),
    );
    return atMin.map((min, index) => ({ min, c: readC[index]! }));
  };

  test('as the model expects them change next to nothing', () => {
    const found = correctedCup(place, 500, measured(21, 1, [5, 40]));
    expect(found.resinC).toBeCloseTo(21, 1);
    expect(found.rate).toBeCloseTo(1, 2);
  });

  test('of a cup that began warmer tell of its start, of one that runs ahead of its rate', () => {
    const warm = correctedCup(place, 500, measured(27, 1, [2, 4, 6]));
    expect(warm.resinC).toBeGreaterThan(25.5);
    const fast = correctedCup(place, 500, measured(21, 1.4, [10, 40, 55]));
    expect(fast.rate).toBeGreaterThan(1.2);
    expect(fast.rate).toBeLessThan(1.45);
  });

  test('shorten the pot life of a cup that is hotter, and lengthen that of a cooler one', () => {
    const of = (...readings: readonly BenchEvent[]) =>
      cupAnswer(cupQuestionOf(copy, laneOf([...mixed, ...readings]))!);
    const plain = of().pourableMin!;
    expect(of(read(22, 30)).pourableMin!).toBeLessThan(plain * 0.85);
    expect(of(read(22, 19)).pourableMin!).toBeGreaterThan(plain * 1.02);
    expect(of(read(22, 30)).correction).toBeDefined();
    const answer = of(read(22, 30));
    expect(answer.atMin).toHaveLength(answer.curveC.length);
    expect(Math.min(...answer.curveC)).toBeGreaterThan(20);
  });
});

test('a warm bath uses up what is left several times as fast', () => {
  const bath: BenchEvent = {
    at: at(12),
    did: 'chosen',
    step: 'layer-1/1:rest',
    way: 'bath',
    c: 38,
  };
  const plain = cupAnswer(cupQuestionOf(copy, laneOf(mixed))!);
  const question = cupQuestionOf(copy, laneOf([...mixed, bath]))!;
  expect(question.bath).toEqual({ fromMin: 10, c: 38 });
  const warm = cupAnswer(question);
  const [left, before] = [warm.pourableMin! - 10, plain.pourableMin! - 10];
  expect(before / left).toBeGreaterThan(2);
  expect(before / left).toBeLessThan(7);
});

test('what no model follows goes by its label: ten degrees halve it; one bottle has no clock', () => {
  const polyester = copyOf({
    resin: { ...copy.plan.buying[0]!.card, family: 'polyester', hardeners: undefined },
  });
  expect(polyester.curing).toBeUndefined();
  const planned = laneOf(mixed, polyester).batch.group.bucket.pourableMin!;
  const clock = potClockOf(polyester, laneOf([...mixed, read(5, 31)], polyester), undefined, at(6));
  expect(clock?.pourableMin).toBeCloseTo(planned / 2, 6);
  expect(clock?.isCorrected).toBe(true);
});
