import { demoJobs } from '../../data/demo/demoJobs';
import { readJob } from '../../core/job/readJob';
import { planJob } from '../../core/plan/planJob';
import type { Problem } from '../../core/problem';
import type { PourDraft } from '../../data/draft/jobDraft';
import { nextRow, rowAt, workList } from './workRows';

function workOf(id: string, change: object = {}) {
  const { id: _, ...file } = demoJobs.find((each) => each.id === id)!;
  const job = readJob(JSON.parse(JSON.stringify(file)));
  return {
    plan: planJob(job),
    problems: [],
    pours: job.pours as PourDraft[],
    currency: '£',
    ...change,
  };
}
const wrongAt = (field: string): Problem => ({ code: 'missing', field, value: '', data: {} });

test('one pour: its steps in working order, each with its figure', () => {
  const rows = workList(workOf('demo-lamp-base'));
  expect(rows.map(({ step }) => step)).toEqual([
    'measure',
    'resin',
    'layers',
    'heat',
    'colour',
    'mix',
    'buy',
    'hold',
    'prepare',
    'days',
    'pour',
  ]);
  const planned = rows.slice(0, 7);
  expect(planned.every(({ figure, state }) => figure !== '' && state === 'done')).toBe(true);
  expect(rows[2]?.figure).toMatch(/^3 layers, 118\smm$/);
  expect(nextRow(rows, 0)?.step).toBe('mix');
});

test('several pours: each has its place and its steps between measuring and buying', () => {
  const work = workOf('demo-galley-inlay');
  const rows = workList(work);
  expect(rows).toHaveLength(6 + 6 * work.pours.length);
  expect(rows[rowAt(rows, 'mix', 1)]).toMatchObject({ step: 'mix', pour: 1 });
  expect(rowAt(rows, 'pour', 1)).toBe(rows.length - 1);
  expect(nextRow(rows, 2)).toMatchObject({ step: 'mix', pour: 2 });
});

test.each([
  ['measure.parts[0].depth', 'measure', undefined],
  ['pours[0].layers.heights[0]', 'layers', 0],
  ['pours[0].mixing.stir', 'mix', 0],
  ['pours[0].overage', 'mix', 0],
  ['container.capacity', 'mix', 0],
  ['heat.fan', 'heat', 0],
  ['pours[0].cupMarks.water', 'mix', 0],
])('what is wrong with %s is told at %s', (field, step, pour) => {
  const rows = workList(workOf('demo-lamp-base', { problems: [wrongAt(field)] }));
  expect(rows.filter(({ state }) => state === 'wrong')).toMatchObject([{ step, pour }]);
  expect(nextRow(rows, 0)).toMatchObject({ step, pour, state: 'wrong' });
});

test('what is wrong with one pour of several is told at that pour alone', () => {
  const rows = workList(
    workOf('demo-galley-inlay', { problems: [wrongAt('pours[1].covers.thickness')] }),
  );
  expect(rows.filter(({ state }) => state === 'wrong')).toMatchObject([{ step: 'place', pour: 1 }]);
});

test.each(['name', 'room.temperature'])(
  'what is wrong with the %s of the job is told at its own line alone',
  (field) => {
    const rows = workList(workOf('demo-galley-inlay', { problems: [wrongAt(field)] }));
    expect(rows.filter(({ state }) => state === 'wrong')).toEqual([]);
  },
);

test('before there is a plan the first step is next, the others are open', () => {
  const rows = workList(workOf('demo-lamp-base', { plan: undefined, pours: [{}] }));
  expect(rows[0]?.state).toBe('next');
  expect(rows.slice(1).every(({ state }) => state === 'open')).toBe(true);
  expect(nextRow(rows, 0)?.step).toBe('measure');
});

test('a step that the plan warns of is marked', () => {
  const work = workOf('demo-lamp-base');
  const warning = {
    code: 'scale-too-coarse',
    severity: 'warn',
    data: { stepG: 5, ratioError: 0.03 },
    pour: undefined,
  } as const;
  const rows = workList({ ...work, plan: { ...work.plan, warnings: [warning] } });
  expect(rows.filter(({ isWarned }) => isWarned).map(({ step }) => step)).toEqual(['mix']);
});

test('what other rooms tell stands in its row; with a date the next thing is to prepare', () => {
  const figures = {
    hold: { figure: 'nothing lifts', isDone: true },
    prepare: { figure: '3 of 9', isDone: false },
    days: { figure: 'no date yet', isDone: false },
  };
  const undated = workList(workOf('demo-lamp-base', { figures }));
  expect(undated.slice(-4)).toMatchObject([
    { step: 'hold', state: 'done', figure: 'nothing lifts' },
    { step: 'prepare', state: 'open', figure: '3 of 9' },
    { step: 'days', state: 'open', figure: 'no date yet' },
    { step: 'pour', state: 'open' },
  ]);
  expect(nextRow(undated, 0)?.step).toBe('mix');
  const days = { figure: 'ready Fri 4 Dec', isDone: true };
  expect(
    nextRow(workList(workOf('demo-lamp-base', { figures: { ...figures, days } })), 0)?.step,
  ).toBe('prepare');
  const prepare = { figure: '9 of 9', isDone: true };
  expect(
    nextRow(workList(workOf('demo-lamp-base', { figures: { ...figures, days, prepare } })), 0)
      ?.step,
  ).toBe('pour');
  const poured = { figure: 'under way', isDone: false, isUnderWay: true };
  const pouring = workList(workOf('demo-lamp-base', { figures: { ...figures, pour: poured } }));
  expect(nextRow(pouring, 0, true)).toMatchObject({ step: 'pour', figure: 'under way' });
});
