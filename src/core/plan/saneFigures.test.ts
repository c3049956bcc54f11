import * as fc from 'fast-check';
import example from '../../../docs/formats/drawer-tray.job.json';
import { checkJob } from '../job/readJob';
import { InputError } from '../problem';
import { planJob } from './planJob';
import type { Plan } from './planTypes';
import { runs } from '../../testing/campaign';

/** Figures that may be below nothing: errors to either side, temperatures, places. */
const mayBeNegative = /Error$|C$|^(fromMm|toMm|x|y|z)$/;

/** Every number in a plan with its place. */
function* numbersIn(value: unknown, key = '', place = ''): Generator<[string, string, number]> {
  if (typeof value === 'number') yield [place, key, value];
  if (typeof value !== 'object' || value === null) return;
  const isList = Array.isArray(value);
  for (const [name, each] of Object.entries(value)) {
    yield* numbersIn(each, isList ? key : name, `${place}.${name}`);
  }
}

const warnsOf = (plan: Plan, ...codes: readonly string[]): boolean =>
  plan.warnings.some(({ code }) => codes.includes(code));

function expectSane(plan: Plan): void {
  const odd = [...numbersIn({ ...plan, heatCases: undefined })].filter(
    ([, key, value]) => !Number.isFinite(value) || (value < 0 && !mayBeNegative.test(key)),
  );
  // What a whole solid goes up to is told as no limit.
  expect(odd.filter(([place]) => !/solid|measured|faces/.test(place))).toEqual([]);
  for (const { batches } of plan.pours) {
    for (const { onScale, inCup, tintedAG, a, b, ml } of batches) {
      const needG = (tintedAG ?? a.g) + b.g;
      if (inCup === undefined && onScale.totalG > needG * 1.1) {
        expect(warnsOf(plan, 'scale-over-need')).toBe(true);
      }
      if (inCup === undefined) expect(onScale.totalG).toBeGreaterThan(needG * 0.9);
      if (inCup !== undefined && inCup.totalMl > ml * 1.1) {
        expect(warnsOf(plan, 'cup-over-need')).toBe(true);
      }
    }
  }
  for (const { buying } of plan.buying) {
    expect(buying.cost ?? 0).toBeGreaterThanOrEqual(0);
    if (buying.problem === undefined) {
      expect(buying.boughtMl).toBeGreaterThanOrEqual(buying.missingMl * (1 - 1e-6));
    }
  }
}

const decimal = (min: number, max: number) =>
  fc.double({ min: Math.log(min), max: Math.log(max), noNaN: true }).map((x) => {
    const figure = Math.exp(x);
    return Number(figure.toPrecision(3));
  });
const blankOr = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const kit = fc.record(
  {
    supplier: fc.constantFrom('One', 'Other', ''),
    size: decimal(20, 5000).map((ml) => `${ml} ml`),
    price: fc.integer({ min: 1, max: 20_000 }).map((hundredths) => hundredths / 100),
    delivery: blankOr(fc.constantFrom(0, 4.5, 9.5)),
  },
  { requiredKeys: ['supplier', 'size', 'price'] },
);

const someJob = fc.record({
  length: decimal(10, 9000),
  depth: decimal(1, 400),
  a: decimal(0.5, 100),
  b: decimal(0.5, 100),
  by: fc.constantFrom('weight', 'volume'),
  takes: decimal(4, 200),
  style: fc.constantFrom('one-pour', 'equal', 'full-top-off', 'lock-in'),
  step: decimal(0.01, 50),
  measuredBy: fc.constantFrom('weight', 'volume'),
  capacity: blankOr(decimal(300, 50_000)),
  overage: fc.integer({ min: 0, max: 50 }),
  kits: fc.array(kit, { maxLength: 4 }),
});

test('whatever is planned, every figure is finite and not negative, and no amount strays unsaid', () => {
  let planned = 0;
  const count = runs(16, 500);
  fc.assert(
    fc.property(someJob, (some) => {
      const draft = {
        format: 'nipperkin-job',
        version: 2,
        name: 'Any',
        room: { temperature: '21 °C' },
        measure: {
          parts: [
            {
              shape: 'box',
              length: `${some.length} mm`,
              width: '120 mm',
              depth: `${some.depth} mm`,
            },
          ],
        },
        scaleStep: `${some.step} g`,
        ...(some.capacity === undefined
          ? {}
          : { container: { capacity: `${some.capacity} ml`, fill: '80 %' } }),
        pours: [
          {
            resin: {
              ...example.resin,
              ratio: { by: some.by, a: some.a, b: some.b },
              depth: { greatest: `${some.takes} mm` },
              kits: some.kits,
            },
            overage: `${some.overage} %`,
            layers: { style: some.style },
            mixing: { by: some.measuredBy },
          },
        ],
      };
      const { value: job } = checkJob(draft);
      if (job === undefined) return;
      let plan: Plan;
      try {
        plan = planJob(job, undefined, '2026-11-28');
      } catch (error) {
        // What cannot be planned says why.
        if (error instanceof InputError) return;
        throw error;
      }
      planned += 1;
      expectSane(plan);
    }),
    { numRuns: count },
  );
  expect(planned).toBeGreaterThan(count / 2);
});

/** One amount of the example's resin with other keys on its card. */
const amountOf = (card: object): object => ({
  format: 'nipperkin-job',
  version: 2,
  name: 'An amount',
  room: { temperature: '21 °C' },
  measure: { parts: [{ shape: 'amount', amount: '1.5 l', count: 1 }] },
  pours: [{ resin: { ...example.resin, ...card }, overage: '0 %' }],
});

test('a kit without a delivery beside one of the same supplier costs that delivery, and never less than nothing', () => {
  const kits = [
    { supplier: 'S', size: '1 l', price: 10, delivery: 9.5 },
    { supplier: 'S', size: '2 l', price: 9 },
  ];
  const plan = planJob(checkJob(amountOf({ kits })).value!);
  expect(plan.buying[0]?.buying).toMatchObject({ cost: 18.5, boughtMl: 2000, deliveries: 9.5 });
});

test('“1,200” is no price, and nothing is mixed at a millionth to one', () => {
  const problemsOf = (card: object): readonly string[] =>
    checkJob(amountOf(card)).problems.map(({ code }) => code);
  expect(problemsOf({ kits: [{ size: '1 l', price: '1,200' }] })).toEqual(['ambiguous-comma']);
  expect(problemsOf({ kits: [{ size: '1 l', price: '1,20' }] })).toEqual([]);
  expect(problemsOf({ ratio: { by: 'weight', a: 1e-6, b: 1 } })).toEqual(['ratio-out-of-range']);
});
