import * as fc from 'fast-check';
import {
  sayAge,
  sayCopy,
  sayKind,
  sayStandings,
  sayTaking,
  sayUnsaved,
  sayWays,
  standingsTold,
} from './workshop';

const minute = 60_000;
const hour = 60 * minute;

test('what a file would do is said in the order of what matters, and nothing of what there is none of', () => {
  expect(
    sayStandings(
      new Map([
        ['same', 24],
        ['newer', 1],
        ['new', 3],
        ['conflict', 0],
      ]),
    ),
  ).toBe('3 new here, 1 newer than here and 24 the same as here');
  expect(sayStandings(new Map())).toBe('');
  expect(sayKind('jobs')).toBe('Jobs');
  expect(sayKind(undefined)).toBe('What goes with them');
});

test('every way to stand is told by its own words, with its count', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...standingsTold), { minLength: 1 }),
      fc.integer({ min: 1, max: 900 }),
      (told, count) => {
        const said = sayStandings(new Map(told.map((standing, at) => [standing, count + at])));
        for (const at of told.keys()) expect(said).toContain(`${count + at} `);
        const whole = standingsTold.map((standing) => sayStandings(new Map([[standing, 1]])));
        expect(new Set(whole).size).toBe(standingsTold.length);
      },
    ),
  );
});

test.each([
  [0, 0, 'Keep mine'],
  [1, 0, 'Take 1 record'],
  [4, 0, 'Take 4 records'],
  [0, 1, 'Delete 1 record'],
  [0, 12, 'Delete 12 records'],
  [2, 3, 'Take 2 records, delete 3'],
])('%d taken and %d gone: %s', (taken, removed, words) => {
  expect(sayTaking(taken, removed)).toBe(words);
});

test('where nothing can be merged it is not offered in words either', () => {
  expect(sayWays(true)).toMatch(/^Merging takes .* Either is undone as a whole\.$/);
  expect(sayWays(false)).toMatch(/^Nothing in it is new or newer: .* It is undone as a whole\.$/);
});

test.each([
  [-hour, 'just now'],
  [minute, 'just now'],
  [2 * minute, '2 minutes ago'],
  [89 * minute, '89 minutes ago'],
  [90 * minute, '2 hours ago'],
  [35 * hour, '35 hours ago'],
  [36 * hour, '2 days ago'],
  [12 * 24 * hour, '12 days ago'],
])('%d ms: %s', (ms, words) => {
  expect(sayAge(ms)).toBe(words);
});

test('an age never grows smaller, and is never said of one', () => {
  const asMinutes = (said: string): number => {
    const [, count, unit] = /^(\d+) (minutes|hours|days) ago$/.exec(said) ?? [];
    if (unit === undefined) return 0;
    return Number(count) * { minutes: 1, hours: 60, days: 1440 }[unit as 'minutes'];
  };
  fc.assert(
    fc.property(fc.nat({ max: 90 * 24 * 60 }), (minutes) => {
      const said = sayAge(minutes * minute);
      expect(said).not.toMatch(/^1 /);
      expect(asMinutes(sayAge((minutes + 1) * minute))).toBeGreaterThanOrEqual(asMinutes(said));
      // To a third of it, as rounding to whole hours and days comes to at the worst.
      expect(Math.abs(asMinutes(said) - minutes)).toBeLessThanOrEqual(Math.max(2, minutes / 3));
    }),
  );
});

test.each([
  [0, undefined, ''],
  [0, 3, 'Everything is in the last file.'],
  [1, undefined, 'Nothing of this was saved as a file yet: 1 change.'],
  [140, 0, '140 changes since the last file, less than a day ago.'],
  [1, 1, '1 change since the last file, 1 day ago.'],
  [140, 12, '140 changes since the last file, 12 days ago.'],
])('%d changes, %s days: %s', (changes, days, words) => {
  expect(sayUnsaved(changes, days)).toBe(words);
});

test.each([
  [412, 1_240_000, 'before-file', '412 records, 1.2\u00a0MB, before a file was opened'],
  [1, 2_300, 'by-itself', '1 record, 2\u00a0kB'],
  [9, 640_000, 'by-hand', '9 records, 640\u00a0kB, made by hand'],
  [9, 12_000_000, 'before-start-over', '9 records, 12\u00a0MB, before starting over'],
] as const)('%d records of %d bytes, %s', (records, bytes, why, words) => {
  expect(sayCopy(records, bytes, why)).toBe(words);
});
