import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { demoJobs } from '../../data/demo/demoJobs';
import { readJob } from '../job/readJob';
import { measureAlone } from './measureAlone';
import { planJob } from './planJob';

test('every job of the demo measures the same without its resin', () => {
  for (const { id: _, ...job } of demoJobs) {
    const { form } = planJob(readJob(job));
    const alone = measureAlone(job.measure, job.scaleStep);
    const byMass = job.measure?.parts.some(({ shape }) => shape === 'amount') === true;
    if (form === undefined || byMass) continue;
    const { heightCurve: _curve, ...measured } = form;
    expect(alone).toEqual(measured);
  }
});

test('what is wrong, or known by its mass, comes to nothing yet', () => {
  const box = { shape: 'box', length: '300 mm', width: '200 mm', depth: '32 mm', count: '1' };
  expect(measureAlone({ parts: [box] }, undefined)?.cavityMl).toBeCloseTo(1920, 9);
  expect(measureAlone({ parts: [{ ...box, depth: '' }] }, undefined)).toBeUndefined();
  expect(measureAlone({ parts: [{ ...box, depth: '3 kg' }] }, undefined)).toBeUndefined();
  expect(
    measureAlone({ parts: [{ shape: 'amount', amount: '500 g', count: '1' }] }, undefined),
  ).toBeUndefined();
  const whole = { ...box, height: '0 mm' };
  expect(measureAlone({ parts: [box], inserts: [whole] }, undefined)).toBeUndefined();
  expect(measureAlone(undefined, undefined)).toBeUndefined();
  expect(measureAlone(exampleFile.measure, '1 g')).toBeDefined();
});

test('a form that was weighed full of water is as sure as the scale of the job', () => {
  const filled = { shape: 'wet-fill', mass: '994 g', water: '20 °C', count: '1' };
  const of = (scaleStep: string) => measureAlone({ parts: [filled] }, scaleStep);
  expect(of('1 g')?.cavityPlusMinusMl).toBeGreaterThan(of('0.1 g')?.cavityPlusMinusMl ?? Infinity);
  expect(of('a gram')).toBeUndefined();
});
