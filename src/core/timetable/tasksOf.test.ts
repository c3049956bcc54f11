import twoLayers from '../../../docs/formats/two-layers.job.json';
import { demoJobs } from '../../data/demo/demoJobs';
import { demoMoulds } from '../../data/demo/demoMoulds';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { personOf } from '../person/person';
import { planResolved } from '../plan/planJob';
import { localText } from './calendar';
import { jobDaysOf, type JobDays } from './jobDays';
import { planDays } from './planDays';
import { datesOf } from './datesOf';
import { at, noDates, zone } from './testTasks';

const person = personOf(undefined);

function daysOf(file: object): JobDays {
  const resolved = resolveJob(readJob(JSON.parse(JSON.stringify(file))), undefined);
  return jobDaysOf('job', resolved, planResolved(resolved), person);
}

/** Each is planned once. */
const planned = new Map<string, JobDays>();

function demo(id: string, change: object = {}): JobDays {
  const key = id + JSON.stringify(change);
  const { id: _, ...file } = demoJobs.find((each) => each.id === id)!;
  const days = planned.get(key) ?? daysOf({ ...file, ...change });
  planned.set(key, days);
  return days;
}

const taskOf = ({ tasks }: JobDays, id: string) => tasks.tasks.find((task) => task.id === id);

describe('two layers of a resin whose label alone tells', () => {
  const days = daysOf(twoLayers);

  test('each takes half an hour, the second 4 to 9 h after the first began', () => {
    expect(taskOf(days, 'pour-1/layer-1')).toMatchObject({ minutes: 30, tie: undefined });
    expect(taskOf(days, 'pour-1/layer-2')).toMatchObject({
      minutes: 30,
      tie: { to: 'pour-1/layer-1', fromMin: 240, toMin: 540, safe: undefined },
    });
  });

  const plan = (start: string) =>
    planDays({
      jobs: [{ days, dates: { ...noDates, start: at(start) } }],
      person,
      zone,
      now: undefined,
    });

  test('what breaks is told with what would free it, each tried', () => {
    expect(plan('2026-05-04T15:30').broken).toEqual([]);
    const [broken] = plan('2026-05-04T16:30').broken;
    expect(broken).toMatchObject({ task: 'pour-1/layer-2', code: 'outside-hours' });
    expect(broken?.wouldFree.map(({ code }) => code)).toEqual([
      'start-at',
      'start-at',
      'helper',
      'scuff',
      'fewer-layers',
    ]);
    const [before, after] = broken!.wouldFree;
    expect(before).toMatchObject({ data: { at: at('2026-05-04T15:30'), earlier: true } });
    expect(after).toMatchObject({ data: { at: at('2026-05-05T08:00'), earlier: false } });
  });

  test('it is ready when the last layer has cured and all is done with hands', () => {
    const { tasks } = plan('2026-05-04T08:00');
    const ready = tasks.find(({ kind }) => kind === 'ready')!;
    expect(localText(ready.from, zone)).toBe('2026-05-05T12:30');
    expect(tasks.every(({ to, hands }) => hands !== 'on' || to <= ready.from)).toBe(true);
  });
});

describe('the tasks of a job', () => {
  test('pours in their order, with what is looked after, out of the form, planed, coated', () => {
    const days = demo('demo-galley-inlay');
    const hands = days.tasks.tasks.filter((task) => task.hands === 'on').map(({ id }) => id);
    expect(hands).toEqual([
      'pour-1/layer-1',
      'pour-2/layer-1',
      'pour-2/layer-2',
      'pour-2/demould',
      'pour-2/plane',
      'pour-3/layer-1/scuff',
      'pour-3/layer-1',
      'prepare/level',
      'prepare/release/form',
      'prepare/seal-faces',
      'prepare/dry-stock',
      'prepare/mask-edges/3',
    ]);
    // Deep layers go on shrinking: two weeks from the last, and not before it is hard; the coat after that.
    const plane = taskOf(days, 'pour-2/plane')!.tie!;
    expect(plane.fromMin).toBe(Math.ceil(days.clocks[1]!.at(-1)!.hardMin!.mid));
    expect(plane.fromMin).toBeGreaterThan(14 * 1440);
    expect(taskOf(days, 'pour-3/layer-1/scuff')?.tie).toMatchObject({ to: 'pour-2/plane' });
  });

  test('every tie is to a task before it, in whole minutes', () => {
    for (const { id } of demoJobs) {
      const { tasks } = demo(id).tasks;
      const seen = new Set<string>();
      expect(tasks[0]?.tie).toBeUndefined();
      for (const task of tasks) {
        if (task.tie !== undefined) {
          expect(seen.has(task.tie.to)).toBe(true);
          expect(task.tie.fromMin).toBeLessThanOrEqual(task.tie.toMin);
          for (const minutes of [task.tie.fromMin, task.tie.toMin].filter(Number.isFinite)) {
            expect(Number.isInteger(minutes)).toBe(true);
          }
        }
        expect(seen.has(task.id)).toBe(false);
        seen.add(task.id);
      }
    }
  });

  test('a window is safe where every reading of the label leaves it open', () => {
    const { tie } = taskOf(demo('demo-pot-stands'), 'pour-2/layer-1')!;
    expect(tie!.safe!.fromMin).toBeGreaterThan(tie!.fromMin);
    expect(tie!.safe!.toMin).toBeLessThanOrEqual(tie!.toMin);
  });

  test('a fan goes off after the peak, whatever was set for it', () => {
    const days = demo('demo-lamp-base', { heat: { fan: '2 h', underside: 'bench' } });
    const peak = taskOf(days, 'pour-1/layer-1/peak')!.tie!.fromMin;
    expect(taskOf(days, 'pour-1/layer-1/fan-off')!.tie!.fromMin).toBe(peak);
  });

  test('a mould is in use from the pour until its castings are out', () => {
    const inLibrary = demo('demo-cleats', {
      pours: demoJobs
        .find(({ id }) => id === 'demo-cleats')!
        .pours.map((pour) =>
          pour.role === 'castings'
            ? { ...pour, measure: { parts: [{ shape: 'mould', mould: demoMoulds[0], count: 1 }] } }
            : pour,
        ),
    });
    expect(inLibrary.tasks.uses).toEqual([
      {
        what: 'Cleats, four in a row',
        kind: 'mould',
        count: 1,
        fromTask: 'pour-2/layer-1',
        untilTask: 'pour-2/demould',
      },
    ]);
  });
});

test('what was ticked line by line is done with its last line', () => {
  const { tasks } = daysOf(twoLayers);
  const ticks = (...lines: readonly string[]) => ({
    lines: lines.map((id, minute) => ({ id, at: `2026-05-04T06:0${minute}:00.000Z` })),
    tasks: [],
  });
  const dated = (...lines: readonly string[]) =>
    datesOf(tasks, { start: '2026-05-04T08:00', pins: [] }, ticks(...lines), zone);
  expect(dated('build-form').done.size).toBe(0);
  const { done, start } = dated('build-form', 'seal-form');
  expect(start).toBe(at('2026-05-04T08:00'));
  expect([...done]).toEqual([
    ['prepare/build-form', { from: at('2026-05-04T07:01') - 80, to: at('2026-05-04T07:01') }],
  ]);
});

test('all jobs of the demo at once, none of them in the way of another', () => {
  const jobs = demoJobs.map(({ id }) => {
    const days = demo(id);
    return { days: { ...days, tasks: { ...days.tasks, job: id } }, dates: noDates };
  });
  const { tasks, broken, calendar } = planDays({ jobs, person, zone, now: at('2026-05-04T07:30') });
  expect(broken).toEqual([]);
  const hands = tasks.filter((task) => task.hands === 'on');
  for (const [index, { from, to }] of hands.entries()) {
    expect(calendar.work.some((span) => span.from <= from && to <= span.to)).toBe(true);
    const next = hands[index + 1];
    if (next !== undefined) expect(to).toBeLessThanOrEqual(next.from);
  }
});

test('what never gets hard in its room is neither taken out of its form nor planed, and never ready', () => {
  const kinds = (temperature: string) =>
    demo('demo-galley-inlay', { room: { temperature } })
      .tasks.tasks.map(({ kind }) => kind)
      .filter((kind) => kind === 'demould' || kind === 'plane' || kind === 'ready');
  expect(kinds('20 °C')).toEqual(['demould', 'plane', 'ready']);
  expect(kinds('0 °C')).toEqual([]);
});
