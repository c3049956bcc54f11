import { gOfStrokes, gOfVolume, volumeIn, volumeOfPart } from './byVolume';
import { benchState } from './benchState';
import { isBatchLane, type BatchLane } from './lanes';
import type { BenchEvent } from './benchEvents';
import { partWeightOf } from './partWeight';
import { copyOf, done } from './testBench';

const byCup = copyOf({ mixing: { by: 'volume', cupStep: '5 ml' } });
const laneOf = (copy: typeof byCup, ...events: readonly BenchEvent[]): BatchLane =>
  benchState(copy, [done(0, 'layer-1:ready'), done(1, 'layer-1/1:cup'), ...events]).lanes.find(
    isBatchLane,
  )!;

test('a mark that A was poured past moves the mark of B', () => {
  const { group } = laneOf(byCup).batch;
  expect([volumeOfPart(laneOf(byCup), 'a'), volumeOfPart(laneOf(byCup), 'b')]).toEqual([375, 125]);
  const over = laneOf(byCup, done(2, 'layer-1/1:part-a', { g: gOfVolume(group, 'a', 450) }));
  expect(volumeIn(over, 'a')).toBeCloseTo(450, 9);
  expect(volumeOfPart(over, 'b')).toBe(150);
  expect(volumeOfPart(laneOf(copyOf()), 'a')).toBeUndefined();
});

test('what strokes bring is told with what whole strokes are over', () => {
  const pumped = copyOf({ mixing: { by: 'pump', strokeA: '40 ml', strokeB: '13 ml' } });
  const { group } = laneOf(pumped).batch;
  const brought = gOfStrokes(group, 3)!;
  expect(brought.aG).toBeCloseTo(group.strokes!.a * 40 * 1.12, 6);
  expect(brought.bG).toBeCloseTo(group.strokes!.b * 13 * 1.12, 6);
  expect(brought.aG).toBeGreaterThanOrEqual(group.a.g - 1e-6);
  expect(gOfStrokes(laneOf(byCup).batch.group, 3)).toBeUndefined();
});

test('A with its tint is in ratio at its mark', () => {
  const tinted = copyOf({
    mixing: { by: 'volume', cupStep: '5 ml' },
    tint: { name: 'Smoke', kind: 'epoxy-paste', share: '3 %' },
  });
  const { group } = laneOf(tinted).batch;
  const parts = (['a', 'b'] as const).map((part) =>
    done(2, `layer-1/1:part-${part}`, { g: gOfVolume(group, part, part === 'a' ? 375 : 125) }),
  );
  expect(group.tintedAG).toBeGreaterThan(group.a.g * 1.02);
  expect(laneOf(tinted, ...parts).next?.kind).toBe('stir');
});

test('what the scale is to read, in one cup, in its own, and topped up', () => {
  const a = done(2, 'layer-1/1:part-a', { g: 438 });
  const one = laneOf(copyOf(), a);
  expect(partWeightOf(one, 'part-b', 'one')).toMatchObject({
    figureG: 146,
    otherG: 438,
    targetG: 584,
  });
  expect(partWeightOf(one, 'part-b', 'own')).toMatchObject({
    otherG: 0,
    targetG: 146,
    isAlone: true,
  });
  const over = laneOf(copyOf(), a, done(3, 'layer-1/1:part-b', { g: 150.5 }));
  const more = partWeightOf(over, 'more-a', 'own');
  expect(more).toMatchObject({ figureG: 451.5, targetG: 602, inG: 588.5, isTopUp: true });
  expect(more.addG).toBeCloseTo(13.5, 9);
});
