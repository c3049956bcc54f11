import type { BenchEvent } from './benchEvents';
import { benchState } from './benchState';
import { coatLookOf } from './coatLook';
import { pouredOf } from './poured';
import { at, batchDone, copyOf, done } from './testBench';

/** A board under one coat of two layers. */
const copy = copyOf(
  { role: 'coat', layers: { heights: ['20 mm'] } },
  {
    measure: {
      parts: [{ shape: 'box', length: '250 mm', width: '200 mm', depth: '40 mm', count: 1 }],
    },
  },
);
const first = [
  done(0, 'layer-1:ready'),
  ...batchDone(1, 'layer-1/1'),
  ...batchDone(15, 'layer-1/2'),
];
const stateOf = (...more: readonly BenchEvent[]) => benchState(copy, [...first, ...more]);
const gelMin = copy.plan.pours[0]!.layers[0]!.cure!.gelH! * 60;
const never = (): boolean => false;
const look = (minutes: number, ...more: readonly BenchEvent[]) =>
  coatLookOf(copy, stateOf(...more), at(1 + minutes), never);

test('a coat is looked at from its gel on: before that it still levels', () => {
  expect(look(gelMin - 1)).toBeUndefined();
  expect(look(gelMin + 1)).toMatchObject({ layer: 0, coats: { layers: [1], topMm: 20 } });
  expect(look(gelMin + 1)!.seen).toBeUndefined();
});

test('what was seen last stands, and another layer is another look', () => {
  const seen = (min: number, surface: BenchEvent['surface'], layer = 0): BenchEvent => ({
    at: at(min),
    did: 'looked',
    layer,
    surface,
  });
  expect(look(gelMin + 9, seen(400, 'craters'), seen(401, 'full'))!.seen).toBe('full');
  expect(look(gelMin + 9, seen(400, 'craters', 1))!.seen).toBeUndefined();
});

test('nothing is asked once the next is begun, or the pour was ended', () => {
  expect(look(gelMin + 9, done(500, 'layer-2:ready'), done(501, 'layer-2/1:cup'))).toBeUndefined();
  expect(look(gelMin + 9, { at: at(400), did: 'ended', text: 'enough' })).toBeUndefined();
  const before = benchState(copy, [done(0, 'layer-1:ready')]);
  expect(coatLookOf(copy, before, at(9000), never)).toBeUndefined();
});

test('what is mixed is told by the batches that are done with; what is to come by the others', () => {
  expect(pouredOf(copy, benchState(copy, []))).toEqual({ g: 0, restShare: 1, isWhole: false });
  const half = pouredOf(copy, stateOf());
  expect(half.g).toBeCloseTo(1120, 6);
  expect(half.restShare).toBeCloseTo(0.5, 6);
  expect(half.isWhole).toBe(false);
});
