import * as fc from 'fast-check';
import { zipSync, unzipSync } from 'fflate';
import { demoWrites } from '../demo/demoChanges';
import { nextVersion } from '../records/stored';
import { contentOf, isRecord } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import { twoTabs } from '../store/twoTabs';
import { undoing } from '../store/undoing';
import { standingsOf } from './comparison';
import { everythingJson, readEverythingJson } from './everythingJson';
import { heldAgainst } from './heldAgainst';
import type { Kept } from './kept';
import { keptIn } from './keptIn';
import { mergingWrites, replacingWrites } from './taking';
import { readWorkshop, workshopFile } from './workshopFile';
import { runs } from '../../testing/campaign';

const madeAt = '2026-11-30T08:15:00.000Z';
const nothingChosen = { ofConflicts: new Map(), bringBack: false };

const plain = fc.record({
  id: fc.string({ minLength: 1, maxLength: 8 }).filter((id) => !/[/\n]/.test(id)),
  revision: fc.integer({ min: 1, max: 9 }),
  stamp: fc.option(fc.string({ maxLength: 4 }), { nil: undefined }),
  more: fc.jsonValue(),
});
/** A stored text: a record as one is written, or anything at all. */
const entry = fc.oneof(
  plain.map(
    ({ id, ...rest }) => [`job/${id}`, JSON.stringify({ id, schema: 4, ...rest })] as const,
  ),
  fc.tuple(
    fc.constantFrom('mould/a', 'mould/b', 'resin/a', 'aside/a', 'unheard-of/a', 'photo/a'),
    fc.oneof(
      fc.string({ minLength: 1, unit: 'binary' }),
      fc.constantFrom(
        'null',
        '[]',
        '{"constructor":1}',
        '{"__proto__":{}}',
        ' {}',
        '{"id":"b"}',
        '\ud800',
        '{"id":"a","revision":1,"picture":"data:image/jpeg;base64,/9j/4A==","widthPx":3}',
        '{"id":"a","revision":1,"picture":"data:image/jpeg;base64,/9j/4B==","widthPx":3}',
        '{"picture":"data:image/png;base64,","id":"a","revision":1}',
      ),
      fc.json().filter((text) => text !== ''),
    ),
  ),
);
const storeOf = fc
  .array(entry, { maxLength: 8 })
  .map((entries) => new Map<string, string>(entries));

function tabWith(texts: ReadonlyMap<string, string>): RecordStore {
  const { first, kept } = twoTabs();
  for (const [key, text] of texts) kept.set(key, text);
  return first;
}
const sorted = (all: Iterable<readonly [string, unknown]>): object =>
  Object.fromEntries([...all].sort(([a], [b]) => (a < b ? -1 : 1)));
const texts = async (store: RecordStore): Promise<object> => sorted(await store.read(''));

const formats: readonly (readonly [string, (kept: Kept) => Kept])[] = [
  ['an archive', (kept) => readWorkshop(workshopFile(kept, madeAt))],
  ['JSON', (kept) => readEverythingJson(everythingJson(kept))],
];

test.each(formats)(
  'what goes out as %s comes into an empty store as it was, to the letter, unreadable records included',
  async (_, throughFile) => {
    await fc.assert(
      fc.asyncProperty(storeOf, async (there) => {
        const from = tabWith(there);
        const file = throughFile(await keptIn(from));
        const to = tabWith(new Map());
        const here = await keptIn(to);
        await to.commit(mergingWrites(standingsOf(file, here), file, here, nothingChosen));
        expect(await texts(to)).toEqual(await texts(from));
      }),
      { numRuns: runs(75, 1000) },
    );
  },
);

const unversioned = (all: object): object =>
  Object.fromEntries(
    Object.entries(all).map(([key, text]) => {
      try {
        const record: unknown = JSON.parse(text as string);
        if (typeof record !== 'object' || record === null || !('revision' in record)) {
          return [key, text];
        }
        const { revision: _, stamp: __, vector: ___, ...rest } = record as Record<string, unknown>;
        return [key, rest];
      } catch {
        return [key, text];
      }
    }),
  );

test('replacing makes a store what the file says, merging takes nothing away, and both are undone whole', async () => {
  await fc.assert(
    fc.asyncProperty(storeOf, storeOf, async (there, own) => {
      const file = readWorkshop(workshopFile(await keptIn(tabWith(there)), madeAt));
      for (const isReplacing of [false, true]) {
        const store = tabWith(own);
        const before = await texts(store);
        const here = await keptIn(store);
        const standings = standingsOf(file, here);
        const writes = isReplacing
          ? replacingWrites(standings, file, here)
          : mergingWrites(standings, file, here, nothingChosen);
        await store.commit(writes);
        const after = await texts(store);
        if (isReplacing) expect(unversioned(after)).toEqual(unversioned(sorted(file.records)));
        else expect(Object.keys(after)).toEqual(expect.arrayContaining(Object.keys(before)));
        await store.commit(undoing(writes));
        expect(unversioned(await texts(store))).toEqual(unversioned(before));
      }
    }),
    { numRuns: runs(75, 1000) },
  );
});

test('the demo goes out and comes in again: everything is the same as here, and all of it can be read', async () => {
  const { first } = twoTabs();
  await first.commit(await demoWrites());
  const here = await keptIn(first);
  const bytes = workshopFile(here, madeAt);
  const file = readWorkshop(bytes);
  const { standings, unreadable, names } = heldAgainst(file, madeAt, here);
  expect(new Set(standings.values())).toEqual(new Set(['same']));
  expect(unreadable).toEqual([]);
  expect(names.size).toBe(0);
  const empty = heldAgainst(file, madeAt, { records: new Map(), gone: new Map() });
  expect(new Set(empty.standings.values())).toEqual(new Set(['new']));
  expect(empty.unreadable).toEqual([]);
  expect([...empty.names.values()]).toContain('Drawer tray');
  // The photos stand in it as pictures that any program opens.
  const photos = Object.entries(unzipSync(bytes)).filter(([name]) => name.startsWith('photos/'));
  expect(photos.length).toBeGreaterThan(0);
  expect([...photos[0]![1].slice(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
});

test('the demo of another device, begun on another day, is the same until somebody changes it', async () => {
  const { first: laptop } = twoTabs();
  const { first: phone } = twoTabs();
  await laptop.commit(await demoWrites());
  const later = jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 3 * 24 * 60 * 60 * 1000);
  await phone.commit(await demoWrites());
  later.mockRestore();
  const here = await keptIn(phone);
  const standings = standingsOf(await keptIn(laptop), here);
  expect(new Set(standings.values())).toEqual(new Set(['same']));
  const key = 'mould/demo-cleat-mould';
  const before = contentOf(key, here.records.get(key)!);
  if (!isRecord(before)) throw new Error('no record');
  const record = { ...before, ...nextVersion(before) };
  await phone.commit([{ key, record, replaces: before }]);
  expect(standingsOf(await keptIn(laptop), await keptIn(phone)).get(key)).toBe('older');
  expect(standingsOf(await keptIn(phone), await keptIn(laptop)).get(key)).toBe('newer');
});

const kept: Kept = {
  records: new Map([
    ['job/a', '{"id":"a","schema":4,"revision":1,"stamp":"x"}'],
    ['mould/m', 'torn'],
  ]),
  gone: new Map([['job/b', { d: 3 }]]),
};
const parts = (): Record<string, Uint8Array> => unzipSync(workshopFile(kept, madeAt));
const text = (bytes: Uint8Array): string => new TextDecoder().decode(bytes);
const bytes = (words: string): Uint8Array => new TextEncoder().encode(words);

/** An archive that says of its last file that it unpacks to so much. */
function promising(all: Record<string, Uint8Array>, unpackedBytes: number): Uint8Array {
  const archive = zipSync(all);
  const head = Buffer.from(archive.buffer).lastIndexOf('PK\u0001\u0002', undefined, 'latin1');
  new DataView(archive.buffer).setUint32(head + 24, unpackedBytes, true);
  return archive;
}

/** An archive in which a name stands that no honest program writes. */
const renamed = (from: string, to: string): Uint8Array => {
  const archive = Buffer.from(zipSync({ [from]: bytes('x') })).toString('latin1');
  return new Uint8Array(Buffer.from(archive.replaceAll(from, to), 'latin1'));
};

test('what was deleted goes along, and one bit that is not as it was is told', () => {
  expect(readWorkshop(workshopFile(kept, madeAt))).toEqual({ ...kept, madeAt });
  for (const path of ['records/job-1.json', 'records/mould-1.json', 'gone.json']) {
    const all = parts();
    all[path]![3]! ^= 1;
    expect(() => readWorkshop(zipSync(all))).toThrow(
      expect.objectContaining({ code: 'workshop-broken', data: { part: path } }),
    );
  }
});

test.each<[string, (all: Record<string, Uint8Array>) => Uint8Array, string]>([
  ['no archive', () => bytes('nothing'), 'not-zip'],
  ['an archive of something else', () => zipSync({ 'a.txt': bytes('a') }), 'workshop-foreign'],
  ['no list', ({ 'workshop.json': _, ...rest }) => zipSync(rest), 'workshop-foreign'],
  ['a part that is missing', ({ 'gone.json': _, ...rest }) => zipSync(rest), 'workshop-broken'],
  [
    'a path that leads elsewhere',
    (all) => zipSync({ ...all, '../../etc/passwd': bytes('x') }),
    'workshop-foreign',
  ],
  [
    'a path that is not listed',
    (all) => zipSync({ ...all, 'records/job-7.json': bytes('[]') }),
    'workshop-foreign',
  ],
  ['a reserved name', () => renamed('aaaaaaaaa', '__proto__'), 'workshop-foreign'],
  [
    'a newer version',
    (all) =>
      zipSync({
        ...all,
        'workshop.json': bytes(text(all['workshop.json']!).replace('"version": 1', '"version": 2')),
      }),
    'workshop-newer',
  ],
  [
    'a list that lists elsewhere',
    (all) =>
      zipSync({
        ...all,
        'workshop.json': bytes(text(all['workshop.json']!).replace('gone.json', '../gone.json')),
      }),
    'wrong-type',
  ],
  ['a bomb', (all) => promising(all, 801e6), 'zip-too-large'],
  [
    'a bomb that promises little',
    (all) => promising({ ...all, 'gone.json': new Uint8Array(5e6) }, 10),
    'workshop-broken',
  ],
])('%s is refused', (_, made, code) => {
  expect(() => readWorkshop(made(parts()))).toThrow(expect.objectContaining({ code }));
});

test.each([
  ['', 'not-json'],
  ['{}', 'missing'],
  ['{"format":"nipperkin-job","version":1,"records":[]}', 'not-a-choice'],
  ['{"format":"nipperkin-data","version":2,"records":[]}', 'wrong-type'],
  ['{"format":"nipperkin-data","version":1,"records":[{"key":"x"}]}', 'wrong-type'],
  ['{"format":"nipperkin-data","version":1,"records":[{"key":"#device","text":""}]}', 'wrong-type'],
])('%s is refused', (words, code) => {
  expect(() => readEverythingJson(words)).toThrow(expect.objectContaining({ code }));
});
