import { personOf } from '../../src/core/person/person';
import { calendarOf, momentOf } from '../../src/core/timetable/calendar';
import { solve } from '../../src/core/timetable/solve';
import type { DatedJob, TaskSpec } from '../../src/core/timetable/tasks';
import { medianTime, type BenchFigure } from './figure';

const zone = 'Europe/London';
const day = 24 * 60;

/** Twelve tasks: three that are prepared, four layers in their windows, what is looked at, out of the form, planed, ready. */
function twelve(seed: number): readonly TaskSpec[] {
  const task = (id: string, change: Partial<TaskSpec>): TaskSpec => ({
    id,
    kind: 'pour',
    pour: 0,
    layer: undefined,
    minutes: 25,
    hands: 'on',
    tie: undefined,
    lines: [],
    peakMin: undefined,
    ...change,
  });
  const after = (
    to: string,
    fromMin: number,
    toMin: number,
    prefer: 'early' | 'late' = 'early',
  ) => ({
    to,
    fromMin,
    toMin,
    safe: undefined,
    prefer,
  });
  const peakMin = { low: 600, mid: 840 + seed, high: 1000 };
  const layers = Array.from({ length: 4 }, (_, layer) =>
    task(`layer-${layer}`, {
      layer,
      peakMin,
      ...(layer === 0 ? {} : { tie: after(`layer-${layer - 1}`, 10 * 60 + seed, 30 * 60 + seed) }),
    }),
  );
  return [
    ...layers,
    task('bubbles', { kind: 'bubbles', hands: 'look', minutes: 5, tie: after('layer-3', 40, 40) }),
    task('fan-off', {
      kind: 'fan-off',
      hands: 'look',
      minutes: 5,
      tie: after('layer-3', 900, 900),
    }),
    task('demould', { kind: 'demould', tie: after('layer-3', 3 * day, Infinity) }),
    task('plane', { kind: 'plane', minutes: 120, tie: after('layer-3', 14 * day, Infinity) }),
    task('ready', { kind: 'ready', hands: 'none', minutes: 0, tie: after('plane', 120, 120) }),
    task('level', { kind: 'prepare', tie: after('layer-0', -Infinity, -25, 'late') }),
    task('release', { kind: 'prepare', tie: after('level', -Infinity, -55, 'late') }),
    task('form', { kind: 'prepare', minutes: 80, tie: after('release', -Infinity, -800, 'late') }),
  ];
}

/** Thirty jobs of twelve tasks in one person's days, and one of them moved. */
export function benchTimetable(): BenchFigure[] {
  const person = personOf({
    hours: Array.from({ length: 7 }, () => '8:00-12:00, 13:00-20:00'),
  } as Parameters<typeof personOf>[0]);
  const now = momentOf('2026-05-04T07:30', zone);
  const jobs = Array.from({ length: 30 }, (_, at): DatedJob => ({
    tasks: { job: `job-${at}`, name: `Job ${at}`, tasks: twelve(at * 7), uses: [] },
    dates: {
      start: undefined,
      due: at % 3 === 0 ? now + (40 + at) * day : undefined,
      pins: new Map(),
      done: new Map(),
    },
  }));
  const owned = { clamps: undefined };
  const calendar = calendarOf(person, zone, now - 60 * day, now + 120 * day);
  const { tasks } = solve(jobs, calendar, owned, now);
  const moved = tasks.find(({ id, job }) => id === 'layer-1' && job === 'job-7')!;
  const dragged = jobs.map((each) =>
    each.tasks.job === 'job-7'
      ? { ...each, dates: { ...each.dates, pins: new Map([['layer-1', moved.from + 60]]) } }
      : each,
  );
  return [
    medianTime(
      'timetable.calendar',
      10,
      () => void calendarOf(person, zone, now - 60 * day, now + 120 * day),
    ),
    medianTime('timetable.jobs30', 20, () => void solve(jobs, calendar, owned, now)),
    medianTime('timetable.dragged', 20, () => void solve(dragged, calendar, owned, now)),
  ];
}
