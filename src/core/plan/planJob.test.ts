import { upgradeDraft } from '../upgrades/upgradeJob';
import { type OneJob, planOne, readOne } from '../../testing/planOne';
import { checkJob } from '../job/readJob';
import * as fc from 'fast-check';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { InputError } from '../problem';

const tray: OneJob = readOne(exampleFile);

const withParts = (...parts: OneJob['measure']['parts']): OneJob => ({
  ...tray,
  measure: { parts },
});
const bowl = {
  shape: 'frustum',
  bottomDiameter: '120 mm',
  topDiameter: '200 mm',
  depth: '80 mm',
  count: 1,
} as const;

describe('the tray', () => {
  const plan = planOne(tray);

  test('volumes and masses', () => {
    expect(plan.cavityMl).toBeCloseTo(1905.0, 1);
    expect(plan.totalMl).toBeCloseTo(2095.5, 1);
    expect(plan.totalG).toBeCloseTo(2289.3, 1);
    expect(plan.a.ml).toBeCloseTo(1571.6, 1);
    expect(plan.a.g).toBeCloseTo(1775.9, 1);
    expect(plan.b.ml).toBeCloseTo(523.9, 1);
    expect(plan.b.g).toBeCloseTo(513.4, 1);
  });

  test('three equal batches, as weighed and as the scale shows them', () => {
    expect(plan.batches).toHaveLength(3);
    for (const batch of plan.batches) {
      expect(batch.ml).toBeCloseTo(698.5, 9);
      expect(batch.a.g).toBeCloseTo(592.0, 1);
      expect(batch.b.g).toBeCloseTo(171.1, 1);
      expect(batch.onScale).toMatchObject({ aG: 592, bG: 171, totalG: 763 });
    }
  });

  test('every main figure says why', () => {
    expect(plan.why.map(({ figure }) => figure)).toEqual([
      'cavityMl',
      'overage',
      'totalMl',
      'ratio',
      'layers',
      'batches',
      'potLife',
      'scale',
    ]);
    expect(plan.warnings).toEqual([]);
  });

  test('is plain data', () => {
    expect(JSON.parse(JSON.stringify(plan))).toEqual(JSON.parse(JSON.stringify(planOne(tray))));
  });
});

test('the coat in both ounces', () => {
  const plan = planOne(
    withParts({
      shape: 'coat',
      length: '38 in',
      width: '14-1/2 in',
      thickness: '1/8 in',
      count: 1,
    }),
  );
  expect(plan.cavityMl).toBeCloseTo(1128.7, 1);
  expect(plan.cavityUsFlOz).toBeCloseTo(38.16, 2);
  expect(plan.cavityImperialFlOz).toBeCloseTo(39.72, 2);
});

describe('layers', () => {
  const layered = (...heights: string[]): OneJob => ({ ...withParts(bowl), layers: { heights } });

  test('a bowl cut at 40 mm pours 619.9 ml and 1022.1 ml', () => {
    const { layers, batches } = planOne(layered('40 mm'));
    expect(layers.map(({ cavityMl }) => Number(cavityMl.toFixed(1)))).toEqual([619.9, 1022.1]);
    // 681.9 ml and 1124.3 ml to mix, 800 ml in the bucket.
    expect(batches.map(({ layer }) => layer)).toEqual([0, 1, 1]);
  });

  test.each([
    [['80 mm'], 'height-above-top', 'layers.heights[0]'],
    [['40 mm', '40 mm'], 'heights-not-rising', 'layers.heights[1]'],
  ])('%j is refused', (heights, code, field) => {
    expect(() => planOne(layered(...heights))).toThrow(
      expect.objectContaining({ code, field }) as Error,
    );
  });

  test('a known amount cannot be cut', () => {
    const job = {
      ...withParts(bowl, { shape: 'amount', amount: '1 l', count: 1 }),
      layers: { heights: ['9 mm'] },
    };
    expect(() => planOne(job)).toThrow(expect.objectContaining({ code: 'no-height' }) as Error);
  });
});

describe('warnings', () => {
  test('deeper than the label, until it is cut into layers', () => {
    const deep: OneJob = {
      ...withParts(bowl),
      resin: { ...tray.resin, depth: { greatest: '50 mm' } },
    };
    expect(planOne(deep).warnings).toEqual([
      expect.objectContaining({
        code: 'deeper-than-label',
        data: expect.objectContaining({ depthMm: 80, greatestDepthMm: 50 }),
      }),
    ]);
    expect(planOne({ ...deep, layers: { heights: ['40 mm'] } }).warnings).toEqual([]);
  });

  test('a scale too coarse to keep the ratio', () => {
    const drop: OneJob = {
      ...withParts({ shape: 'amount', amount: '12 g', count: 1 }),
      overage: '0 %',
    };
    const [warning] = planOne(drop).warnings;
    expect(warning?.code).toBe('scale-too-coarse');
    expect(planOne({ ...drop, scaleStep: '0.1 g' }).warnings).toEqual([]);
  });

  test('more in a batch than the container takes', () => {
    const [warning] = planOne({ ...tray, batches: 2 }).warnings;
    expect(warning).toMatchObject({ code: 'over-container', data: { limitMl: 800 } });
  });

  test('a container that would take too many batches is refused', () => {
    const thimble = { ...tray, container: { capacity: '3 ml', fill: '80 %' } };
    expect(() => planOne(thimble)).toThrow(
      expect.objectContaining({
        code: 'container-too-small',
        field: 'container.capacity',
      }) as Error,
    );
  });
});

describe('the shelf', () => {
  const job: OneJob = { ...tray, resin: { ...tray.resin, id: 'x' } };

  test('a mended card mends its jobs', () => {
    const mended = { ...job.resin, ratio: { by: 'volume', a: 2, b: 1 } as const };
    expect(planOne(job, { resins: [mended], moulds: [] }).a.ml).toBeCloseTo((2095.5 * 2) / 3, 6);
  });

  test('a card that is gone is told, and the copy in the job stands', () => {
    const plan = planOne(job, { resins: [], moulds: [] });
    expect(plan.warnings).toEqual([expect.objectContaining({ code: 'resin-not-on-shelf' })]);
    expect(plan.a.ml).toBeCloseTo(1571.6, 1);
  });

  test('a file that names a card is planned with its own copy, without a word about a shelf', () => {
    expect(planOne(job).warnings).toEqual([]);
  });

  test('the reason tells how the card that is used states its ratio, not the copy in the job', () => {
    const byWeight = { ...job.resin, ratio: { by: 'weight', a: 2, b: 1 } as const };
    const why = planOne(job, { resins: [byWeight], moulds: [] }).why.find(
      ({ figure }) => figure === 'ratio',
    );
    expect(why?.rule).toBe('stated-by-weight');
  });
});

test('for any job: parts and batches add up, the ratio holds, no batch is over the limit', () => {
  const job = fc.record({
    lengthMm: fc.integer({ min: 5, max: 1500 }),
    count: fc.integer({ min: 1, max: 9 }),
    overagePercent: fc.integer({ min: 0, max: 40 }),
    a: fc.integer({ min: 1, max: 10 }),
    by: fc.constantFrom('volume' as const, 'weight' as const),
    capacityMl: fc.integer({ min: 2000, max: 20_000 }),
    densityB: fc.integer({ min: 80, max: 130 }),
  });
  fc.assert(
    fc.property(job, ({ lengthMm, count, overagePercent, a, by, capacityMl, densityB }) => {
      const plan = planOne({
        ...withParts(
          { shape: 'box', length: `${lengthMm} mm`, width: '150 mm', depth: '30 mm', count },
          bowl,
        ),
        overage: `${overagePercent} %`,
        resin: { ...tray.resin, ratio: { by, a, b: 1 }, densityB: `${densityB / 100} g/ml` },
        container: { capacity: `${capacityMl} ml`, fill: '80 %' },
      });
      const sum = (pick: (batch: (typeof plan.batches)[number]) => number): number =>
        plan.batches.reduce((total, batch) => total + pick(batch), 0);
      expect(sum(({ ml }) => ml) / plan.totalMl).toBeCloseTo(1, 12);
      expect(sum((batch) => batch.a.g) / plan.a.g).toBeCloseTo(1, 12);
      expect((plan.a.g + plan.b.g) / plan.totalG).toBeCloseTo(1, 12);
      for (const batch of plan.batches) {
        const ratio = by === 'volume' ? batch.a.ml / batch.b.ml : batch.a.g / batch.b.g;
        expect(ratio / a).toBeCloseTo(1, 12);
        expect(batch.ml).toBeLessThanOrEqual(capacityMl * 0.8 * (1 + 1e-9));
        expect(batch.onScale.aG).toBeGreaterThanOrEqual(batch.a.g * (1 - 1e-8));
        const exactB = batch.onScale.aG / (plan.resin.ratio?.massAPerB ?? NaN);
        expect(Math.abs(batch.onScale.bG - exactB)).toBeLessThanOrEqual(0.5 + 1e-9);
      }
    }),
  );
});

describe('bad input', () => {
  const part = tray.measure.parts[0];
  test.each([
    ['empty', { depth: '' }, 'empty', 'measure.parts[0].depth'],
    ['missing', { depth: undefined }, 'missing', 'measure.parts[0].depth'],
    ['zero', { depth: '0 mm' }, 'not-positive', 'measure.parts[0].depth'],
    ['negative', { depth: '-3 mm' }, 'not-positive', 'measure.parts[0].depth'],
    ['letters', { depth: 'deep' }, 'unreadable', 'measure.parts[0].depth'],
    ['absurd', { length: '11 m' }, 'too-large', 'measure.parts[0].length'],
    ['not a number', { depth: 'NaN mm' }, 'unreadable', 'measure.parts[0].depth'],
    ['an area for a depth', { depth: '3 m2' }, 'wrong-kind', 'measure.parts[0].depth'],
    ['a bare figure', { depth: 30 }, 'missing-unit', 'measure.parts[0].depth'],
    ['half a cavity', { count: 1.5 }, 'not-whole', 'measure.parts[0].count'],
    ['no count', { count: '' }, 'empty', 'measure.parts[0].count'],
    ['letters for a count', { count: 'two' }, 'not-a-number', 'measure.parts[0].count'],
    ['no such shape', { shape: 'blob' }, 'not-a-choice', 'measure.parts[0].shape'],
    ['a slip in a key', { dept: '3 mm' }, 'unknown-key', 'measure.parts[0]'],
  ])('%s', (_, change, code, field) => {
    const bad = { ...tray, measure: { parts: [{ ...part, ...change }] } };
    expect(() => readOne(bad)).toThrow(expect.objectContaining({ code, field }) as Error);
  });

  test.each([
    ['nothing', null, 'missing', ''],
    ['a list', [], 'wrong-type', ''],
    ['another format', { ...tray, format: 'recipe' }, 'not-a-choice', 'format'],
    ['another version', { ...tray, version: 2 }, 'not-a-choice', 'version'],
    ['no parts', { ...tray, measure: { parts: [] } }, 'too-few', 'measure.parts'],
    ['no resin', { ...tray, resin: undefined }, 'missing', 'resin'],
    ['an oven', { ...tray, room: { temperature: '90 °C' } }, 'too-large', 'room.temperature'],
    ['no name', { ...tray, name: ' ' }, 'no-name', 'name'],
    ['overage of 200 %', { ...tray, overage: '200 %' }, 'too-large', 'overage'],
    [
      'water for resin',
      { ...tray, resin: { ...tray.resin, densityA: '0.1 g/ml' } },
      'too-small',
      'resin.densityA',
    ],
    [
      'a cup in oz',
      { ...tray, container: { capacity: '32 oz', fill: '80 %' } },
      'ambiguous-unit',
      'container.capacity',
    ],
  ])('%s', (_, bad, code, field) => {
    let thrown: unknown;
    try {
      readOne(bad);
    } catch (error) {
      thrown = error;
    }
    expect(thrown).toBeInstanceOf(InputError);
    expect(thrown).toMatchObject({ code, field });
  });

  test('a draft names everything that is wrong and drops the keys of other shapes', () => {
    const draft = {
      ...tray,
      name: '',
      measure: { parts: [{ ...part, shape: 'cylinder', diameter: 'wide' }] },
    };
    expect(
      checkJob(upgradeDraft(draft))
        .problems.map(({ field }) => field)
        .sort(),
    ).toEqual(['measure.parts[0].diameter', 'name']);
  });
});
