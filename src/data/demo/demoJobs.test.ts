import { personOf } from '../../core/person/person';
import { idOfLine } from '../../core/prepare/prepareOf';
import { datesOf } from '../../core/timetable/datesOf';
import { jobDaysOf } from '../../core/timetable/jobDays';
import { planDays } from '../../core/timetable/planDays';
import type { DatesRecord } from '../records/datesRecord';
import type { TicksRecord } from '../records/ticksRecord';
import { demoDays, demoDaysWrites } from './demoDays';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readJob } from '../../core/job/readJob';
import { attachFiles } from '../../core/measure/files/attachFiles';
import type { Part } from '../../core/measure/parts/partSchema';
import { resolveJob } from '../../core/job/resolveJob';
import { planJob, planResolved } from '../../core/plan/planJob';
import { InputError } from '../../core/problem';
import { benchCopyOf, pourOf } from '../../core/bench/benchCopy';
import { benchState } from '../../core/bench/benchState';
import { paceOfPour } from '../../core/bench/cureStages';
import { movedOf, observedAt } from '../../core/bench/benchEvents';
import { curingPourOf } from '../../core/bench/curing';
import { movedCureOf } from '../../core/cure/movedCure';
import { watchCure } from '../../core/cure/watchCure';
import type { CopyRecord } from '../records/copyRecord';
import type { LiveRecord } from '../records/liveRecord';
import { demoCuringWrites } from './demoCuring';
import { demoCuringJob } from './demoCuringEvents';
import { diagnose } from '../../core/diagnose/diagnose';
import type { KeptPiece } from '../records/pieceRecord';
import { demoRecordCount, demoRecordWrites } from './demoRecords';
import { demoMoulds } from './demoMoulds';
import { demoResins } from './demoResins';
import { demoJobs } from './demoJobs';
import { calibrateHere } from '../../testing/calibrateHere';
import { beginDemo, demoCardWrites } from './beginDemo';
import { demoWrites, finishDemo } from './demoChanges';
import type { ResinRecord } from '../records/resinRecord';
import { countOf } from '../../core/plan/reasons';

const shelf = { resins: demoResins, moulds: demoMoulds };

function planOf(id: string) {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id) ?? { id: 'none' };
  return planJob(readJob(job), shelf);
}

test.each([
  ['demo-drawer-tray', 2095.5, 1775.9, 513.4, [3]],
  ['demo-lamp-base', 1971.7, 1671.0, 483.1, [3]],
  ['demo-galley-bowl', 1724.1, 1461.2, 422.4, [3]],
  ['demo-galley-inlay', 5430.6, 4539.9, 1374.6, [1, 4, 1]],
  ['demo-chart-table', 1862.3, 1302.4, 651.2, [1, 2]],
  ['demo-pot-stands', 776.4, 636.0, 212.0, [1, 1]],
  ['demo-drawer-knobs', 257.8, 211.2, 70.4, [3]],
  ['demo-sill-knot', 94.1, 79.7, 23.0, [1]],
  ['demo-compass-rose', 16.1, 11.3, 5.6, [1]],
  ['demo-cleats', 1095.8, 578.9, 598.7, [3, 12]],
  ['demo-dial-lenses', 21.9, 24.6, 0, [2]],
  ['demo-wheelhouse', 509.6, 417.5, 139.1, [1]],
])('%s', (id, totalMl, aG, bG, batches) => {
  const { pours, together } = planOf(id);
  expect(together.totalMl).toBeCloseTo(totalMl, 1);
  expect(pours.reduce((sum, { a }) => sum + a.g, 0)).toBeCloseTo(aG, 1);
  expect(pours.reduce((sum, { b }) => sum + b.g, 0)).toBeCloseTo(bG, 1);
  expect(pours.map((pour) => countOf(pour.batches))).toEqual(batches);
});

/** What every fill with water has, and what flakes do in a slow resin. */
const told: Readonly<Record<string, readonly string[]>> = {
  'demo-wheelhouse': ['dry-the-mould', 'straight-sides-assumed'],
  'demo-galley-bowl': ['inclusion-moves'],
};

test('no job of the demo starts with a warning but with what cannot be otherwise', () => {
  for (const { id } of demoJobs) {
    const codes = planOf(id).warnings.map(({ code }) => code);
    expect([id, ...codes]).toEqual([id, ...(told[id] ?? [])]);
  }
});

test('what the demo keeps of its files is what is in them', () => {
  const folder = join(__dirname, 'files');
  const source = {
    bytes: (path: string) => new Uint8Array(readFileSync(join(folder, path))),
    text: (path: string) => readFileSync(join(folder, path), 'utf8'),
  };
  for (const { id, ...job } of demoJobs) {
    const read = attachFiles(readJob(job), source);
    expect([id, planJob(read, shelf).together.totalMl]).toEqual([id, planOf(id).together.totalMl]);
  }
});

test('a job that is sent without its files is planned from what it keeps of them', () => {
  const missing = (path: string): never => {
    throw new InputError('no-file', path);
  };
  const none = { bytes: missing, text: missing };
  const { id: _, ...rose } = demoJobs.find(({ id }) => id === 'demo-compass-rose') ?? { id: '' };
  const job = readJob(rose);
  expect(planJob(attachFiles(job, none), shelf).together.totalMl).toBe(
    planOf('demo-compass-rose').together.totalMl,
  );
  const [part] = job.measure?.parts ?? [];
  const bare = { ...job, measure: { parts: [{ ...part, outlines: undefined } as Part] } };
  expect(() => attachFiles(bare, none)).toThrow(expect.objectContaining({ code: 'no-file' }));
});

test('the knot traced on the photo has the area it was drawn with', () => {
  const knot = planOf('demo-sill-knot').form?.parts[0];
  // Half of Σ(x y′ − x′ y) round its 28 corners, in mm², 22 mm deep.
  expect(knot?.ml).toBeCloseTo((3870.1 * 22) / 1000, 0);
});

test('every job of the demo uses a card of the demo', () => {
  const cards = new Set(demoResins.map(({ id }) => id));
  for (const { pours } of demoJobs) {
    for (const { resin } of pours) expect(cards).toContain(resin.id);
  }
});

test('the demo is written as new records, but for those whose place is taken', async () => {
  const demo = await demoWrites();
  const days = demoDaysWrites(new Date()).length;
  expect(demo).toHaveLength(
    // A photo, and a pour with its copy.
    demoJobs.length + demoResins.length + demoMoulds.length + demoRecordCount + 3 + days,
  );
  expect(demo.every(({ record, replaces }) => record !== null && replaces === null)).toBe(true);
  const taken = 'job/demo-drawer-tray';
  const rest = await finishDemo(async (keys) => {
    expect(keys).toContain(taken);
    return new Map([[taken, '{}']]);
  });
  // One of them changes the settings.
  const begun = beginDemo().length - 1;
  expect(begun + rest.length - 1).toBe(demo.length - 1);
});

test('cards of the demo are kept with what the heat model makes of them', async () => {
  const made = await calibrateHere(demoResins);
  const kept = demoCardWrites().map(({ record }) => (record as ResinRecord).calibrations);
  made.forEach((each, at) => {
    expect(kept[at]?.map(({ key }) => key)).toEqual(
      each.filter(({ calibration }) => calibration !== undefined).map(({ key }) => key),
    );
    for (const [index, { calibration }] of (kept[at] ?? []).entries()) {
      const now = each[index]!.calibration!;
      expect(calibration.verdict).toEqual(now.verdict);
      expect(calibration.rateScale / now.rateScale).toBeCloseTo(1, 6);
      expect(calibration.members.map(({ weight }) => weight.toFixed(4))).toEqual(
        now.members.map(({ weight }) => weight.toFixed(4)),
      );
    }
  });
});

describe('the days of the demo', () => {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const person = personOf(undefined);
  const daysOfJob = (id: string) => {
    const resolved = resolveJob(readJob(fileOf(id)), undefined);
    const [live] = demoCuringWrites(Date.now()).map(({ record }) => record as LiveRecord);
    const moved = id === demoCuringJob ? [movedOf(live!)] : [];
    return jobDaysOf(id, resolved, planResolved(resolved), person, { moved });
  };

  test('what is ticked off and done in it is in its jobs', () => {
    for (const { job, lines, tasks } of demoDays) {
      const { prepare, tasks: all } = daysOfJob(job);
      const ids = prepare.map(idOfLine);
      expect(ids).toEqual(expect.arrayContaining([...lines]));
      const taskIds = all.tasks.map(({ id }) => id);
      expect(taskIds).toEqual(expect.arrayContaining(tasks.map(([id]) => id)));
    }
  });

  test.each([7, 12, 19, 23])('loaded at %d o’clock two jobs are half-way, one begins', (hour) => {
    const now = new Date(2026, 9, 6, hour, 10);
    const writes = demoDaysWrites(now);
    const recordOf = <T>(key: string): T | undefined =>
      writes.find((write) => write.key === key)?.record as T | undefined;
    const jobs = demoDays.map(({ job }) => {
      const days = daysOfJob(job);
      const dates = recordOf<DatesRecord>(`dates/${job}`)!;
      const ticks = recordOf<TicksRecord>(`ticks/${job}`) ?? { lines: [], tasks: [] };
      return { days, dates: datesOf(days.tasks, dates, ticks, zone) };
    });
    const at = Math.floor(now.getTime() / 60_000);
    const { tasks, broken } = planDays({ jobs, person, zone, now: at });
    expect(broken).toEqual([]);
    const poured = (job: string, done: boolean) =>
      tasks.filter((task) => task.job === job && task.kind === 'pour' && task.done === done).length;
    expect([poured('demo-lamp-base', true), poured('demo-lamp-base', false)]).toEqual([1, 2]);
    expect([poured('demo-galley-inlay', true), poured('demo-galley-inlay', false)]).toEqual([2, 2]);
    expect([poured('demo-chart-table', true), poured('demo-chart-table', false)]).toEqual([0, 2]);
    expect(tasks.every(({ done, from, hands }) => done || hands !== 'on' || from >= at)).toBe(true);
  });
});

test('the pour that is curing goes by its job as that is planned, and is moved as its readings move it', () => {
  const shelf = { resins: demoResins, moulds: [] };
  const resolved = resolveJob(readJob(fileOf(demoCuringJob)), shelf);
  const plan = planResolved(resolved, shelf);
  const copy = benchCopyOf(resolved, plan, 0, personOf(undefined), shelf);
  const [live, kept] = demoCuringWrites(Date.now()).map(({ record }) => record) as [
    LiveRecord,
    CopyRecord,
  ];
  expect(kept.copy).toEqual(JSON.parse(JSON.stringify(copy)));
  const state = benchState(copy, live.events);
  expect(state.layers[0]).toMatchObject({ poured: 1 });
  expect(paceOfPour(copy, state)).toBe('hot');
  const watch = watchCure(curingPourOf(copy, state)!);
  expect(movedOf(state)).toEqual(
    JSON.parse(
      JSON.stringify(
        movedCureOf(watch, pourOf(copy).layers, copy.cure!.layers, observedAt(state)!),
      ),
    ),
  );
});

function fileOf(id: string): object {
  const { id: _, ...file } = demoJobs.find((each) => each.id === id)!;
  return JSON.parse(JSON.stringify(file)) as object;
}

test('every record of the demo has its story: what went wrong is what its own figures tell', () => {
  const likeliest = demoRecordWrites(Date.now()).flatMap(({ record }) => {
    const { piece } = record as KeptPiece;
    if (piece.faults.length === 0) return [];
    return [
      [
        piece.name,
        ...diagnose(piece)
          .causes.slice(0, 2)
          .map(({ code }) => code),
      ],
    ];
  });
  expect(likeliest).toEqual([
    ['Wheelhouse shelf', 'badly-mixed', 'ratio-off'],
    ['Companionway step', 'timber-unsealed', 'bad-zone'],
    ['Galley shelf, flood coat', 'oil-or-silicone', 'dust-between'],
    ['Porthole tray', 'timber-unsealed', 'timber-damp'],
    ['Door knobs, wheelhouse', 'ratio-off', 'too-cold'],
    ['Hatch handle', 'badly-mixed'],
    ['Stove surround, seal coat', 'damp-air', 'too-cold'],
    ['Settle arm', 'out-of-date', 'too-hot'],
  ]);
});
