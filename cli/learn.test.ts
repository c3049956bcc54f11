import record from '../docs/formats/harbour-shelf.record.json';
import curve from '../src/core/learn/fixtures/deepPourCurve.json';
import { commandsOn } from './testCommand';

const run = commandsOn('learn');

test('a record is diagnosed, with a sentence for all that speaks for a cause or against it', () => {
  const { causes, notEnough } = run('diagnose', record).said as {
    causes: { code: string; for: { says: string }[]; settle: string; rescue: string }[];
    notEnough?: string;
  };
  expect(causes.slice(0, 3).map(({ code }) => code)).toEqual([
    'badly-mixed',
    'ratio-off',
    'too-cold',
  ]);
  expect(causes[1]!.for).toEqual([
    {
      code: 'batch-off-ratio',
      data: { batch: 2, percent: expect.closeTo(6, 6) as number },
      says: 'Batch 2 was 6\u00a0% over in B',
    },
  ]);
  expect(notEnough).toBeUndefined();
  const empty = run('diagnose', { ...record, pours: [] }).said;
  expect(empty).toMatchObject({
    causes: [],
    notEnough: expect.stringContaining('Not enough') as string,
  });
  expect(empty['noteNextTime']).toHaveLength(3);
});

test('a slip in a record is refused', () => {
  const { status, said } = run('diagnose', { ...record, fault: [] });
  expect(status).toBe(1);
  expect(said['error']).toMatchObject({ code: 'unknown-key' });
});

test('a measured pour gives its rate, and what is too little says so', () => {
  const { rate } = run('fit', curve.case).said as {
    rate: Record<'value' | 'low' | 'high', number>;
  };
  expect(rate.value).toBeCloseTo(1.2, 1);
  expect(rate.low).toBeLessThan(rate.value);
  expect(rate.high).toBeGreaterThan(rate.value);
  const few = run('fit', { ...curve.case, readings: curve.case.readings.slice(0, 5) }).said;
  expect(few['refused']).toEqual({ code: 'too-few', data: { count: 5, needed: 12 } });
});
