import { number, object, string } from 'yup';
import { demoResins } from '../demo/demoResins';
import { demoJobs } from '../demo/demoJobs';
import { newJobDraft, type JobDraft } from '../draft/jobDraft';
import { jobRecordOf, resinRecordOf } from '../repositories';
import { resinRecords } from './resinRecord';
import { jobRecords } from './jobRecord';
import { readRecords, type RecordKind } from './readRecords';

const schema = object({
  id: string().required(),
  schema: number().oneOf([3]).required(),
  massG: number().required(),
});
const kind: RecordKind<typeof schema> = {
  prefix: 'cup/',
  version: 3,
  schema,
  migrations: {
    1: ({ ounces, ...rest }) => ({ ...rest, mass: Number(ounces) * 28.35 }),
    2: ({ mass, ...rest }) => ({ ...rest, massG: mass }),
  },
};

test('older records come up step by step; what cannot be read is told apart and kept', () => {
  const texts = new Map([
    ['cup/old', '{"id":"old","schema":1,"ounces":2}'],
    ['cup/new', '{"id":"new","schema":3,"massG":5}'],
    ['cup/torn', '{"id":"torn","sch'],
    ['cup/future', '{"id":"future","schema":4,"massG":5}'],
    ['cup/ancient', '{"id":"ancient","schema":0}'],
    ['cup/moved', '{"id":"new","schema":3,"massG":5}'],
  ]);
  const { records, unreadable } = readRecords(kind, texts);
  expect(records).toEqual([
    { id: 'old', schema: 3, massG: 56.7 },
    { id: 'new', schema: 3, massG: 5 },
  ]);
  expect(unreadable.map(({ key }) => key)).toEqual([
    'cup/torn',
    'cup/future',
    'cup/ancient',
    // Under the key of another it would be written over that.
    'cup/moved',
  ]);
  expect(unreadable[0]?.text).toBe('{"id":"torn","sch');
});

test('a job is kept whole: the draft as typed, and the last state that was right', () => {
  const { id: _, ...first } = demoJobs[0] as (typeof demoJobs)[number];
  const good = jobRecordOf(first as unknown as JobDraft);
  const broken = jobRecordOf(
    { ...good.draft, pours: [{ ...good.draft.pours[0], overage: 'lots' }] },
    good,
  );
  const { records, unreadable } = readRecords(
    jobRecords,
    new Map([[`job/${broken.id}`, JSON.stringify(broken)]]),
  );
  expect(unreadable).toEqual([]);
  expect(records[0]?.draft.pours[0]?.overage).toBe('lots');
  expect(records[0]?.lastGood?.pours[0]?.overage).toBe('10 %');
  expect(records[0]?.revision).toBe(2);
});

test('a card is read whatever became of the calibrations beside it', () => {
  const calibration = {
    rateScale: 1.2,
    kappa: 0.3,
    heatJPerKg: 270_000,
    verdict: { code: 'agrees' },
    assumed: {},
    members: [],
  };
  const kept = { key: 'label', calibration };
  const record = resinRecordOf(demoResins[0]!, undefined);
  const read = (calibrations: unknown) => {
    const text = JSON.stringify({ ...record, calibrations });
    const { records, unreadable } = readRecords(
      resinRecords,
      new Map([[`resin/${record.id}`, text]]),
    );
    expect(unreadable).toEqual([]);
    return records[0]?.calibrations;
  };
  expect(read([kept])).toEqual([kept]);
  expect(read(undefined)).toBeUndefined();
  expect(read('torn')).toBeUndefined();
  const odd = [
    { ...kept, calibration: { ...calibration, rateScale: -1 } },
    { ...kept, calibration: { ...calibration, verdict: { code: 'depth-too-large' } } },
    { ...kept, calibration: { ...calibration, verdict: { code: 'new-one' } } },
    { ...kept, calibration: { ...calibration, assumed: { weather: 3 } } },
    { calibration },
    null,
  ];
  expect(read([...odd, kept])).toEqual([kept]);
});

test('a new job that is not measured yet can be kept', () => {
  const record = jobRecordOf(newJobDraft(undefined));
  expect(record.lastGood).toBeNull();
  const texts = new Map([[`job/${record.id}`, JSON.stringify(record)]]);
  expect(readRecords(jobRecords, texts).unreadable).toEqual([]);
});
