import { deepTray as tray, deepTrayJob as jobOf } from '../../../testing/deepTray';
import { heatCaseOfOne, heatOfOne, planOne } from '../../../testing/planOne';
import { heatViewOf } from './heatView';
import { followJob } from './heatOfPlan';

/** A slab that covers 84 % of the tray, from 15 to 35 mm. */
const slab = {
  shape: 'box',
  length: '560 mm',
  width: '360 mm',
  depth: '20 mm',
  height: '15 mm',
} as const;

const planned = (inserts: readonly object[], change: object = {}) => {
  const job = jobOf({
    measure: { parts: [tray], inserts },
    layers: { style: 'one-pour' },
    ...change,
  });
  const plan = planOne(job);
  const heat = heatOfOne(job, plan);
  const given = heatCaseOfOne(job, plan);
  if (!heat.told || !given.told) throw new Error('no heat');
  return { plan, heat, given, peakC: heat.layers[0]!.peakC.mid };
};

const bare = planned([]);

test('a body over half of the area leaves resin under and over it', () => {
  const { given, heat } = planned([{ ...slab, density: '2.7 g/ml' }]);
  const [layer] = given.setting.layers;
  expect(layer!.depthM).toBeCloseTo(0.03, 9);
  expect(layer!.insert).toMatchObject({ underM: 0.015, solid: { densityKgPerM3: 2700 } });
  expect(layer!.insert!.depthM).toBeCloseTo(0.02, 9);
  expect(heat.bodiesIn).toEqual([1]);
  expect(heat.assumed).not.toContain('insert-as-timber');
});

test('it is cooler than without, and a stone slab cools more than timber', () => {
  const warm = { room: { temperature: '30 °C' } };
  const stone = planned([{ ...slab, density: '2.7 g/ml' }], warm).peakC;
  const timber = planned([{ ...slab, density: '0.6 g/ml' }], warm).peakC;
  const unsaid = planned([slab], warm);
  expect(planned([], warm).peakC).toBeGreaterThan(timber + 10);
  expect(timber).toBeGreaterThan(stone + 2);
  expect(unsaid.peakC).toBe(timber);
  expect(unsaid.heat.assumed).toContain('insert-as-timber');
});

test('two that stand beside each other cover the form together, two over each other do not', () => {
  const half = { ...slab, width: '170 mm', density: '2.7 g/ml' };
  const beside = planned([half, half]);
  expect(beside.given.setting.layers[0]!.insert).toBeDefined();
  const low = { ...half, height: '5 mm', depth: '15 mm' };
  const over = planned([low, { ...low, height: '30 mm' }]);
  expect(over.given.setting.layers[0]!.insert).toBeUndefined();
});

test('on the floor there is resin over it only; flush with the rim only under it', () => {
  const floor = planned([{ ...slab, height: '0 mm', depth: '30 mm', density: '2.7 g/ml' }]);
  expect(floor.given.setting.layers[0]).toMatchObject({ insert: { underM: 0 } });
  expect(floor.given.setting.layers[0]!.depthM).toBeCloseTo(0.02, 9);
  const rim = planned([{ ...slab, height: '20 mm', depth: '30 mm', density: '2.7 g/ml' }]);
  expect(rim.given.setting.layers[0]!.insert!.underM).toBeCloseTo(0.02, 9);
  expect(rim.given.setting.layers[0]!.depthM).toBeCloseTo(0.02, 9);
});

test('cut into layers each knows what of it stands in it', () => {
  const { given, plan } = planned([{ ...slab, density: '2.7 g/ml' }], {
    layers: { heights: ['25 mm'] },
  });
  expect(plan.layers).toHaveLength(2);
  const [low, high] = given.setting.layers;
  expect([low!.depthM, low!.insert!.underM, low!.insert!.depthM]).toEqual(
    [0.015, 0.015, 0.01].map((each) => expect.closeTo(each, 9) as number),
  );
  expect([high!.depthM, high!.insert!.underM, high!.insert!.depthM]).toEqual(
    [0.015, 0, 0.01].map((each) => expect.closeTo(each, 9) as number),
  );
});

test('one body in a corner cools nothing beside it; pebbles everywhere do', () => {
  const one = planned([{ ...slab, length: '150 mm', width: '150 mm', density: '2.7 g/ml' }]);
  expect(one.peakC).toBe(bare.peakC);
  const pebbles = planned([
    { shape: 'sphere', diameter: '40 mm', count: 60, height: '5 mm', density: '2.7 g/ml' },
  ]);
  expect(pebbles.peakC).toBeLessThan(bare.peakC - 5);
  const [{ share } = { share: 0 }] = pebbles.given.setting.layers[0]!.solids!;
  // Sixty spheres of 33.5 ml in twelve litres.
  expect(share).toBeCloseTo((60 * 33.51) / 12_000, 3);
});

test('a channel and a drawing know it too', () => {
  const narrow = { ...tray, width: '150 mm' };
  const inserts = [{ ...slab, width: '130 mm', density: '7.8 g/ml' }];
  const steel = planned(inserts, { measure: { parts: [narrow], inserts } });
  expect(steel.peakC).toBeLessThan(planned([], { measure: { parts: [narrow] } }).peakC - 5);
  for (const { given } of [steel, planned([{ ...slab, density: '2.7 g/ml' }])]) {
    const { cut, mostAlpha } = heatViewOf(given, followJob(given, { ranges: false }));
    const resinMm = [...cut.heightsMm].slice(cut.firstResinRow);
    expect(resinMm.reduce((sum, each) => sum + each, 0)).toBeCloseTo(50, 6);
    expect(Math.max(...mostAlpha)).toBeGreaterThan(0.8);
  }
});
