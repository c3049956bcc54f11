import { momentOf } from '../core/timetable/calendar';
import type { PlacedTask } from '../core/timetable/tasks';
import { calendarText } from './calendarFile';
import { sayBreak, sayFreeing, sayTask, sayTaskDetail } from './days';
import { dayKeyAt, localTextOf, midnightsFrom, sayBetween, sayClockAt, sayMoment } from './moments';
import { sayHoursOn } from './person';

const zone = 'Europe/London';
const at = (text: string): number => momentOf(text, zone);
const now = at('2026-10-06T09:30');
const clock = { now, zone };

const task = (change: Partial<PlacedTask>): PlacedTask => ({
  id: 'pour-1/layer-2',
  job: 'lamp',
  kind: 'pour',
  pour: 0,
  layer: 1,
  hands: 'on',
  from: at('2026-10-06T14:00'),
  to: at('2026-10-06T14:25'),
  window: { from: at('2026-10-06T12:40'), to: at('2026-10-06T19:00') },
  tight: false,
  pinned: false,
  done: false,
  asleep: false,
  lines: [],
  ...change,
});

describe('moments', () => {
  test('as people say them', () => {
    expect(sayMoment(at('2026-10-06T14:00'), now, zone)).toBe('today 14:00');
    expect(sayMoment(at('2026-10-07T00:05'), now, zone)).toBe('tomorrow 0:05');
    expect(sayMoment(at('2026-10-05T09:00'), now, zone)).toBe('yesterday 9:00');
    expect(sayMoment(at('2026-10-10T09:00'), now, zone)).toBe('Sat 10 Oct 9:00');
    expect(sayBetween(at('2026-10-07T09:00'), at('2026-10-07T15:00'), now, zone)).toBe(
      'tomorrow 9:00 to 15:00',
    );
    expect(sayClockAt(at('2026-10-06T00:00'), zone)).toBe('0:00');
  });

  test('midnights stay midnights across both changes of the clock', () => {
    for (const from of ['2026-03-27T15:00', '2026-10-23T15:00']) {
      const all = midnightsFrom(at(from), 5, zone);
      expect(all.map((moment) => localTextOf(moment, zone).slice(11))).toEqual(
        Array.from({ length: 5 }, () => '00:00'),
      );
      expect(new Set(all.map((moment) => dayKeyAt(moment, zone))).size).toBe(5);
    }
    const [first, second] = midnightsFrom(at('2026-10-25T12:00'), 2, zone);
    expect(second! - first!).toBe(25 * 60);
  });

  test('a moment is written as it was read', () => {
    expect(localTextOf(at('2026-10-06T08:05'), zone)).toBe('2026-10-06T08:05');
  });
});

describe('tasks', () => {
  const named = { pours: [{ name: undefined, role: 'fill' as const }], layers: [3], prepare: [] };
  const several = {
    ...named,
    pours: [
      { name: 'Seal', role: 'seal' as const },
      { name: undefined, role: 'fill' as const },
    ],
    layers: [1, 2],
  };

  test('what is done', () => {
    expect(sayTask(task({}), named)).toBe('Pour layer 2');
    expect(sayTask(task({ pour: 1 }), several)).toBe('Pour fill, layer 2');
    expect(sayTask(task({ pour: 0, layer: 0 }), several)).toBe('Pour seal');
    expect(sayTask(task({ kind: 'ready' }), named)).toBe('Ready');
  });

  test('its window, how long it takes, and a night in the way', () => {
    expect(sayTaskDetail(task({}), clock)).toMatch(/^25\smin · between today 12:40 to 19:00$/);
    expect(sayTaskDetail(task({ tight: true, asleep: true }), clock)).toContain(
      'tight: between today 12:40 to 19:00 · it is hottest while you sleep',
    );
    expect(sayTaskDetail(task({ kind: 'fan-off', hands: 'look', asleep: true }), clock)).toContain(
      'a timer plug',
    );
  });
});

test('what breaks, and what would free it', () => {
  const broken = {
    job: 'lamp',
    task: 'pour-1/layer-2',
    code: 'outside-hours',
    data: { opens: at('2026-10-06T20:30'), closes: at('2026-10-07T01:30') },
    startBefore: undefined,
    startAfter: undefined,
    wouldFree: [],
  } as const;
  expect(sayBreak(broken, clock)).toBe(
    'It can be done today 20:30 to tomorrow 1:30: none of that is in your hours.',
  );
  const latest = { code: 'start-at', data: { at: at('2026-10-06T15:30'), earlier: true } } as const;
  expect(sayFreeing(latest, clock)).toBe('Begin today 15:30 at the latest');
  const scuff = { code: 'scuff', data: { doneAt: at('2026-10-09T14:00') } } as const;
  expect(sayFreeing(scuff, clock)).toBe('Let it cure, scuff, wipe and pour, ready Fri 9 Oct 14:00');
});

test('a calendar in UTC, right across the end of summer time, whose events keep their names', () => {
  const pours = ['2026-10-24T20:00', '2026-10-25T07:00'].map((text, layer) =>
    task({ id: `pour-1/layer-${layer + 1}`, from: at(text), to: at(text) + 30 }),
  );
  const write = () =>
    calendarText(
      pours.map((each) => ({ task: each, title: 'Lamp base: Pour', detail: undefined })),
    );
  const text = write();
  expect(text).toContain('DTSTART:20261024T190000Z');
  expect(text).toContain('DTSTART:20261025T070000Z');
  expect(text).toContain('UID:lamp/pour-1/layer-1@nipperkin');
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(2);
  expect(text.match(/UID:.*/g)).toEqual(write().match(/UID:.*/g));
});

test('the day of a person: hours, a day off, away, and the room of the season', () => {
  const hours = ['8:00-20:00', '8:00-20:00', '', '8:00-20:00', '8:00-20:00', '9:00-12:00', ''];
  expect(sayHoursOn(undefined, now, zone)).toBe('You are in from 8:00 to 20:00');
  const rooms = { winter: undefined, spring: undefined, summer: undefined, autumn: '14 °C' };
  const person = { hours, rooms } as Parameters<typeof sayHoursOn>[0];
  // The sixth of October 2026 is a Tuesday.
  expect(sayHoursOn(person, now, zone)).toBe('Shop 14 °C · you are in from 8:00 to 20:00');
  expect(sayHoursOn(person, now + 24 * 60, zone)).toBe('Shop 14 °C · a day off');
  const away = [{ from: '2026-10-05', to: '2026-10-07', why: undefined }];
  expect(sayHoursOn({ ...person!, away }, now, zone)).toContain('you are away today');
});
