import { readJob } from '../../core/job/readJob';
import { planOne } from '../../testing/planOne';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { jobRecords } from './jobRecord';
import { readRecords } from './readRecords';
import { resinRecords } from './resinRecord';

const kept = (
  record: { id: string; [field: string]: unknown },
  prefix = 'job/',
): ReadonlyMap<string, string> => new Map([[prefix + record.id, JSON.stringify(record)]]);

const oldJob = {
  id: 'a',
  schema: 1,
  revision: 3,
  createdAt: '2026-11-01T00:00:00Z',
  updatedAt: '2026-11-02T00:00:00Z',
};

test('a job that was kept when the step of the scale had an object of its own', () => {
  const job = { ...exampleFile, scale: { step: '0.1 g' } };
  const texts = kept({ ...oldJob, draft: job, lastGood: job });
  const { records, unreadable } = readRecords(jobRecords, texts);
  expect(unreadable).toEqual([]);
  expect(records[0]).toMatchObject({ schema: 4, revision: 3, draft: { scaleStep: '0.1 g' } });
  expect(records[0]?.draft).not.toHaveProperty('scale');
  expect(planOne(readJob(records[0]?.lastGood)).batches[0]?.onScale.stepG).toBe(0.1);
});

test('a job that never was whole comes up with what was typed', () => {
  const draft = { ...exampleFile, name: '', scale: { step: 'fine' } };
  const { records } = readRecords(jobRecords, kept({ ...oldJob, draft, lastGood: null }));
  expect(records[0]).toMatchObject({ lastGood: null, draft: { name: '', scaleStep: 'fine' } });
});

const oldCard = { id: 'b', schema: 1, revision: 1, updatedAt: '2026-11-02T00:00:00Z' };

test('a card that was kept when a depth had one end', () => {
  const resin = { ...exampleFile.resin, id: 'b', greatestDepth: '50 mm' };
  const { records } = readRecords(resinRecords, kept({ ...oldCard, resin }, 'resin/'));
  expect(records[0]?.resin).toMatchObject({ depth: { greatest: '50 mm' } });
  expect(records[0]?.resin).not.toHaveProperty('greatestDepth');
});

test('a job that was kept with a card of one end', () => {
  const resin = { ...exampleFile.resin, greatestDepth: '50 mm' };
  const job = {
    format: 'nipperkin-job',
    version: 2,
    name: 'Kept',
    room: exampleFile.room,
    measure: exampleFile.measure,
    pours: [{ resin, overage: '10 %' }],
  };
  const { records } = readRecords(
    jobRecords,
    kept({ ...oldJob, schema: 3, draft: job, lastGood: job }),
  );
  const today = { pours: [{ resin: { depth: { greatest: '50 mm' } } }] };
  expect(records[0]).toMatchObject({ schema: 4, draft: today, lastGood: today });
});
