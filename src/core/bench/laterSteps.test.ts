import { benchState, lookOf } from './benchState';
import { isAfterLane, type AfterLane } from './lanes';
import { pourTicks } from './pourTicks';
import { at, batchDone, copyOf, done, minute } from './testBench';

const poured = [
  done(0, 'layer-1:ready'),
  ...batchDone(1, 'layer-1/1'),
  ...batchDone(15, 'layer-1/2'),
];

const afterOf = (
  copy: ReturnType<typeof copyOf>,
  more: Parameters<typeof benchState>[1] = [],
): AfterLane =>
  benchState(copy, [...poured, ...more])
    .lanes.filter(isAfterLane)
    .find(({ layer }) => layer === 0)!;

const kinds = (lane: AfterLane): readonly string[] => lane.steps.map(({ kind }) => kind);

test('flakes that would sink are put in later, and ticked in the days when they are', () => {
  const copy = copyOf({
    inclusions: [{ kind: 'pearl' }, { kind: 'flake', name: 'Copper flake' }],
  });
  const lane = afterOf(copy);
  expect(kinds(lane)).toEqual(['bubbles', 'bubbles', 'add-inclusion']);
  const look = lookOf(lane, lane.steps[2]!);
  const { addAfterH } = copy.plan.pours[0]!.flow!.inclusions[1]!.layers[0]!;
  expect(look.later?.data).toMatchObject({ name: 'Copper flake', place: 2 });
  expect(look.dueAt).toBeCloseTo(at(25) + addAfterH * 60 * minute, 0);
  const events = [...poured, done(700, 'layer-1/after:add-inclusion')];
  expect(pourTicks(copy, benchState(copy, events)).map(({ id }) => id)).toContain(
    'pour-1/layer-1/add-2',
  );
});

test('a pot is closed at once, held from then on, and nobody looks for bubbles in it', () => {
  const copy = copyOf({ pressure: { gauge: '40 psi', rating: '60 psi', hold: '12 h' } });
  const lane = afterOf(copy);
  expect(kinds(lane)).toEqual(['close-pot', 'open-pot']);
  expect(lookOf(lane, lane.steps[0]!).dueAt).toBe(at(25));
  expect(lookOf(lane, lane.steps[1]!).dueAt).toBe(at(25 + 12 * 60));
  // Closed five minutes later it is opened five minutes later.
  const late = afterOf(copy, [done(30, 'layer-1/after:close-pot')]);
  expect(lookOf(late, late.steps[1]!).dueAt).toBe(at(30 + 12 * 60));
  expect(late.next?.kind).toBe('open-pot');
});

test('what a lamp sets is lit once its bubbles are out', () => {
  const copy = copyOf({
    resin: {
      name: 'Lens light',
      family: 'uv',
      densityA: '1.12 g/ml',
      depth: { greatest: '30 mm' },
    },
    uv: { intensity: '5 mW/cm2', penetration: '30 mm' },
  });
  const lane = benchState(copy, []).lanes.filter(isAfterLane)[0]!;
  expect(kinds(lane)).toEqual(['bubbles', 'lamp']);
  expect(lane.later[1]).toMatchObject({ code: 'lamp', afterMin: 5 });
});

test('a copy of before it was kept has bubbles to look for, and nothing else', () => {
  const copy = copyOf({ inclusions: [{ kind: 'flake' }] });
  const old = {
    ...copy,
    layerTimes: copy.layerTimes.map(({ later: _, ...times }) => times),
  };
  expect(kinds(afterOf(old))).toEqual(['bubbles', 'bubbles']);
});
