import type { Job } from '../job/jobSchema';
import { correctBatch } from '../plan/correctBatch';
import { planJob } from '../plan/planJob';
import { parseRatio } from '../resin/parseRatio';

/** Rubber for a box of 90 × 70 × 55 mm round a master of 118 ml. */
const rubber = (a: number, b: number): Job => ({
  format: 'nipperkin-job',
  version: 2,
  name: 'Mould',
  room: { temperature: '21 °C' },
  measure: { parts: [{ shape: 'amount', amount: '90 mm x 70 mm x 55 mm - 118 ml', count: 1 }] },
  scaleStep: '0.1 g',
  pours: [
    {
      role: 'mould',
      overage: '0 %',
      resin: {
        name: 'Rubber',
        family: 'silicone-tin',
        ratio: { by: 'weight', a, b },
        densityMixed: '1.18 g/ml',
      },
    },
  ],
});

const catalystFor = (job: Job, baseG: number): number => {
  const [pour] = planJob(job).pours;
  return correctBatch(pour!, undefined, { aG: baseG, bG: undefined })!.b.g;
};

it('comes to 228.5 ml, 269.6 g: 245.1 g of base and 24.5 g of catalyst at 10 : 1', () => {
  const [pour] = planJob(rubber(10, 1)).pours;
  expect(pour!.totalMl).toBeCloseTo(228.5, 1);
  expect(pour!.totalG).toBeCloseTo(269.6, 1);
  expect(pour!.a.g).toBeCloseTo(245.1, 1);
  expect(pour!.b.g).toBeCloseTo(24.5, 1);
});

it('asks for catalyst by the base that was weighed: 250 g at 10 : 1, 260 g at 100 : 5', () => {
  expect(catalystFor(rubber(10, 1), 250)).toBeCloseTo(25, 9);
  expect(catalystFor(rubber(100, 5), 260)).toBeCloseTo(13, 9);
  expect(catalystFor(rubber(1, 1), 150)).toBeCloseTo(150, 9);
});

it.each([
  ['10 : 1', 10, 1],
  ['100 : 5', 100, 5],
  ['1 : 1', 1, 1],
])('reads %s as it is typed', (typed, a, b) => {
  expect(parseRatio(typed)).toMatchObject({ a, b });
});
