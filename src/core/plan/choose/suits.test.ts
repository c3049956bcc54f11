import * as fc from 'fast-check';
import { demoResins } from '../../../data/demo/demoResins';
import { chooseForOne, planOne, readOne } from '../../../testing/planOne';
import { deepTray } from '../../../testing/deepTray';
import type { Shelf } from '../planTypes';
import { inChoiceOrder, choiceOrders } from './choiceOrder';
import { runs } from '../../../testing/campaign';

const shelf: Shelf = { resins: demoResins, moulds: [] };
const jobOf = (change: object) =>
  readOne({
    format: 'nipperkin-job',
    version: 1,
    name: 'Piece',
    room: { temperature: '20 °C' },
    measure: { parts: [deepTray] },
    resin: demoResins[0],
    ...change,
  });

/** A lamp base: 118 mm deep and as wide. */
const lampBase = {
  measure: { parts: [{ shape: 'cylinder', diameter: '140 mm', depth: '118 mm' }] },
};

test('nine layers of a polyurethane or fourteen of a coating are no way to fill a lamp base', () => {
  const choices = chooseForOne(jobOf(lampBase), shelf);
  for (const { layers, suits, reasons } of choices) {
    if (layers === undefined) continue;
    const many = reasons.find((each) => each.from === 'choice' && each.code === 'many-layers');
    expect(many !== undefined).toBe(layers > 3);
    if (layers > 3) expect(suits).not.toBe('good');
    if (layers > 6) expect(suits).toBe('no');
  }
  expect(choices.some(({ layers = 0 }) => layers > 6)).toBe(true);
  for (const order of choiceOrders) {
    const [first] = inChoiceOrder(choices, order);
    expect(first!.suits).not.toBe('no');
    expect(first!.layers!).toBeLessThanOrEqual(6);
  }
});

test('who asks for thin layers gets them as possible', () => {
  const asked = chooseForOne(jobOf({ ...lampBase, layers: { maxDepth: '12 mm' } }), shelf);
  const many = asked.filter(({ layers = 0 }) => layers > 6);
  expect(many.length).toBeGreaterThan(0);
  for (const { reasons } of many) {
    expect(reasons).toContainEqual(
      expect.objectContaining({ code: 'many-layers', severity: 'possible' }),
    );
  }
});

test('opaque hides what stands in it; of a transparent tint little is seen, an opaque one colours it', () => {
  const opaque = { ...demoResins[0]!, clarity: 'opaque' } as const;
  const of = (change: object) => chooseForOne(jobOf(change), { resins: [opaque], moulds: [] })[0]!;
  const plain = of({});
  expect(plain.reasons).not.toContainEqual(expect.objectContaining({ code: 'opaque-over' }));
  const stone = { shape: 'sphere', diameter: '30 mm', density: '2.6 g/ml' };
  expect(of({ measure: { parts: [deepTray], inserts: [stone] } })).toMatchObject({ suits: 'no' });
  const over = { code: 'opaque-over', severity: 'possible' };
  expect(of({ tint: { share: '0.1 %' } }).reasons).toContainEqual(expect.objectContaining(over));
  const colour = of({ tint: { share: '0.1 %', opaque: true } });
  expect(colour.reasons).not.toContainEqual(expect.objectContaining(over));
});

test('a mould that the peak is over rules a resin out; one near it is told', () => {
  const tape = { heat: { seal: 'tape' }, room: { temperature: '23 °C' } };
  const hot = chooseForOne(jobOf({ ...tape, layers: { style: 'one-pour' } }), shelf);
  for (const { peakC, suits } of hot) {
    if (peakC !== undefined && peakC > 60) expect(suits).toBe('no');
  }
});

test('nothing that is told good is warned of in its own plan', () => {
  const someJob = fc.record({
    temperature: fc.integer({ min: 10, max: 32 }),
    length: fc.integer({ min: 40, max: 900 }),
    width: fc.integer({ min: 40, max: 500 }),
    depth: fc.integer({ min: 2, max: 130 }),
    heat: fc.constantFrom({}, { seal: 'tape' }, { cover: '15 mm' }, { pouredAt: '18:00' }),
    overage: fc.constantFrom('0 %', '8 %'),
    scaleStep: fc.constantFrom(undefined, '1 g', '10 g'),
  });
  let good = 0;
  fc.assert(
    fc.property(someJob, ({ temperature, length, width, depth, heat, overage, scaleStep }) => {
      const change = {
        room: { temperature: `${temperature} °C` },
        measure: {
          parts: [
            { shape: 'box', length: `${length} mm`, width: `${width} mm`, depth: `${depth} mm` },
          ],
        },
        heat,
        overage,
        ...(scaleStep && { scaleStep }),
      };
      const job = jobOf(change);
      for (const choice of chooseForOne(job, shelf)) {
        if (choice.suits !== 'good') continue;
        good += 1;
        const card = demoResins.find(({ id }) => id === choice.resinId)!;
        const own = jobOf({
          ...change,
          resin: card,
          hardener: choice.hardener,
          layers: { style: 'equal' },
        });
        const plan = planOne(own, shelf);
        expect(plan.warnings.filter(({ severity }) => severity === 'warn')).toEqual([]);
        expect(plan.layers.length).toBe(choice.layers);
        expect(plan.layers.length).toBeLessThanOrEqual(3);
      }
    }),
    { numRuns: runs(2, 60) },
  );
  expect(good).toBeGreaterThan(2);
});
