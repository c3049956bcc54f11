import { batchInCup, heatingPlace, heatingSince } from './heating';
import { benchState } from './benchState';
import { pourTicks } from './pourTicks';
import { at, batchDone, copyOf, done } from './testBench';
import { worthReading } from './worthReading';

const copy = copyOf();

test('it heats in the cup as long as something mixed is in one, then in the mould', () => {
  const of = (min: number) => benchState(copy, batchDone(0, 'layer-1/1').slice(0, min));
  expect(heatingPlace(of(2))).toBe('mould');
  expect(heatingPlace(of(3))).toBe('cup');
  expect(batchInCup(of(5))?.id).toBe('layer-1/1');
  expect(heatingPlace(of(7))).toBe('mould');
  const noted = benchState(copy, [
    { at: at(3), did: 'heating' },
    { at: at(9), did: 'heating' },
  ]);
  expect(heatingSince(noted)).toBe(at(9));
});

test('a layer is ticked in the days when all of it is poured, bubbles when they were done', () => {
  const half = [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1')];
  expect(pourTicks(copy, benchState(copy, half))).toEqual([]);
  const whole = [...half, ...batchDone(15, 'layer-1/2'), done(37, 'layer-1/after:bubbles')];
  expect(pourTicks(copy, benchState(copy, whole))).toEqual([
    { id: 'pour-1/layer-1', from: at(1), to: at(25) },
    { id: 'pour-1/layer-1/bubbles-1', from: at(37), to: at(37) },
  ]);
});

test.each([
  [undefined, 0, 20, true],
  [{ at: 0, c: 20 }, 30_000, 40, false],
  [{ at: 0, c: 20 }, 61_000, 20.2, false],
  [{ at: 0, c: 20 }, 61_000, 20.6, true],
  [{ at: 0, c: 20 }, 601_000, 20, true],
])('after %j, at %d ms, %d °C: %s', (last, now, c, worth) => {
  expect(worthReading(last, now, c)).toBe(worth);
});

test('pumps are counted by rounds, and both parts are in after the last', () => {
  const pumped = copyOf({ mixing: { by: 'pump', strokeA: '30 ml', strokeB: '10 ml' } });
  const [group] = pumped.plan.pours[0]!.batches;
  expect(group?.strokes).toBeDefined();
  const lane = (count: number, more: readonly ReturnType<typeof done>[] = []) =>
    benchState(pumped, [
      done(0, 'layer-1:ready'),
      done(1, 'layer-1/1:cup'),
      ...Array.from({ length: count }, (_, round) => ({
        ...done(2 + round, 'layer-1/1:strokes'),
        did: 'counted' as const,
      })),
      ...more,
    ]).lanes.find(({ id }) => id === 'layer-1/1');
  expect(lane(0)).toMatchObject({ rounds: 0, metAt: undefined, next: { kind: 'strokes' } });
  expect(lane(3)).toMatchObject({ rounds: 3, metAt: at(2), next: { kind: 'strokes' } });
  const all = lane(3, [done(9, 'layer-1/1:strokes', { aG: 420, bG: 140 })]);
  expect(all).toMatchObject({ inCup: { aG: 420, bG: 140 }, metAt: at(2), next: { kind: 'stir' } });
});
