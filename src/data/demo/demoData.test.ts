import { readJob } from '../../core/job';
import { planJob } from '../../core/plan/planJob';
import { demoJobs, demoResins } from './demoData';
import { demoChanges, emptyChanges } from './startChanges';

const shelf = { resins: demoResins };

function planOf(id: string) {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id) ?? { id: 'none' };
  return planJob(readJob(job), shelf);
}

test.each([
  ['demo-drawer-tray', 2095.5, 1775.9, 513.4, 3],
  ['demo-lamp-base', 1998.1, 1693.4, 489.5, 3],
  ['demo-galley-bowl', 1724.1, 1461.2, 422.4, 3],
  ['demo-galley-inlay', 5012.0, 4247.7, 1227.9, 4],
  ['demo-chart-table', 1241.5, 868.2, 434.1, 2],
  ['demo-drawer-knobs', 257.8, 211.2, 70.4, 2],
])('%s', (id, totalMl, aG, bG, batches) => {
  const plan = planOf(id);
  expect(plan.totalMl).toBeCloseTo(totalMl, 1);
  expect(plan.a.g).toBeCloseTo(aG, 1);
  expect(plan.b.g).toBeCloseTo(bG, 1);
  expect(plan.batches).toHaveLength(batches);
});

test('no job of the demo starts with a warning', () => {
  for (const { id } of demoJobs) expect(planOf(id).warnings).toEqual([]);
});

test('every job of the demo uses a card of the demo', () => {
  const cards = new Set(demoResins.map(({ id }) => id));
  for (const { resin } of demoJobs) expect(cards).toContain(resin.id);
});

test('starting with the demo writes jobs, cards and settings; from empty takes them away', () => {
  const demo = demoChanges(undefined);
  expect(demo).toHaveLength(demoJobs.length + demoResins.length + 1);
  expect(demo.every(({ record }) => record !== null)).toBe(true);
  const empty = emptyChanges(['job/a', 'resin/b'], undefined);
  expect(empty.map(({ key, record }) => [key, record === null])).toEqual([
    ['job/a', true],
    ['resin/b', true],
    ['settings/person', false],
  ]);
});
