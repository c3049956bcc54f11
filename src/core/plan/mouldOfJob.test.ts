import { asJob, type OneJob, planOne, type PlanOfOne, readOne } from '../../testing/planOne';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { mouldInJob } from '../measure/mould/mouldInJob';
import type { Mould } from '../measure/mould/mouldSchema';
import { mouldOfJob } from './mouldOfJob';

const empty = { resins: [], moulds: [] };
const jobOf = (parts: readonly object[], more: object = {}): OneJob =>
  readOne({ ...exampleFile, ...more, measure: { parts } });

const bowl = {
  shape: 'frustum',
  name: 'Bowl',
  bottomDiameter: '120 mm',
  topDiameter: '200 mm',
  depth: '80 mm',
};
const tub = { shape: 'wet-fill', mass: '212 g', water: '18 °C', material: 'polypropylene' };

const poured = (mould: Mould, count = 1, more: object = {}): PlanOfOne =>
  planOne(jobOf([{ shape: 'mould', mould, count }], { kind: 'general', ...more }), empty);

test('a bowl kept as a mould pours like the bowl, at every height', () => {
  const job = jobOf([{ ...bowl, count: 3 }]);
  const kept = mouldOfJob(asJob(job), empty);
  expect(kept).toMatchObject({ name: 'Bowl', material: undefined });
  expect(kept.cavities[0]).toMatchObject({ volume: '1642 ml', depth: '80 mm', count: 3 });
  const layers = { layers: { heights: ['30 mm'] } };
  const own = planOne({ ...job, ...layers }, empty);
  const again = poured({ ...kept, material: 'silicone' }, 1, layers);
  expect(again.cavityMl).toBeCloseTo(own.cavityMl, 9);
  expect(again.layers[0]?.cavityMl).toBeCloseTo(own.layers[0]?.cavityMl ?? 0, 9);
  // The ± is told in two figures.
  expect(Math.abs(again.cavityPlusMinusMl / own.cavityPlusMinusMl - 1)).toBeLessThan(0.05);
  expect(again.warnings).toEqual([]);
});

test('several cavities become one mould, with the material that a fill test knows', () => {
  const kept = mouldOfJob(asJob(jobOf([bowl, tub])), empty);
  expect(kept).toMatchObject({ name: exampleFile.name, material: 'polypropylene' });
  expect(kept.cavities.map(({ volume, depth, heightsMm }) => [volume, depth, heightsMm])).toEqual([
    ['1642 ml', '80 mm', [0, 80]],
    ['212.3 ml', undefined, undefined],
  ]);
  expect(mouldOfJob(asJob(jobOf([bowl, tub])), empty, 1).cavities).toHaveLength(1);
});

test('a tiny cavity keeps its figures', () => {
  const [cavity] = mouldOfJob(
    asJob(jobOf([{ shape: 'box', length: '1.7 mm', width: '1.3 mm', depth: '1.1 mm' }])),
    empty,
  ).cavities;
  expect(cavity?.volume).toBe('0.002431 ml');
});

test("the library's mould stands over the job's copy; one that is gone leaves the copy", () => {
  const mine: Mould = {
    id: 'm',
    name: 'Knobs',
    material: 'silicone',
    cavities: [{ volume: '12 ml', count: 6 }],
    notes: 'stays in the library',
  };
  const job = jobOf([{ shape: 'mould', mould: mouldInJob(mine), count: 2 }]);
  expect(JSON.stringify(job)).not.toContain('stays in the library');
  const mended = { ...mine, cavities: [{ volume: '13 ml', count: 6 }] };
  expect(planOne(job, { resins: [], moulds: [mended] }).cavityMl).toBeCloseTo(156, 9);
  const gone = planOne(job, empty);
  expect(gone.cavityMl).toBeCloseTo(144, 9);
  expect(gone.warnings).toContainEqual({
    code: 'mould-not-in-library',
    severity: 'tell',
    data: { name: 'Knobs' },
  });
  expect(planOne(job).warnings).toEqual([]);
});
