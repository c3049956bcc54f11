import { demoResins } from '../../data/demo/demoResins';
import { readJob } from '../job/readJob';
import type { InputError } from '../problem';
import { planJob } from './planJob';
import type { PourPlan } from './planTypes';

const slow = demoResins.find(({ id }) => id === 'demo-slow-clear')!;
const silicone = demoResins.find(({ id }) => id === 'demo-mould-silicone')!;

/** A tray of 1000 ml. */
const tray = { parts: [{ shape: 'box', length: '200 mm', width: '100 mm', depth: '50 mm' }] };

function planOf(pour: object): PourPlan & { readonly codes: readonly string[] } {
  const plan = planJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Tray',
      room: { temperature: '20 °C' },
      scaleStep: '0.1 g',
      measure: tray,
      pours: [{ overage: '0 %', resin: slow, layers: { style: 'one-pour' }, ...pour }],
    }),
  );
  return { ...plan.pours[0]!, codes: plan.warnings.map(({ code }) => code) };
}

const sand = (amount: object) => [{ kind: 'sand', ...amount }];

test('a pour is its resin and its sand: volumes, masses, batches and what to buy agree', () => {
  const pour = planOf({ fillers: sand({ share: '30 %' }) });
  expect(pour.filledMl).toBeCloseTo(1000, 9);
  expect(pour.totalMl).toBeCloseTo(700, 9);
  expect(pour.fillers).toMatchObject([{ name: 'Sand', share: 0.3, assumed: true }]);
  expect(pour.fillers![0]!.g).toBeCloseTo(300 * 2.65, 9);
  expect(pour.fillers![0]!.looseMl).toBeCloseTo((300 * 2.65) / 1.6, 9);
  expect(pour.a.ml + pour.b.ml).toBeCloseTo(700, 9);
  const grains = pour.batches.reduce(
    (sum, { fillers = [], count }) => sum + (fillers[0]?.g ?? 0) * count,
    0,
  );
  expect(grains).toBeCloseTo(795, 9);
  expect(pour.codes).toContain('filler-density-assumed');
});

test('a cup is filled by resin and sand together, and takes as long as both', () => {
  const container = { container: { capacity: '500 ml', fill: '80 %' } };
  const plain = planOf(container);
  const filled = planOf({ ...container, fillers: sand({ share: '30 %' }) });
  expect(filled.batches.map(({ count }) => count)).toEqual(plain.batches.map(({ count }) => count));
  for (const { filledMl = 0, ml } of filled.batches) {
    expect(filledMl).toBeLessThanOrEqual(400 + 1e-9);
    expect(ml).toBeCloseTo(filledMl * 0.7, 9);
  }
});

test('pigment is dosed to the resin of a colour, not to its sand', () => {
  const portions = [{ name: 'All', pigments: [{ name: 'Blue', kind: 'dye', share: '1 %' }] }];
  const plain = planOf({ portions });
  const filled = planOf({ portions, fillers: sand({ share: '30 %' }) });
  const dose = (pour: PourPlan) =>
    pour.batches.reduce((sum, { pigments, count }) => sum + (pigments[0]?.g ?? 0) * count, 0);
  expect(dose(filled)).toBeCloseTo(dose(plain) * 0.7, 9);
});

describe('colours as shares of one mix', () => {
  const portions = [
    { name: 'Blue', share: '40 %', pigments: [{ name: 'Blue', kind: 'dye', share: '1 %' }] },
    { name: 'Green', share: '60 %', pigments: [{ name: 'Green', kind: 'dye', share: '2 %' }] },
  ];
  const shares = (pour: PourPlan) => pour.batches.flatMap((batch) => batch.shares);

  test('they weigh what the mix weighs, sand and all', () => {
    const pour = planOf({ portions, coloursFrom: 'one-batch', fillers: sand({ share: '30 %' }) });
    const all = pour.batches.reduce(
      (sum, { g, fillers = [], count }) => sum + (g + (fillers[0]?.g ?? 0)) * count,
      0,
    );
    const shared = pour.batches.reduce(
      (sum, batch) => sum + batch.shares.reduce((of, { g }) => of + g, 0) * batch.count,
      0,
    );
    expect(shared).toBeCloseTo(all, 6);
  });

  test('each takes the pigment that its colour would take by itself', () => {
    const fillers = sand({ share: '30 %' });
    const dosed = (pour: PourPlan) =>
      pour.portions.map(({ pigments }) => pigments.reduce((sum, { g }) => sum + g, 0));
    const one = planOf({ portions, coloursFrom: 'one-batch', fillers });
    const own = planOf({ portions, fillers });
    const stirred = portions.map(({ name }) =>
      one.batches.reduce(
        (sum, { count, shares: parts }) =>
          sum +
          parts
            .filter((part) => part.name === name)
            .reduce((of, { pigments }) => of + (pigments[0]?.g ?? 0), 0) *
            count,
        0,
      ),
    );
    expect(stirred[0]).toBeCloseTo(dosed(own)[0]!, 9);
    expect(stirred[1]).toBeCloseTo(dosed(own)[1]!, 9);
    expect(shares(own)).toEqual([]);
  });

  test('one of them can have no sand of its own: it would come after the mixing', () => {
    const withSand = portions.map((each, at) =>
      at === 0 ? { ...each, fillers: sand({ share: '10 %' }) } : each,
    );
    expect(() => planOf({ portions: withSand, coloursFrom: 'one-batch' })).toThrow(
      expect.objectContaining({
        code: 'fillers-after-mixing',
        field: 'pours[0].portions[0].fillers[0]',
      } satisfies Partial<InputError>),
    );
    const [blue, green] = planOf({ portions: withSand }).batches;
    expect(blue!.fillers).toHaveLength(1);
    expect(green!.fillers ?? []).toEqual([]);
  });
});

test('what spoils a family or fine detail is said', () => {
  const fillers = sand({ share: '10 %' });
  expect(planOf({ resin: silicone, fillers }).codes).toContain('filler-spoils-family');
  expect(planOf({ fillers, wants: ['fine-detail'] }).codes).toContain('filler-against-detail');
  expect(planOf({ fillers }).codes).not.toContain('filler-spoils-family');
});
