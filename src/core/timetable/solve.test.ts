import * as fc from 'fast-check';
import { calendarOf, localText, momentOf, momentText } from './calendar';
import { personOf } from '../person/person';
import { solve } from './solve';
import type { DatedJob, Dates } from './tasks';
import { at, jobOf, mayOf, noDates, task, tie, zone } from './testTasks';
import { runs } from '../../testing/campaign';

/** Two layers; the second goes 4 to 9 h after the first began. */
const twoLayers = jobOf('tray', task('one'), task('two', tie('one', 4 * 60, 9 * 60)));

const startingAt = (text: string): Dates => ({ ...noDates, start: at(text) });

function second(start: string, hours = '8:00-20:00', sleep?: string) {
  const calendar = mayOf(hours, sleep === undefined ? {} : { sleep });
  const { tasks, broken } = solve([{ tasks: twoLayers, dates: startingAt(start) }], calendar, {
    clamps: undefined,
  });
  const two = tasks.find(({ id }) => id === 'two');
  const clock = (moment: number | undefined): string | undefined =>
    moment === undefined ? undefined : localText(moment, zone).slice(5);
  return {
    from: clock(two?.from),
    window: two?.window && [clock(two.window.from), clock(two.window.to)],
    tight: two?.tight,
    broken: broken.map(({ code, task: id, startBefore, startAfter }) => ({
      code,
      task: id,
      before: clock(startBefore),
      after: clock(startAfter),
    })),
    data: broken.map(({ data }) => data),
  };
}

describe('two layers in the sticky window', () => {
  test('from eight: all of the window is in hours', () => {
    expect(second('2026-05-04T08:00')).toMatchObject({
      from: '05-04T12:00',
      window: ['05-04T12:00', '05-04T17:00'],
      tight: false,
      broken: [],
    });
  });

  test('from two: what is left of it in the evening is tight', () => {
    expect(second('2026-05-04T14:00')).toMatchObject({
      from: '05-04T18:00',
      window: ['05-04T18:00', '05-04T19:30'],
      tight: true,
      broken: [],
    });
  });

  test('from half past four it opens when the day is over; half past three still works', () => {
    const { broken, data, tight } = second('2026-05-04T16:30');
    expect(broken).toEqual([
      { code: 'outside-hours', task: 'two', before: '05-04T15:30', after: '05-05T08:00' },
    ]);
    expect(data).toEqual([{ opens: at('2026-05-04T20:30'), closes: at('2026-05-05T01:30') }]);
    expect(tight).toBe(true);
    expect(second('2026-05-04T15:30')).toMatchObject({ from: '05-04T19:30', broken: [] });
    expect(second('2026-05-04T15:31').broken).toHaveLength(1);
  });

  test('hours to ten and sleep at half past: the latest start is half past five', () => {
    const latest = (start: string) => second(start, '8:00-22:00', '22:30-6:30').broken;
    expect(latest('2026-05-04T17:30')).toEqual([]);
    expect(latest('2026-05-04T17:31')[0]).toMatchObject({ before: '05-04T17:30' });
  });

  test('hours after bedtime are none', () => {
    expect(second('2026-05-04T15:30', '8:00-20:00', '19:00-6:00').broken[0]).toMatchObject({
      before: '05-04T14:30',
    });
  });
});

describe('the calendar', () => {
  test('twelve hours across the end of summer time', () => {
    const moment = momentOf('2026-10-24T20:00', zone) + 12 * 60;
    expect(localText(moment, zone)).toBe('2026-10-25T07:00');
    expect(momentText(moment, zone)).toBe('2026-10-25T07:00:00+00:00');
    expect(momentText(momentOf('2026-05-04T08:00', zone), zone)).toBe('2026-05-04T08:00:00+01:00');
  });

  test('hours stay at their clock across it, and days away have none', () => {
    const person = personOf({
      hours: ['', '', '', '', '', '9:00-12:00, 13:00-17:00', '10:00-14:00'],
      away: [{ from: '2026-10-18', to: '2026-10-18', why: undefined }],
    });
    const { work } = calendarOf(
      person,
      zone,
      momentOf('2026-10-17', zone),
      momentOf('2026-10-26', zone),
    );
    expect(work.map(({ from, to }) => [localText(from, zone), localText(to, zone)])).toEqual([
      ['2026-10-17T09:00', '2026-10-17T12:00'],
      ['2026-10-17T13:00', '2026-10-17T17:00'],
      ['2026-10-24T09:00', '2026-10-24T12:00'],
      ['2026-10-24T13:00', '2026-10-24T17:00'],
      ['2026-10-25T10:00', '2026-10-25T14:00'],
    ]);
  });

  test('a zone or a time that there is not', () => {
    expect(() => momentOf('2026-05-04T08:00', 'Europe/Wren')).toThrow('no-such-zone');
    expect(() => momentOf('2026-02-30', zone)).toThrow('not-a-moment');
    expect(() => momentOf('tomorrow', zone)).toThrow('not-a-moment');
  });
});

describe('what breaks is told by its reason', () => {
  const codes = (job: DatedJob, hours = '8:00-20:00', now?: number) =>
    solve([job], mayOf(hours), { clamps: undefined }, now).broken.map(({ code }) => code);

  test('no hours, too long for any day, too late, due too soon', () => {
    const dates = startingAt('2026-05-04T08:00');
    expect(codes({ tasks: twoLayers, dates }, '')).toContain('no-hours');
    const long = jobOf('long', task('one', undefined, { minutes: 13 * 60 }));
    expect(codes({ tasks: long, dates })).toEqual(['longer-than-hours']);
    const prepared = jobOf(
      'prepared',
      task('pour'),
      task('form', tie('pour', -Infinity, -13 * 60, { prefer: 'late' }), { kind: 'prepare' }),
    );
    expect(codes({ tasks: prepared, dates })).toEqual([]);
    expect(codes({ tasks: prepared, dates }, '8:00-20:00', at('2026-05-04T07:00'))).toEqual([
      'too-late',
    ]);
    const due = { ...noDates, due: at('2026-05-05T10:00') };
    expect(codes({ tasks: twoLayers, dates: due }, '8:00-20:00', at('2026-05-05T09:00'))).toEqual([
      'due-too-soon',
    ]);
  });

  test('what was pinned stays, and is told where it does not follow', () => {
    const pins = new Map([['two', at('2026-05-05T10:00')]]);
    const dates = { ...startingAt('2026-05-04T08:00'), pins };
    const { tasks, broken } = solve([{ tasks: twoLayers, dates }], mayOf('8:00-20:00'), {
      clamps: undefined,
    });
    expect(broken).toMatchObject([{ code: 'against-fixed', task: 'two' }]);
    expect(tasks[1]).toMatchObject({ from: at('2026-05-05T10:00'), pinned: true, tight: true });
  });

  test('a mould is in one job at a time', () => {
    const inMould = (job: string): DatedJob => ({
      tasks: {
        ...jobOf(job, task('pour'), task('demould', tie('pour', 600, Infinity))),
        uses: [{ what: 'cleat', kind: 'mould', count: 1, fromTask: 'pour', untilTask: 'demould' }],
      },
      dates: noDates,
    });
    const { tasks, broken } = solve(
      [inMould('a'), inMould('b')],
      mayOf('8:00-20:00'),
      { clamps: undefined },
      at('2026-05-04T08:00'),
    );
    expect(broken).toEqual([]);
    const [first, second_] = ['a', 'b'].map((job) => tasks.filter((each) => each.job === job));
    expect(second_![0]!.from).toBeGreaterThanOrEqual(first![1]!.to);
    const fixed = { ...inMould('b'), dates: startingAt('2026-05-04T12:00') };
    const clash = solve(
      [{ ...inMould('a'), dates: startingAt('2026-05-04T08:00') }, fixed],
      mayOf('8:00-20:00'),
      { clamps: undefined },
    );
    expect(clash.broken).toMatchObject([{ job: 'b', code: 'in-use', data: { what: 'cleat' } }]);
  });
});

test('a start that has passed and was not poured is told, and the job begins as soon as it can', () => {
  const dates = startingAt('2026-05-04T08:00');
  const now = (text: string) =>
    solve([{ tasks: twoLayers, dates }], mayOf('8:00-20:00'), { clamps: undefined }, at(text));
  // While it is being poured nobody is told off.
  expect(now('2026-05-04T09:15')).toMatchObject({
    broken: [],
    tasks: [{ from: at('2026-05-04T08:00') }, {}],
  });
  const { tasks, broken } = now('2026-05-06T07:00');
  expect(broken).toMatchObject([
    { code: 'too-late', task: 'one', startBefore: undefined, startAfter: at('2026-05-06T08:00') },
  ]);
  expect(tasks.map(({ from }) => localText(from, zone))).toEqual([
    '2026-05-06T08:00',
    '2026-05-06T12:00',
  ]);
});

test('nothing goes where another job has a pin or its start, whichever is placed first', () => {
  // The one under way is placed first, and would take the very hour.
  const real = at('2026-05-04T08:00');
  const underWay = { ...noDates, done: new Map([['one', { from: real, to: real + 30 }]]) };
  const fixed = (job: string) => jobOf(job, task('pour'));
  for (const dates of [
    startingAt('2026-05-04T12:00'),
    { ...noDates, pins: new Map([['pour', at('2026-05-04T12:00')]]) },
  ]) {
    const { tasks, broken } = solve(
      [
        { tasks: twoLayers, dates: underWay },
        { tasks: fixed('b'), dates },
      ],
      mayOf('8:00-20:00'),
      { clamps: undefined },
      at('2026-05-04T09:00'),
    );
    expect(broken).toEqual([]);
    expect(tasks.map(({ from }) => localText(from, zone).slice(11))).toEqual([
      '08:00',
      '12:30',
      '12:00',
    ]);
  }
});

test('what was done at its real time moves the rest', () => {
  const real = at('2026-05-04T09:10');
  const done = new Map([['one', { from: real, to: real + 45 }]]);
  const { tasks } = solve(
    [{ tasks: twoLayers, dates: { ...startingAt('2026-05-04T08:00'), done } }],
    mayOf('8:00-20:00'),
    { clamps: undefined },
  );
  expect(tasks[0]).toMatchObject({ from: real, to: real + 45, done: true });
  expect(tasks[1]).toMatchObject({ from: real + 240 });
});

test('back from a due date it begins as late as it may; forwards a peak goes by day where it can', () => {
  const due = { ...noDates, due: at('2026-05-06T12:00') };
  const calendar = mayOf('8:00-20:00');
  const back = solve([{ tasks: twoLayers, dates: due }], calendar, { clamps: undefined });
  expect(back.broken).toEqual([]);
  // The second on that morning would need a start in the night: both go the day before, with an hour of the window to spare.
  expect(localText(back.tasks[0]!.from, zone)).toBe('2026-05-05T14:30');
  const hot = jobOf('hot', task('one', undefined, { peakMin: { low: 700, mid: 900, high: 990 } }));
  const now = at('2026-05-04T08:00');
  const forwards = solve([{ tasks: hot, dates: noDates }], calendar, { clamps: undefined }, now);
  // Fifteen hours from four in the afternoon it is seven in the morning.
  expect(localText(forwards.tasks[0]!.from, zone)).toBe('2026-05-04T16:00');
  expect(forwards.tasks[0]).toMatchObject({ asleep: false });
});

describe('held against every way there is', () => {
  const grid = 30;
  const chain = fc.array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 4 }).map((steps) => steps * grid),
      fromMin: fc.integer({ min: 1, max: 30 }).map((steps) => steps * grid),
      long: fc.integer({ min: 0, max: 6 }).map((steps) => steps * grid),
    }),
    { minLength: 1, maxLength: 3 },
  );
  const jobFrom = (name: string, tasks: { minutes: number; fromMin: number; long: number }[]) =>
    jobOf(
      name,
      ...tasks.map(({ minutes, fromMin, long }, index) =>
        task(
          `${index}`,
          index === 0
            ? undefined
            : tie(
                `${index - 1}`,
                tasks[index - 1]!.minutes + fromMin,
                tasks[index - 1]!.minutes + fromMin + long,
              ),
          { minutes },
        ),
      ),
    );
  const hours = fc.constantFrom('8:00-20:00', '9:00-12:00, 14:00-18:00', '18:00-21:30');

  /** Whether any start of the grid lets all tasks of all jobs be placed, by trying them all. */
  function anyWay(jobs: readonly DatedJob[], work: readonly { from: number; to: number }[]) {
    const all = jobs.flatMap(({ tasks: { job, tasks }, dates }) =>
      tasks.map((spec) => ({ job, spec, dates })),
    );
    const placedAt = new Map<string, number>();
    const busy: { from: number; to: number }[] = [];
    const first = at('2026-05-04T00:00');
    const fits = (from: number, to: number): boolean =>
      work.some((span) => span.from <= from && to <= span.to) &&
      busy.every((other) => to <= other.from || other.to <= from);
    const place = (index: number): boolean => {
      const next = all[index];
      if (next === undefined) return true;
      const { job, spec, dates } = next;
      const tiedAt = spec.tie && placedAt.get(`${job}/${spec.tie.to}`)!;
      const [from, to] =
        tiedAt === undefined
          ? [dates.start ?? first, dates.start ?? first + 24 * 60]
          : [tiedAt + spec.tie!.fromMin, tiedAt + spec.tie!.toMin];
      for (let moment = from; moment <= to; moment += grid) {
        if (!fits(moment, moment + spec.minutes)) continue;
        placedAt.set(`${job}/${spec.id}`, moment);
        busy.push({ from: moment, to: moment + spec.minutes });
        if (place(index + 1)) return true;
        busy.pop();
      }
      return false;
    };
    return place(0);
  }

  test('one job from a start: it fits exactly where there is a way', () => {
    fc.assert(
      fc.property(chain, hours, fc.integer({ min: 16, max: 42 }), (tasks, day, step) => {
        const calendar = mayOf(day);
        const job = {
          tasks: jobFrom('a', tasks),
          dates: { ...noDates, start: at('2026-05-04T00:00') + step * grid },
        };
        const { broken } = solve([job], calendar, { clamps: undefined });
        expect(broken.length === 0).toBe(anyWay([job], calendar.work));
      }),
      { numRuns: runs(150, 3000) },
    );
  });

  test('two jobs that share the hands, the second of them free to begin when it fits', () => {
    fc.assert(
      fc.property(chain, chain, hours, fc.integer({ min: 16, max: 40 }), (a, b, day, step) => {
        const calendar = mayOf(day);
        const jobs = [
          {
            tasks: jobFrom('a', a),
            dates: { ...noDates, start: at('2026-05-04T00:00') + step * grid },
          },
          { tasks: jobFrom('b', b), dates: noDates },
        ];
        const { tasks, broken } = solve(
          jobs,
          calendar,
          { clamps: undefined },
          at('2026-05-04T00:00'),
        );
        // A job that may begin on any day fits if it fits alone.
        const alone = jobs.every((job) => anyWay([job], calendar.work));
        expect(broken.length === 0).toBe(alone);
        if (!alone) return;
        const hands = tasks.map(({ from, to }) => ({ from, to }));
        for (const [index, one] of hands.entries()) {
          expect(calendar.work.some(({ from, to }) => from <= one.from && one.to <= to)).toBe(true);
          for (const other of hands.slice(index + 1)) {
            expect(one.to <= other.from || other.to <= one.from).toBe(true);
          }
        }
        for (const { job, id, from, window } of tasks) {
          const { tie: tied } = jobs
            .find(({ tasks: each }) => each.job === job)!
            .tasks.tasks.find((spec) => spec.id === id)!;
          if (tied === undefined) continue;
          const before = tasks.find((each) => each.job === job && each.id === tied.to)!.from;
          expect(from - before).toBeGreaterThanOrEqual(tied.fromMin);
          expect(from - before).toBeLessThanOrEqual(tied.toMin);
          expect(window!.from).toBeLessThanOrEqual(from);
          expect(window!.to).toBeGreaterThanOrEqual(from);
        }
      }),
      { numRuns: runs(100, 2000) },
    );
  });

  test('a pin stays where it is, whatever else moves', () => {
    fc.assert(
      fc.property(chain, hours, fc.integer({ min: 0, max: 96 }), (tasks, day, step) => {
        const last = `${tasks.length - 1}`;
        const pin = at('2026-05-05T00:00') + step * grid;
        const dates = { ...noDates, pins: new Map([[last, pin]]) };
        const now = at('2026-05-04T00:00');
        const solved = solve(
          [{ tasks: jobFrom('a', tasks), dates }],
          mayOf(day),
          { clamps: undefined },
          now,
        );
        expect(solved.tasks.find(({ id }) => id === last)).toMatchObject({
          from: pin,
          pinned: true,
        });
      }),
    );
  });
});
