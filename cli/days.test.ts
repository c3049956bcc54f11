import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root, runCommand } from './testCommand';

const twoLayers = join(root, 'docs/formats/two-layers.job.json');
const london = ['--zone', 'Europe/London', '--hours', '08:00-20:00'];

function plan(...argument: readonly string[]) {
  const { status, stdout, stderr } = runCommand('plan', argument);
  // What is refused is told where errors are told.
  return { status, out: JSON.parse(status === 0 ? stdout : stderr) };
}

type Printed = {
  id: string;
  from: string;
  to: string;
  tight: boolean;
  handsOn: boolean;
  window: object | null;
};
const taskOf = (out: { timetable: { tasks: Printed[] } }, id: string): Printed | undefined =>
  out.timetable.tasks.find((task) => task.id === id);

test('two layers: windows with their offsets, tight ones marked, and what does not fit with its ways out', () => {
  const from = (clock: string) => plan('--start', `2026-05-04T${clock}`, ...london, twoLayers).out;
  expect(taskOf(from('08:00'), 'pour-1/layer-2')).toMatchObject({
    pour: 1,
    layer: 2,
    kind: 'pour',
    handsOn: true,
    from: '2026-05-04T12:00:00+01:00',
    to: '2026-05-04T12:30:00+01:00',
    window: { from: '2026-05-04T12:00:00+01:00', to: '2026-05-04T17:00:00+01:00' },
    tight: false,
  });
  expect(taskOf(from('14:00'), 'pour-1/layer-2')).toMatchObject({
    window: { from: '2026-05-04T18:00:00+01:00', to: '2026-05-04T19:30:00+01:00' },
    tight: true,
  });
  const { timetable } = from('16:30');
  expect(timetable.broken).toMatchObject([
    {
      task: 'pour-1/layer-2',
      code: 'outside-hours',
      opens: '2026-05-04T20:30:00+01:00',
      wouldFree: [
        { code: 'start-at', at: '2026-05-04T15:30:00+01:00' },
        { code: 'start-at', at: '2026-05-05T08:00:00+01:00' },
        { code: 'helper', from: '2026-05-04T20:30:00+01:00' },
        { code: 'scuff' },
        { code: 'fewer-layers', layers: 1 },
      ],
    },
  ]);
});

test('sleep and days away; across the end of summer time; back from a due date', () => {
  const [start] = plan(
    '--start',
    '2026-10-24T20:00',
    '--zone',
    'Europe/London',
    '--hours',
    '08:00-22:00',
    '--sleep',
    '22:30-06:30',
    twoLayers,
  ).out.timetable.tasks.filter(({ kind }: { kind: string }) => kind === 'pour');
  expect(start.from).toBe('2026-10-24T20:00:00+01:00');
  const due = plan(
    '--due',
    '2026-05-08T12:00',
    ...london,
    '--away',
    '2026-05-06..2026-05-07',
    twoLayers,
  ).out;
  expect(due.timetable.broken).toEqual([]);
  const wholeDay = plan('--due', '2026-05-05', ...london, twoLayers).out.timetable;
  expect(wholeDay.broken).toEqual([]);
  expect(taskOf({ timetable: wholeDay }, 'ready')!.to).toMatch(/^2026-05-05/);
  const hands = due.timetable.tasks.filter(({ handsOn }: Printed) => handsOn) as Printed[];
  expect(hands.every(({ from }) => !/2026-05-0[67]/.test(from))).toBe(true);
  expect(hands.every(({ to }) => to <= '2026-05-08T12:00')).toBe(true);
});

describe('what is held down', () => {
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const file = join(folder, 'slab.json');

  test('a slab in a form of MDF between braces', () => {
    const job = JSON.parse(readFileSync(twoLayers, 'utf8'));
    const [pour] = job.pours;
    job.measure = {
      parts: [{ shape: 'box', length: '900 mm', width: '400 mm', depth: '60 mm', count: 1 }],
      inserts: [
        {
          shape: 'box',
          name: 'Slab',
          length: '600 mm',
          width: '180 mm',
          depth: '45 mm',
          density: '0.62 g/ml',
          count: 1,
        },
      ],
    };
    job.heat = { side: { material: 'mdf', thickness: '18 mm' } };
    job.form = { braces: '600 mm' };
    job.pours = [{ ...pour, layers: undefined }];
    writeFileSync(file, JSON.stringify(job));
    const { out } = plan('--start', '2026-05-04T08:00', ...london, file);
    const [slab] = out.holdDown;
    expect(slab.name).toBe('Slab');
    expect(slab.netN).toBeCloseTo(22.88, 2);
    expect(slab.holdKg).toBeCloseTo(4.666, 3);
    const [wall] = out.walls;
    expect(wall.pressurePa).toBeCloseTo(647.2, 1);
    expect(wall.forceNPerM).toBeCloseTo(19.42, 2);
    expect(wall.bowMm).toBeCloseTo(0.749, 3);
    expect(out.weightKg).toBeGreaterThan(out.pieceKg);
    // Without a date the plan is as it was.
    expect(plan(file).out.holdDown).toBeUndefined();
  });
});

test('a calendar beside the plan', () => {
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  const ics = join(folder, 'days.ics');
  plan('--start', '2026-05-04T08:00', ...london, '--ics', ics, twoLayers);
  const text = readFileSync(ics, 'utf8');
  rmSync(folder, { recursive: true });
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
  // Eight in the morning of summer time.
  expect(text).toContain('DTSTART:20260504T070000Z');
  expect(text).toContain('UID:sill%20tray%20in%20two%20layers/pour-1/layer-1@nipperkin');
  expect(text).toContain('BEGIN:VALARM');
});

test.each([
  [['--start', 'tomorrow'], 'not-a-moment', 'start'],
  [['--start', '2026-05-04T08:00', '--zone', 'Europe/Wren'], 'no-such-zone', 'zone'],
  [['--start', '2026-05-04T08:00', '--due', '2026-05-05T08:00'], 'start-and-due', ''],
  [['--start', '2026-05-04T08:00', '--hours', 'always'], 'not-hours', 'hours[0]'],
  [
    ['--start', '2026-05-04T08:00', '--away', '2026-05-05..2026-05-01'],
    'days-crossed',
    'away[0].to',
  ],
])('%j is refused', (options, code, field) => {
  const { status, out } = plan(...options, twoLayers);
  expect(status).not.toBe(0);
  expect(out.error).toMatchObject({ code, field });
});
