import * as fc from 'fast-check';
import { runSchedule, type Rhythm } from './runSchedule';
import { runs } from '../../testing/campaign';

const one: Rhythm = {
  fills: 6,
  moulds: 1,
  perMix: 1,
  mixMin: 1,
  pourMin: 2,
  demouldMin: 35,
  handlingMin: 5,
  hands: 1,
  inPot: false,
};

it('takes 6 cycles of 43 min for 24 pieces out of one mould of four', () => {
  expect(runSchedule(one).makespanMin).toBe(258);
});

it('takes 3 cycles of 45 min with eight cavities filled from one mix in 4 min', () => {
  expect(runSchedule({ ...one, fills: 3, pourMin: 4 }).makespanMin).toBe(135);
});

/** Every order of mixing and emptying there is, whoever does it. */
function everyOrder(rhythm: Rhythm): number {
  const { fills, moulds, perMix, mixMin, pourMin, demouldMin, handlingMin, hands, inPot } = rhythm;
  let best = Infinity;
  const go = (
    free: readonly number[],
    curing: readonly number[],
    ready: readonly number[],
    left: number,
    pot: number,
  ): void => {
    if (left === 0 && curing.length === 0) {
      best = Math.min(best, Math.max(...free));
      return;
    }
    for (let hand = 0; hand < hands; hand += 1) {
      const rest = free.filter((_, at) => at !== hand);
      const count = Math.min(perMix, left);
      if (left > 0 && ready.length >= count) {
        const takes = mixMin + count * pourMin;
        const soonest = [...ready].sort((a, b) => a - b);
        const start = Math.max(free[hand]!, soonest[count - 1]!, inPot ? pot - takes : 0);
        const end = start + takes;
        const outs = Array.from({ length: count }, (_, at) =>
          inPot ? end + demouldMin : start + mixMin + (at + 1) * pourMin + demouldMin,
        );
        const shut = inPot ? end + demouldMin : pot;
        go([...rest, end], [...curing, ...outs], soonest.slice(count), left - count, shut);
      }
      curing.forEach((out, at) => {
        const end = Math.max(free[hand]!, out) + handlingMin;
        const others = curing.filter((_, other) => other !== at);
        go([...rest, end], others, [...ready, end], left, pot);
      });
    }
  };
  go(
    Array.from({ length: hands }, () => 0),
    [],
    Array.from({ length: moulds }, () => 0),
    fills,
    0,
  );
  return best;
}

it('finds nothing slower than the best of all orders, for whatever takes how long', () => {
  const minutes = fc.integer({ min: 1, max: 12 });
  const rhythms = fc
    .record({
      fills: fc.integer({ min: 1, max: 5 }),
      moulds: fc.integer({ min: 1, max: 3 }),
      perMix: fc.integer({ min: 1, max: 3 }),
      mixMin: minutes,
      pourMin: minutes,
      demouldMin: fc.integer({ min: 1, max: 40 }),
      handlingMin: minutes,
      hands: fc.integer({ min: 1, max: 2 }),
      inPot: fc.boolean(),
    })
    .map((rhythm) => ({ ...rhythm, perMix: Math.min(rhythm.perMix, rhythm.moulds) }));
  fc.assert(
    fc.property(rhythms, (rhythm) => {
      const found = runSchedule(rhythm);
      expect(found.exact).toBe(true);
      expect(found.makespanMin).toBeCloseTo(everyOrder(rhythm), 9);
    }),
    { numRuns: runs(60, 600) },
  );
});

it('asks nobody for two things at once, and no mould before it is empty or cured', () => {
  const minutes = fc.integer({ min: 1, max: 12 });
  const rhythms = fc
    .record({
      fills: fc.integer({ min: 1, max: 30 }),
      moulds: fc.integer({ min: 1, max: 16 }),
      perMix: fc.integer({ min: 1, max: 4 }),
      mixMin: minutes,
      pourMin: minutes,
      demouldMin: fc.integer({ min: 1, max: 60 }),
      handlingMin: minutes,
      hands: fc.integer({ min: 1, max: 3 }),
      inPot: fc.boolean(),
    })
    .map((rhythm) => ({ ...rhythm, perMix: Math.min(rhythm.perMix, rhythm.moulds) }));
  fc.assert(
    fc.property(rhythms, (rhythm) => {
      const { acts, makespanMin } = runSchedule(rhythm);
      const handFree = new Map<number, number>();
      const mouldFree = new Map<number, number>();
      let filled = 0;
      let taken = 0;
      for (const { does, fromMin, toMin, hand, moulds, outMin } of acts) {
        expect(fromMin).toBeGreaterThanOrEqual((handFree.get(hand) ?? 0) - 1e-9);
        handFree.set(hand, toMin);
        moulds.forEach((mould, at) => {
          expect(fromMin).toBeGreaterThanOrEqual((mouldFree.get(mould) ?? 0) - 1e-9);
          mouldFree.set(mould, does === 'mix' ? outMin[at]! : toMin);
        });
        if (does === 'mix') filled += moulds.length;
        else taken += 1;
      }
      expect([filled, taken]).toEqual([rhythm.fills, rhythm.fills]);
      expect(Math.max(...acts.map(({ toMin }) => toMin))).toBeCloseTo(makespanMin, 9);
    }),
    { numRuns: runs(40, 400) },
  );
});

it('brings more moulds, more hands and quicker resin no later than fewer', () => {
  const base: Rhythm = { ...one, fills: 12, moulds: 3, demouldMin: 20 };
  const { makespanMin } = runSchedule(base);
  expect(runSchedule({ ...base, moulds: 4 }).makespanMin).toBeLessThanOrEqual(makespanMin);
  expect(runSchedule({ ...base, hands: 2 }).makespanMin).toBeLessThanOrEqual(makespanMin);
  expect(runSchedule({ ...base, demouldMin: 10 }).makespanMin).toBeLessThanOrEqual(makespanMin);
});
