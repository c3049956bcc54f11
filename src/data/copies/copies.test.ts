import * as fc from 'fast-check';
import { memoryStorage } from '../store/keyValueStorage';
import { readWorkshop, workshopFile } from '../workshop/workshopFile';
import type { Kept } from '../workshop/kept';
import { readCopyList, type CopyInfo } from './copyInfo';
import { createCopyStore } from './copyStore';
import { readSaved, unsavedOf } from './nudge';
import { copiesThatStay, isCopyDue } from './rolling';

const hour = 3_600_000;
const day = 24 * hour;
const noon = Date.UTC(2026, 10, 30, 12);
const plenty = 1e9;

const copy = (madeAt: number, more: Partial<CopyInfo> = {}): CopyInfo => ({
  id: `c${madeAt}`,
  madeAt,
  why: 'by-itself',
  records: 1,
  bytes: 1000,
  writes: 1,
  photos: [],
  ...more,
});

test('an hourly copy over two months leaves a few of today, one a day, one a week', () => {
  let copies: readonly CopyInfo[] = [];
  for (let at = noon - 60 * day; at <= noon; at += hour) {
    copies = copiesThatStay([...copies, copy(at)], at, plenty);
  }
  const ages = copies.map(({ madeAt }) => (noon - madeAt) / hour);
  expect(ages.filter((age) => age <= 24).length).toBeGreaterThanOrEqual(7);
  expect(ages.filter((age) => age > 24 && age <= 7 * 24)).toHaveLength(6);
  expect(copies.length).toBeLessThan(28);
  // However far back, what is lost between two of them is at most a week.
  expect(Math.max(...ages)).toBeGreaterThan(50 * 24);
  const gaps = ages.map((age, at) => age - (ages[at - 1] ?? 0));
  expect(Math.max(...gaps)).toBeLessThanOrEqual(8 * 24);
});

test('the latest stay, whatever the clock says, and the oldest go first where there is no room', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 90 * day }), { minLength: 1, maxLength: 40 }),
      fc.integer({ min: 0, max: 90 * day }),
      fc.integer({ min: 0, max: 20_000 }),
      (moments, now, mostBytes) => {
        const all = moments.map((at) => copy(at));
        const stay = copiesThatStay(all, now, mostBytes);
        const newest = Math.max(...moments);
        expect(stay[0]?.madeAt).toBe(newest);
        const bytes = stay.reduce((sum, one) => sum + one.bytes, 0);
        expect(bytes <= mostBytes || stay.length === 1).toBe(true);
        const roomy = copiesThatStay(all, now, plenty);
        expect(stay).toEqual(roomy.slice(0, stay.length));
        expect(copiesThatStay(roomy, now, plenty)).toEqual(roomy);
      },
    ),
  );
});

test('a copy is due an hour after the last one where something was changed since', () => {
  const last = copy(noon, { writes: 7 });
  expect(isCopyDue([], 0, noon)).toBe(false);
  expect(isCopyDue([], 1, noon)).toBe(true);
  expect(isCopyDue([last], 7, noon + day)).toBe(false);
  expect(isCopyDue([last], 8, noon + hour / 2)).toBe(false);
  expect(isCopyDue([last, copy(noon - day)], 8, noon + hour)).toBe(true);
  // The clock was put back.
  expect(isCopyDue([last], 8, noon - day)).toBe(true);
});

const photo = (id: string, picture: string): readonly [string, string] => [
  `photo/${id}`,
  JSON.stringify({ id, revision: 1, picture: `data:image/jpeg;base64,${picture}` }),
];
const pack = async (kept: Kept, madeAt: string): Promise<Uint8Array> => workshopFile(kept, madeAt);

test('a copy is read as it was made; a photo of several copies is kept once, and goes with the last', async () => {
  const kept = new Map<string, string>();
  const copies = createCopyStore(memoryStorage(kept), pack);
  const first: Kept = {
    records: new Map([['mould/a', '{"id":"a","revision":1}'], photo('p', '/9j/4A==')]),
    gone: new Map([['mould/z', { d: 4 }]]),
  };
  const second: Kept = {
    records: new Map([...first.records, ['mould/b', 'torn']]),
    gone: first.gone,
  };
  const at = { why: 'by-hand' as const, writes: 3, mostBytes: plenty };
  const made = await copies.make({ kept: first, now: noon, ...at });
  await copies.make({ kept: second, now: noon + hour, ...at });
  expect([...kept.keys()].filter((key) => key.startsWith('photo/'))).toHaveLength(1);
  const { archive, photos } = await copies.read(made.id);
  const read = readWorkshop(archive);
  expect(new Map([...read.records, ...photos])).toEqual(first.records);
  expect(read.gone).toEqual(first.gone);
  const list = await copies.list();
  expect(list.map(({ records, bytes }) => [records, bytes > 200])).toEqual([
    [3, true],
    [2, true],
  ]);
  // Where there is no room the older one goes, and with the last of its copies the photo.
  const bare: Kept = {
    records: new Map([['mould/a', '{"id":"a","revision":2}']]),
    gone: new Map(),
  };
  await copies.make({ ...at, kept: bare, now: noon + 2 * hour, mostBytes: 10 });
  expect(await copies.list()).toHaveLength(1);
  expect([...kept.keys()].filter((key) => key.startsWith('photo/'))).toHaveLength(0);
  await expect(copies.read(made.id)).rejects.toMatchObject({ code: 'copy-gone' });
});

test.each([[null], ['torn'], ['{}'], ['[{"id":"../x"}]']])(
  'a list that says %s is empty',
  (text) => {
    expect(readCopyList(text)).toEqual([]);
  },
);

test('a file is asked for after two hundred changes or a fortnight, and not again for three days', () => {
  const never = readSaved(null);
  expect(unsavedOf(never, 199, noon)).toEqual({ changes: 199, days: undefined, isDue: false });
  expect(unsavedOf(never, 200, noon).isDue).toBe(true);
  const saved = readSaved(JSON.stringify({ at: noon - 14 * day, writes: 100 }));
  expect(unsavedOf(saved, 101, noon)).toEqual({ changes: 1, days: 14, isDue: true });
  expect(unsavedOf(saved, 100, noon).isDue).toBe(false);
  expect(unsavedOf(saved, 101, noon - day).isDue).toBe(false);
  const putOff = { ...saved, putOffAt: noon };
  expect(unsavedOf(putOff, 500, noon + 2 * day).isDue).toBe(false);
  expect(unsavedOf(putOff, 500, noon + 3 * day).isDue).toBe(true);
  expect(readSaved('{"writes":-1}')).toEqual({ writes: 0 });
});
