import { type OneJob, planOne, readOne } from '../../../testing/planOne';
import { residuePerCupMl } from './allowances';

const base = {
  format: 'nipperkin-job',
  version: 1,
  name: 'Step',
  room: { temperature: '20 °C' },
  measure: {
    parts: [{ shape: 'box', length: '500 mm', width: '100 mm', depth: '40 mm' }],
  },
  overage: '0 %',
  resin: {
    name: 'Slow clear',
    family: 'deep-pour-epoxy',
    ratio: { by: 'volume', a: 2, b: 1 },
    densityA: '1.1 g/ml',
    densityB: '1 g/ml',
  },
} as const;

const plan = (change: object) => planOne(readOne({ ...base, ...change }) satisfies OneJob);
const mlOf = (change: object): Record<string, number> =>
  Object.fromEntries(plan(change).allowances.map(({ code, ml }) => [code, ml]));

test('each has its own millilitres, and the total is the cavity with those that are on', () => {
  const allowances = {
    seepage: { area: '0.06 m2', gap: '0.5 mm' },
    soak: { area: '0.1 m2', surface: 'bare-timber' },
    shrinkage: { share: '2 %' },
    planing: { top: '2 mm', bottom: '1 mm' },
  };
  const ml = mlOf({ allowances, overage: '10 %' });
  expect(ml['overage']).toBeCloseTo(200, 9);
  expect(ml['seepage']).toBeCloseTo(30, 9);
  expect(ml['soak']).toBeCloseTo(15, 9);
  expect(ml['shrinkage']).toBeCloseTo(2000 / 0.98 - 2000, 9);
  expect(ml['planing']).toBeCloseTo(150, 6);
  const sum = Object.values(ml).reduce((total, each) => total + each, 2000);
  expect(plan({ allowances, overage: '10 %' }).totalMl).toBeCloseTo(sum, 6);
});

test('one that is switched off keeps its figure and counts nothing', () => {
  const off = plan({ allowances: { seepage: { area: '0.06 m2', gap: '0.5 mm', off: true } } });
  expect(off.allowances.find(({ code }) => code === 'seepage')).toMatchObject({
    on: false,
    ml: 30,
  });
  expect(off.totalMl).toBeCloseTo(2000, 9);
});

test('residue is mixed on top of every batch; two cups leave twice as much', () => {
  const container = { capacity: '1 l', fill: '80 %' };
  const one = residuePerCupMl(1000);
  // A litre in a cup as wide as tall is 108.4 mm across; the film over wall and floor is 0.2 mm.
  expect(one).toBeCloseTo(((5 * Math.PI * 108.385 ** 2) / 4) * 0.0002, 3);
  const single = plan({ container, allowances: { residue: {} } });
  const double = plan({ container, allowances: { residue: { twoCups: true } } });
  expect(single.batches).toHaveLength(3);
  expect(single.totalMl).toBeCloseTo(2000 + 3 * one, 9);
  expect(double.totalMl).toBeCloseTo(2000 + 6 * one, 9);
  expect(single.batches[0]?.ml).toBeCloseTo(2000 / 3 + one, 9);
  const typed = plan({ container, allowances: { residue: { perBatch: '20 ml' } } });
  expect(typed.totalMl).toBeCloseTo(2060, 9);
});

test('a batch with its residue still fits the container', () => {
  // 2.4 l into 0.8 l would be three batches without residue.
  const measure = { parts: [{ ...base.measure.parts[0], depth: '48 mm' }] };
  const container = { capacity: '1 l', fill: '80 %' };
  expect(plan({ measure, container }).batches).toHaveLength(3);
  const four = plan({ measure, container, allowances: { residue: {} } });
  expect(four.batches).toHaveLength(4);
  expect(four.warnings).toEqual([]);
});

test('what runs under goes into the first layer, stock to plane into the outer ones', () => {
  const { layers } = plan({
    layers: { heights: ['20 mm'] },
    allowances: {
      seepage: { area: '0.06 m2', gap: '0.5 mm' },
      planing: { top: '2 mm', bottom: '1 mm' },
    },
  });
  expect(layers[0]?.ml).toBeCloseTo(1000 + 30 + 50, 6);
  expect(layers[1]?.ml).toBeCloseTo(1000 + 100, 6);
});

test('stock to plane counts into the depth of a pour', () => {
  const resin = { ...base.resin, depth: { greatest: '41 mm' } };
  expect(plan({ resin }).warnings).toEqual([]);
  expect(plan({ resin, allowances: { planing: { top: '2 mm' } } }).warnings).toEqual([
    expect.objectContaining({
      code: 'deeper-than-label',
      data: expect.objectContaining({ depthMm: 42 }),
    }),
  ]);
});

test('run-off is a share of the coats alone', () => {
  const coat = { shape: 'coat', length: '500 mm', width: '200 mm', thickness: '3 mm' };
  const ml = mlOf({
    measure: { parts: [...base.measure.parts, coat] },
    allowances: { runOff: { share: '5 %' } },
  });
  expect(ml['runOff']).toBeCloseTo(15, 9);
});

test.each([
  ['open-mould', undefined, 0.02],
  ['general', undefined, 0.1],
  ['porous', undefined, 0.13],
  // Soak that is counted apart is not counted twice.
  ['porous', { soak: { area: '0.1 m2', surface: 'sealed-timber' } }, 0.1],
  [undefined, undefined, 0.1],
])('overage of a job of kind %s', (kind, allowances, share) => {
  const { allowances: found, why } = plan({ kind, allowances, overage: undefined });
  expect(found[0]).toMatchObject({ code: 'overage', data: { share } });
  expect(why.find(({ figure }) => figure === 'overage')?.rule).toBe(`overage-${kind ?? 'general'}`);
});

test.each([
  [
    'a surface of no known kind',
    { soak: { area: '1 m2', surface: 'other' } },
    'soak-without-rate',
    'allowances.soak.rate',
  ],
  [
    'shrinking to nothing',
    { shrinkage: { share: '100 %' } },
    'shrinks-away',
    'allowances.shrinkage.share',
  ],
])('%s is refused at its field', (_, allowances, code, field) => {
  expect(() => plan({ allowances })).toThrow(expect.objectContaining({ code, field }));
});

test('a residue that fills the cup is refused', () => {
  expect(() =>
    plan({
      container: { capacity: '100 ml', fill: '50 %' },
      allowances: { residue: { perBatch: '60 ml' } },
    }),
  ).toThrow(
    expect.objectContaining({ code: 'residue-fills-cup', field: 'allowances.residue.perBatch' }),
  );
});
