import * as fc from 'fast-check';
import { jobPour } from '../job/jobPour';
import { mostPours, type Job } from '../job/jobSchema';
import { readJob } from '../job/readJob';
import { InputError } from '../problem';
import { demoResins } from '../../data/demo/demoResins';
import { planJob } from './planJob';
import type { Plan } from './planTypes';
import { runs } from '../../testing/campaign';

const cardOf = (id: string) => demoResins.find((card) => card.id === id)!;
const deep = cardOf('demo-slow-clear');
const coating = cardOf('demo-table-coat');

const none = { overage: '0 %' };
const jobOf = (measure: object | undefined, pours: readonly object[]): Job =>
  readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Piece',
    room: { temperature: '20 °C' },
    ...(measure === undefined ? {} : { measure }),
    pours,
  });
const planOf = (measure: object | undefined, ...pours: readonly object[]): Plan =>
  planJob(jobOf(measure, pours));

const bowl = {
  parts: [{ shape: 'frustum', bottomDiameter: '120 mm', topDiameter: '200 mm', depth: '80 mm' }],
};
const channel = {
  parts: [
    {
      shape: 'channel',
      stations: [
        { at: '0 mm', width: '82 mm' },
        { at: '250 mm', width: '64 mm' },
        { at: '600 mm', width: '97 mm' },
        { at: '900 mm', width: '71 mm' },
        { at: '1250 mm', width: '88 mm' },
      ],
      depth: '45 mm',
    },
  ],
};
const lid = (thickness: string) => ({
  parts: [{ shape: 'coat', length: '38 in', width: '14-1/2 in', thickness }],
});

test('a pour in another room: its times are of that room, and the day of the job does not reach it', () => {
  const job = {
    ...jobOf(bowl, [
      { ...none, resin: deep, fills: { to: '20 mm' }, room: { temperature: '27 °C' } },
      { ...none, resin: deep, fills: { from: '20 mm' } },
    ]),
    heat: { day: { lowest: '5 °C', highest: '15 °C' } },
  };
  const { pours, roomTemperatureC } = planJob(readJob(job));
  const [warm, cool] = pours;
  expect(roomTemperatureC).toBe(20);
  expect(pours.map((pour) => pour.roomTemperatureC)).toEqual([27, 20]);
  expect(warm!.working.potLifeMin!).toBeLessThan(cool!.working.potLifeMin!);
  const [own, ofJob] = [jobPour(readJob(job), 0), jobPour(readJob(job), 1)];
  expect(own.heat?.day).toBeUndefined();
  expect(ofJob.heat?.day).toEqual({ lowest: '5 °C', highest: '15 °C' });
});

describe('worked figures', () => {
  test('a bowl in two fills parted at 20 mm', () => {
    const { pours, together } = planOf(
      bowl,
      { ...none, resin: deep, fills: { to: '20 mm' } },
      { ...none, resin: deep, fills: { from: '20 mm' } },
    );
    expect(pours.map(({ cavityMl }) => Number(cavityMl.toFixed(2)))).toEqual([265.99, 1376.02]);
    expect(together.cavityMl).toBeCloseTo(1642.01, 2);
    expect(pours.map(({ between }) => between)).toEqual([
      { fromMm: 0, toMm: 20 },
      { fromMm: 20, toMm: 80 },
    ]);
  });

  test('the sides of a channel, each edge along its stations', () => {
    const { pours } = planOf(
      channel,
      { ...none, resin: coating, covers: { face: 'sides', upTo: '45 mm', thickness: '0.5 mm' } },
      { ...none, resin: deep },
    );
    const detail = pours[0]?.parts[0]?.detail;
    const [face] = detail?.kind === 'coat' ? detail.faces : [];
    expect((face?.areaMm2 ?? 0) / 100).toBeCloseTo(1125.8, 1);
    expect(pours[0]?.cavityMl).toBeCloseTo(56.29, 2);
    expect(pours[0]?.role).toBe('seal');
  });

  test('seal coat and flood coat of a lid, each with a measure of its own', () => {
    const { pours, together, buying, form } = planOf(
      undefined,
      { ...none, name: 'Seal', resin: coating, measure: lid('1/16 in') },
      { ...none, name: 'Flood', resin: coating, measure: lid('1/8 in') },
    );
    expect(form).toBeUndefined();
    expect(pours.map(({ cavityMl }) => Number(cavityMl.toFixed(1)))).toEqual([564.3, 1128.7]);
    expect(together.cavityMl).toBeCloseTo(1693.0, 1);
    expect(together.cavityUsFlOz).toBeCloseTo(57.25, 2);
    expect(together.cavityUsGal).toBeCloseTo(0.447, 3);
    // One resin is one need: lots and delivery count once.
    expect(buying).toHaveLength(1);
    expect(buying[0]).toMatchObject({ pours: [0, 1] });
    expect(buying[0]?.buying.needMl).toBeCloseTo(1693.0, 1);
  });

  test('the same lid as two fills of one coat', () => {
    const { pours } = planOf(
      lid('3/16 in'),
      { ...none, resin: coating, fills: { to: '1/16 in' } },
      { ...none, resin: coating, fills: { from: '1/16 in' } },
    );
    expect(pours.map(({ cavityMl }) => Number(cavityMl.toFixed(1)))).toEqual([564.3, 1128.7]);
  });
});

test('layers of a fill are told over the floor of the form, and cut at heights over it', () => {
  const { pours } = planOf(
    bowl,
    { ...none, resin: deep, fills: { to: '20 mm' } },
    { ...none, resin: deep, fills: { from: '20 mm' }, layers: { heights: ['50 mm'] } },
  );
  expect(pours[1]?.layers.map(({ fromMm, toMm }) => [fromMm, toMm])).toEqual([
    [20, 50],
    [50, 80],
  ]);
  expect(pours[1]?.layers.reduce((sum, { cavityMl }) => sum + cavityMl, 0)).toBeCloseTo(1376.02, 2);
});

test('inserts come off the fill that they stand in', () => {
  const insert = { shape: 'box', length: '20 mm', width: '20 mm', depth: '20 mm', height: '10 mm' };
  const { pours, form } = planOf(
    { ...bowl, inserts: [insert] },
    { ...none, resin: deep, fills: { to: '20 mm' } },
    { ...none, resin: deep, fills: { from: '20 mm' } },
  );
  expect(pours.map(({ cavityMl }) => Number(cavityMl.toFixed(2)))).toEqual([261.99, 1372.02]);
  expect(pours.map(({ inserts }) => inserts[0]?.ml.toFixed(3))).toEqual(['4.000', '4.000']);
  expect(form?.cavityMl).toBeCloseTo(1634.01, 2);
});

test('a room, a floor and a cup are the job’s, and a pour may differ', () => {
  const { pours } = planJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Piece',
      room: { temperature: '20 °C' },
      container: { capacity: '1 l', fill: '80 %' },
      measure: bowl,
      pours: [
        { ...none, resin: deep, fills: { to: '20 mm' } },
        {
          ...none,
          resin: deep,
          fills: { from: '20 mm' },
          room: { temperature: '24 °C' },
          container: { capacity: '2 l', fill: '80 %' },
        },
      ],
    }),
  );
  expect(pours.map(({ roomTemperatureC }) => roomTemperatureC)).toEqual([20, 24]);
  expect(pours.map(({ batches }) => batches[0]?.count)).toEqual([1, 1]);
  expect(pours[1]?.batches[0]?.container?.capacityMl).toBe(2000);
});

test('pours wait for each other: in the window of the seal, and until a fill is hard', () => {
  const { pours, times } = planOf(
    channel,
    { ...none, resin: coating, covers: { face: 'sides', thickness: '0.5 mm' } },
    { ...none, resin: deep },
    { ...none, resin: coating, covers: { face: 'surface', thickness: '3 mm' } },
  );
  expect(pours.map(({ role }) => role)).toEqual(['seal', 'fill', 'coat']);
  expect(pours.map(({ joins }) => joins?.school)).toEqual([undefined, 'tacky', 'scuff']);
  const [seal = NaN, fill = NaN, coat = NaN] = times.startsMin;
  // Four hours at 23 °C, which are rather more at 20, and a film that is sticky later than that; then fourteen days.
  expect(seal).toBe(0);
  expect(fill / 60).toBeGreaterThan(4 * 2 ** 0.3);
  expect(fill / 60).toBeCloseTo(pours[0]!.layers[0]!.cure!.stickyH.from!, 6);
  expect((coat - fill) / 60 / 24).toBeCloseTo(14, 6);
  expect(times.doneMin).toBeGreaterThan(coat);
});

test('how long a person waits stands over the card', () => {
  const { times } = planOf(
    bowl,
    { ...none, resin: deep, fills: { to: '20 mm' } },
    { ...none, resin: deep, fills: { from: '20 mm' }, wait: '30 h' },
  );
  expect(times.startsMin).toEqual([0, 30 * 60]);
});

test('what a person pins against the clock is a warning of the plan', () => {
  const codes = (wait: string, more: object = {}) =>
    planOf(
      bowl,
      { ...none, resin: deep, fills: { to: '20 mm' } },
      { ...none, resin: deep, fills: { from: '20 mm' }, wait, ...more },
    ).warnings.flatMap(({ code, data }) =>
      code === 'pour-against-clock' ? [(data as { why: string }).why] : [],
    );
  expect(codes('6 h')).toEqual(['too-soon']);
  expect(codes('45 h')).toEqual([]);
  expect(codes('12 days')).toEqual(['too-late']);
  expect(codes('12 days', { joint: 'scuff' })).toEqual([]);
  expect(codes('45 h', { joint: 'scuff' })).toEqual(['too-soon']);
});

test('warnings name their pour; a gap between two fills is one of the job’s', () => {
  const { warnings } = planOf(
    bowl,
    { ...none, name: 'Foot', resin: deep, fills: { to: '20 mm' } },
    { ...none, name: 'Rest', resin: deep, fills: { from: '21 mm' }, layers: { style: 'one-pour' } },
  );
  expect(warnings).toEqual([
    expect.objectContaining({
      code: 'fills-gap',
      data: { fromMm: 20, toMm: 21 },
      pour: undefined,
    }),
    expect.objectContaining({ code: 'deeper-than-label', pour: { index: 1, name: 'Rest' } }),
  ]);
});

test('a mould is no part of what is cast in it', () => {
  const silicone = cardOf('demo-mould-silicone');
  const box = { parts: [{ shape: 'box', length: '60 mm', width: '40 mm', depth: '30 mm' }] };
  const { weight } = planOf(
    box,
    { ...none, role: 'mould', resin: silicone },
    {
      ...none,
      role: 'castings',
      resin: cardOf('demo-quick-white'),
      measure: { parts: [{ shape: 'amount', amount: '20 ml', count: 3 }] },
    },
  );
  expect(weight.resinG).toBeCloseTo(60 * 1.065, 6);
});

test('what is left over of one pour fills a cavity that the next cannot use again', () => {
  const moulds = [
    { name: 'Knob', material: 'silicone', cavities: [{ volume: '20 ml', depth: '15 mm' }] },
  ];
  const job = jobOf(bowl, [
    { overage: '10 %', resin: deep, fills: { to: '20 mm' } },
    { overage: '10 %', resin: deep, fills: { from: '20 mm' } },
  ]);
  const { pours } = planJob({
    ...job,
    leftoverMoulds: readJob({ ...job, leftoverMoulds: moulds }).leftoverMoulds,
  });
  expect(pours.map(({ leftovers }) => leftovers.map(({ usedMl }) => usedMl))).toEqual([[20], [0]]);
});

describe('bad input', () => {
  const refused = (measure: object | undefined, pours: readonly object[]): Partial<InputError> => {
    try {
      planJob(jobOf(measure, pours));
    } catch (error) {
      if (error instanceof InputError) {
        const { code, field, data } = error;
        return { code, field, data };
      }
      throw error;
    }
    throw new Error('it was planned');
  };
  const fill = (fills: object) => ({ resin: deep, fills });
  const cover = (covers: object) => ({ resin: coating, covers });
  const upright = { parts: [{ shape: 'sphere', diameter: '60 mm' }] };
  const amount = { parts: [{ shape: 'amount', amount: '500 ml' }] };

  test.each([
    [
      bowl,
      [fill({ to: '30 mm' }), fill({ from: '20 mm' })],
      'fills-overlap',
      'pours[1].fills',
      { otherFromMm: 0, otherToMm: 30, fromMm: 20, toMm: 80 },
    ],
    [bowl, [fill({}), fill({})], 'fills-overlap', 'pours[1].fills', { otherToMm: 80 }],
    [
      bowl,
      [fill({ from: '20 mm' }), fill({ to: '20 mm' })],
      'fill-under-earlier',
      'pours[1].fills',
      { otherFromMm: 20 },
    ],
    [bowl, [fill({ to: '81 mm' })], 'fill-over-rim', 'pours[0].fills.to', { rimMm: 80 }],
    [bowl, [fill({ from: '90 mm' })], 'fill-over-rim', 'pours[0].fills.from', { rimMm: 80 }],
    [
      bowl,
      [fill({ from: '30 mm', to: '30 mm' })],
      'fill-upside-down',
      'pours[0].fills.to',
      { fromMm: 30 },
    ],
    [amount, [fill({ to: '20 mm' })], 'fill-needs-a-form', 'pours[0].fills.to', {}],
    [
      bowl,
      [cover({ face: 'sides', upTo: '90 mm', thickness: '1 mm' })],
      'height-over-rim',
      'pours[0].covers.upTo',
      { rimMm: 80 },
    ],
    [
      bowl,
      [cover({ face: 'sides', upTo: '0 mm', thickness: '1 mm' })],
      'covers-nothing',
      'pours[0].covers.face',
      { face: 'sides' },
    ],
    [
      upright,
      [cover({ face: 'floor', thickness: '1 mm' })],
      'covers-nothing',
      'pours[0].covers.face',
      { face: 'floor' },
    ],
    [
      amount,
      [cover({ face: 'sides', thickness: '1 mm' })],
      'no-faces',
      'pours[0].covers.face',
      { part: 1, shape: 'amount' },
    ],
    [undefined, [fill({})], 'pour-without-form', 'measure', {}],
    [
      bowl,
      [{ resin: deep, fills: {}, covers: { face: 'floor', thickness: '1 mm' } }],
      'pour-said-twice',
      'pours[0].covers',
      {},
    ],
    [
      bowl,
      [fill({ to: '20 mm' }), { ...fill({ from: '20 mm' }), layers: { heights: ['10 mm'] } }],
      'heights-not-rising',
      'pours[1].layers.heights[0]',
      { below: 20 },
    ],
    [
      bowl,
      Array.from({ length: mostPours + 1 }, () => fill({})),
      'too-many',
      'pours',
      { limit: 30 },
    ],
    [bowl, [], 'too-few', 'pours', { limit: 1 }],
  ] as const)('%#', (measure, pours, code, field, data) => {
    expect(refused(measure, pours)).toMatchObject({ code, field, data });
  });

  test('thirty pours are planned', () => {
    const pours = Array.from({ length: mostPours }, (_, at) => ({
      ...none,
      resin: coating,
      fills: { from: `${at * 2} mm`, to: `${at * 2 + 2} mm` },
    }));
    const plan = planOf(bowl, ...pours);
    expect(plan.pours).toHaveLength(30);
    expect(plan.together.cavityMl).toBeLessThan(1642.01);
  });

  test('a resin without densities covers a face by those that are usual, and says so', () => {
    const { densityA: _, densityB: __, ...bare } = coating;
    const { pours, warnings } = planOf(bowl, {
      ...none,
      resin: { ...bare, id: undefined },
      covers: { face: 'sides', thickness: '1 mm' },
    });
    expect(warnings.map(({ code }) => code)).toContain('density-assumed');
    expect(pours[0]?.totalG).toBeGreaterThan(0);
  });
});

describe('properties', () => {
  const mm = (least: number, most: number) =>
    fc.double({ min: least, max: most, noNaN: true }).map((value) => Number(value.toFixed(3)));
  const part = fc.oneof(
    fc.record({
      shape: fc.constant('box'),
      length: mm(20, 400).map((each) => `${each} mm`),
      width: mm(20, 400).map((each) => `${each} mm`),
      depth: mm(30, 60).map((each) => `${each} mm`),
      draft: fc.constantFrom(undefined, '5°'),
      count: fc.integer({ min: 1, max: 4 }),
    }),
    fc.record({
      shape: fc.constant('frustum'),
      bottomDiameter: mm(20, 200).map((each) => `${each} mm`),
      topDiameter: mm(20, 200).map((each) => `${each} mm`),
      depth: mm(30, 60).map((each) => `${each} mm`),
    }),
    fc.record({
      shape: fc.constant('spherical-cap'),
      diameter: mm(80, 200).map((each) => `${each} mm`),
      depth: mm(30, 40).map((each) => `${each} mm`),
    }),
  );

  test('fills between heights add up to the form, for any cavities and any cuts', () => {
    const draw = fc.record({
      parts: fc.array(part, { minLength: 1, maxLength: 4 }),
      cuts: fc.uniqueArray(mm(1, 29), { minLength: 1, maxLength: 5 }),
    });
    fc.assert(
      fc.property(draw, ({ parts, cuts }) => {
        const borders = [undefined, ...cuts.toSorted((a, b) => a - b), undefined];
        const text = (value: number | undefined) => value && `${value} mm`;
        const pours = borders.slice(1).map((to, index) => ({
          ...none,
          // Volumes alone: no heat to follow.
          resin: { ...deep, family: 'polyester' },
          layers: { style: 'one-pour' },
          fills: { from: text(borders[index]), to: text(to) },
        }));
        const plan = planOf({ parts }, ...pours);
        expect(plan.together.cavityMl / (plan.form?.cavityMl ?? NaN)).toBeCloseTo(1, 9);
        plan.form?.parts.forEach(({ ml }, at) => {
          const own = plan.pours.reduce((sum, pour) => sum + (pour.parts[at]?.ml ?? 0), 0);
          expect(own / ml).toBeCloseTo(1, 9);
        });
        expect(plan.warnings.filter(({ code }) => code === 'fills-gap')).toEqual([]);
      }),
      { numRuns: runs(40, 600) },
    );
  });

  test('the plan holds what it is told: totals, buying and weight are sums of its pours', () => {
    const draw = fc.record({
      at: mm(5, 50),
      thickness: mm(0.2, 3),
      overages: fc.tuple(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 0, max: 30 })),
    });
    fc.assert(
      fc.property(draw, ({ at, thickness, overages }) => {
        const plan = planOf(
          { parts: [{ shape: 'box', length: '200 mm', width: '150 mm', depth: '55 mm' }] },
          { overage: `${overages[0]} %`, resin: deep, fills: { to: `${at} mm` } },
          {
            overage: `${overages[1]} %`,
            resin: coating,
            fills: { from: `${at} mm` },
            layers: { style: 'equal', depthBy: 'label' },
          },
          { ...none, resin: coating, covers: { face: 'surface', thickness: `${thickness} mm` } },
        );
        const sum = (of: (pour: Plan['pours'][number]) => number): number =>
          plan.pours.reduce((total, pour) => total + of(pour), 0);
        expect(plan.together.totalMl).toBeCloseTo(
          sum(({ totalMl }) => totalMl),
          6,
        );
        expect(plan.buying.reduce((total, { buying }) => total + buying.needMl, 0)).toBeCloseTo(
          plan.together.totalMl,
          6,
        );
        expect(plan.buying.flatMap(({ pours }) => pours).toSorted()).toEqual([0, 1, 2]);
        for (const pour of plan.pours) {
          const mixed = pour.batches.reduce((total, { ml, count }) => total + ml * count, 0);
          expect(mixed).toBeCloseTo(pour.totalMl, 6);
          expect(new Set(pour.batches.map(({ id }) => id)).size).toBe(pour.batches.length);
        }
      }),
      { numRuns: runs(10, 300) },
    );
  });
});
