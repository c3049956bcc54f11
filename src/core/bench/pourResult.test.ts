import { benchState } from './benchState';
import { planDifference, takenOver } from './planDifference';
import { pourResult } from './pourResult';
import { batchDone, copyOf, done } from './testBench';

const copy = copyOf();

test('a pour as it was planned has nothing over, nothing late and costs nothing more', () => {
  const events = [
    done(0, 'layer-1:ready'),
    ...batchDone(1, 'layer-1/1'),
    ...batchDone(15, 'layer-1/2'),
    done(36, 'layer-1/after:bubbles'),
    done(58, 'layer-1/after:bubbles-2'),
    done(440, 'layer-2:ready'),
    ...batchDone(441, 'layer-2/1'),
  ];
  const result = pourResult(copy, benchState(copy, events));
  expect(result.batches.map(({ id }) => id)).toEqual(['layer-1/1', 'layer-1/2', 'layer-2/1']);
  expect(result.batches[0]).toMatchObject({
    aG: 420,
    bG: 140,
    overs: [],
    band: 'fine',
    stirredMin: 3,
    plannedStirMin: 3,
    inCupMin: 8,
    late: undefined,
    isLost: false,
  });
  expect(result).toMatchObject({ offWindow: [], latePasses: [], lostCost: 0 });
});

test('who was over, by how much past the figure of the time, and what it cost', () => {
  const events = [
    done(0, 'layer-1/1:cup'),
    done(1, 'layer-1/1:part-a', { g: 438 }),
    done(2, 'layer-1/1:part-b', { g: 150.5 }),
    done(3, 'layer-1/1:more-a', { g: 451.5 }),
  ];
  const [batch] = pourResult(copy, benchState(copy, events)).batches;
  expect(batch?.overs).toEqual([
    { part: 'a', g: 18, figureG: 420 },
    { part: 'b', g: 4.5, figureG: 146 },
  ]);
  expect(batch?.surplusG).toBeCloseTo(42, 6);
  // 90 for three litres of 1.12 g/ml, and 6 for bringing them.
  expect(batch?.lostCost).toBeCloseTo((42 / 1000) * (96 / 3.36), 1);
});

test('a batch past its pot life is lost, one past its margin is told, a window that was missed too', () => {
  const slow = batchDone(0, 'layer-1/1').map((event) =>
    event.step === 'layer-1/1:pour' ? done(130, event.step) : event,
  );
  const [lost] = pourResult(copy, benchState(copy, slow)).batches;
  expect(lost).toMatchObject({ late: 'pot-life', isLost: true });
  expect(lost?.lostCost).toBeGreaterThan(10);
  const near = slow.map((event) =>
    event.step === 'layer-1/1:pour' ? done(90, event.step) : event,
  );
  expect(pourResult(copy, benchState(copy, near)).batches[0]).toMatchObject({
    late: 'margin',
    isLost: false,
  });
  const missed = [
    done(0, 'layer-1:ready'),
    ...batchDone(1, 'layer-1/1'),
    ...batchDone(15, 'layer-1/2'),
    done(50, 'layer-1/after:bubbles'),
    done(2000, 'layer-2:ready'),
    ...batchDone(2001, 'layer-2/1'),
  ];
  const result = pourResult(copy, benchState(copy, missed));
  expect(result.offWindow).toMatchObject([{ layer: 1 }]);
  expect(result.offWindow[0]!.min).toBeGreaterThan(900);
  expect(result.latePasses).toEqual([{ layer: 0, turn: 0, min: 15 }]);
});

describe('a job that changes while it is poured', () => {
  const deeper = copyOf(
    {},
    {
      measure: {
        parts: [{ shape: 'box', length: '250 mm', width: '200 mm', depth: '50 mm', count: 1 }],
      },
    },
  );
  const begun = benchState(copy, [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1')]);

  test('is told with what is otherwise', () => {
    expect(planDifference(copy.plan.pours[0]!, copy.plan.pours[0]!)).toEqual([]);
    expect(planDifference(copy.plan.pours[0]!, deeper.plan.pours[0]!)).toMatchObject([
      { code: 'batch', layer: 1, from: { count: 2 }, to: { count: 3 } },
    ]);
    const other = copyOf({
      layers: undefined,
      resin: { ...copy.plan.buying[0]!.card, name: 'Quay clear' },
    });
    expect(
      planDifference(copy.plan.pours[0]!, other.plan.pours[0]!).map(({ code }) => code),
    ).toEqual(expect.arrayContaining(['resin']));
  });

  test('what is begun stays, what is not goes by the newer plan', () => {
    const next = takenOver(copy, deeper, begun)!;
    const pour = next.plan.pours[0]!;
    expect(pour.layers[0]).toEqual(copy.plan.pours[0]!.layers[0]);
    expect(pour.batches.map(({ layer, count }) => [layer, count])).toEqual([
      [0, 2],
      [1, 3],
    ]);
    expect(
      benchState(next, begun.events).lanes.find(({ id }) => id === 'layer-1/1')?.next,
    ).toBeUndefined();
  });

  test('another resin is not taken into a pour that is begun', () => {
    const other = copyOf({ resin: { ...copy.plan.buying[0]!.card, name: 'Quay clear' } });
    expect(takenOver(copy, other, begun)).toBeUndefined();
    expect(takenOver(copy, other, benchState(copy, []))).toBeDefined();
  });
});
