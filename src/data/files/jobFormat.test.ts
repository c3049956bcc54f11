import Ajv from 'ajv';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import jobFormat from '../../../docs/formats/job.schema.json';
import { demoJobs } from '../demo/demoData';
import { readJob } from '../../core/job';

const fits = new Ajv({ strictTypes: false }).compile(jobFormat);

const accepts = (file: unknown): boolean => {
  try {
    readJob(file);
    return true;
  } catch {
    return false;
  }
};

const { id: _, ...firstDemoJob } = demoJobs[0] as (typeof demoJobs)[number];

describe('the published JSON Schema and the core say the same', () => {
  test.each<[string, unknown]>([
    ['the example', exampleFile],
    ...demoJobs.map(({ id: __, ...job }) => [job.name, job] as [string, unknown]),
    [
      'a coat by area, an amount, batches by number',
      {
        ...exampleFile,
        batches: 4,
        measure: {
          parts: [
            { shape: 'coat', area: '1 m2', thickness: '2 mm', count: 1 },
            { shape: 'amount', amount: '300 g', count: 2, name: 'Test cup' },
          ],
        },
      },
    ],
  ])('%s is right', (__, file) => {
    expect(fits(file)).toBe(true);
    expect(accepts(file)).toBe(true);
  });

  test.each([
    ['no name', { ...exampleFile, name: '' }],
    ['an unknown key', { ...exampleFile, overrage: '10 %' }],
    ['no parts', { ...exampleFile, measure: { parts: [] } }],
    [
      'a part without depth',
      { ...exampleFile, measure: { parts: [{ shape: 'cylinder', diameter: '3 mm', count: 1 }] } },
    ],
    ['a bare figure', { ...exampleFile, overage: 10 }],
    ['another version', { ...exampleFile, version: 2 }],
    ['an unknown family', { ...firstDemoJob, resin: { ...exampleFile.resin, family: 'glue' } }],
    [
      'a ratio of nothing',
      { ...exampleFile, resin: { ...exampleFile.resin, ratio: { by: 'volume', a: 0, b: 1 } } },
    ],
    ['half a container', { ...exampleFile, container: { capacity: '1 l' } }],
  ])('%s is wrong', (__, file) => {
    expect(fits(file)).toBe(false);
    expect(accepts(file)).toBe(false);
  });
});
