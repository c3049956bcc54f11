import twoBatches from '../../../docs/formats/two-batches.job.json';
import { resolveJob } from '../job/resolveJob';
import { readJob } from '../job/readJob';
import { personOf } from '../person/person';
import { planResolved } from '../plan/planJob';
import { clocksOf } from '../timetable/clocks';
import { jobDaysOf } from '../timetable/jobDays';
import { mapTimes, movedTimes } from './cureTimes';
import { plannedTimes, type MovedCure } from './movedCure';
import { movedPlan } from './movedPlan';
import { paceOf, type Pace } from './pace';

const noShelf = { resins: [], moulds: [] };
const resolved = resolveJob(readJob(twoBatches), noShelf);
const plan = planResolved(resolved, noShelf);
const clocks = clocksOf(resolved, plan);
const person = personOf(undefined);
const [pour] = plan.pours;

/** Everything of the first layer takes so much longer. */
const slower = (by: number, more: Partial<MovedCure> = {}): MovedCure => {
  const planned = plannedTimes(pour!.layers[0]!, clocks[0]![0]!.peakMin?.mid)!;
  return {
    of: 0,
    rate: 1 / by,
    film: 1,
    layers: [mapTimes((what) => planned[what] && planned[what] * by)],
    ...more,
  };
};
const fromMin = (moved: readonly (MovedCure | undefined)[], id: string) => {
  const { tasks } = jobDaysOf('job', resolved, plan, person, { clocks, moved }).tasks;
  return tasks.find((task) => task.id === id)!.tie!;
};

test('nothing measured moves nothing', () => {
  expect(movedPlan(plan, clocks, [undefined])).toEqual({ plan, clocks });
  const same = movedPlan(plan, clocks, [slower(1)]);
  expect(same.plan.pours[0]!.layers[1]!.joint!.plannedMin).toBeCloseTo(
    pour!.layers[1]!.joint!.plannedMin!,
    6,
  );
});

test('the next layer, and the look at the peak, wait as long as the layer under it takes', () => {
  const second = `${pour!.id}/layer-2`;
  const peak = `${pour!.id}/layer-1/peak`;
  const before = fromMin([], second);
  const after = fromMin([slower(1.25)], second);
  // Ties are whole minutes.
  expect(Math.abs(after.fromMin - before.fromMin * 1.25)).toBeLessThanOrEqual(1);
  expect(after.toMin).toBeGreaterThan(before.toMin * 1.2);
  const looked = fromMin([slower(1.25)], peak).fromMin - fromMin([], peak).fromMin * 1.25;
  expect(Math.abs(looked)).toBeLessThanOrEqual(1);
});

test('a wait that keeps two layers cool is not cut short by a lively resin', () => {
  const { joint } = pour!.layers[1]!;
  const cool = { ...joint!, coolMin: joint!.plannedMin };
  const given = {
    ...plan,
    pours: [{ ...pour!, layers: [pour!.layers[0]!, { ...pour!.layers[1]!, joint: cool }] }],
  };
  const quick = movedPlan(given, clocks, [slower(0.8)]).plan.pours[0]!.layers[1]!.joint!;
  expect(quick.plannedMin).toBe(joint!.plannedMin);
});

test('amounts are as they were', () => {
  const { layers } = movedPlan(plan, clocks, [slower(0.8)]).plan.pours[0]!;
  expect(layers.map(({ ml, a, b }) => [ml, a, b])).toEqual(
    pour!.layers.map(({ ml, a, b }) => [ml, a, b]),
  );
});

test.each<{ moved: Parameters<typeof paceOf>[0]; pace: Pace; plannedMin?: number }>([
  { moved: { overK: 6, aheadMin: 90 }, pace: 'hot' },
  { moved: { overK: -6, aheadMin: -90 }, pace: 'cool' },
  { moved: { overK: 1, aheadMin: 90 }, pace: 'ahead' },
  { moved: { aheadMin: -45 }, pace: 'behind' },
  { moved: { overK: 1, aheadMin: 15 }, pace: 'as-planned' },
  // A twentieth of a long wait is nothing.
  { moved: { overK: 0, aheadMin: 50 }, pace: 'as-planned', plannedMin: 1200 },
  { moved: {}, pace: 'as-planned' },
])('$moved is told as $pace', ({ moved, pace, plannedMin = 400 }) => {
  expect(paceOf(moved, plannedMin)).toBe(pace);
});

test('a time that a run has at once is no ratio: what is kept of it can be read again', () => {
  const moved = movedTimes({ gel: 60, hard: 300 }, { gel: 0, hard: 200 }, { gel: 5, hard: 100 });
  expect(moved).toMatchObject({ gel: 5, hard: 150 });
  expect(movedTimes({ gel: 60 }, { gel: 0 }, { gel: 0 }).gel).toBe(0);
});
