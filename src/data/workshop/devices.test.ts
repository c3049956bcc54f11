import * as fc from 'fast-check';
import { demoWrites } from '../demo/demoChanges';
import type { JobRecord } from '../records/jobRecord';
import { nextVersion } from '../records/stored';
import { jobRecordOf } from '../repositories';
import { contentOf, isRecord } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import { twoTabs } from '../store/twoTabs';
import { standingsOf, type Standing } from './comparison';
import type { Kept } from './kept';
import { keptIn } from './keptIn';
import { mergingWrites, type Choice } from './taking';
import { runs } from '../../testing/campaign';

const keys = ['mould/a', 'mould/b'];
const nothingChosen = { ofConflicts: new Map<string, Choice>(), bringBack: false };

/** A record says in plain words which changes have led to it: what its vector must tell without them. */
const changesIn = (text: string | undefined): ReadonlySet<string> =>
  new Set(text === undefined ? [] : (JSON.parse(text) as { changes: string[] }).changes);

async function change(store: RecordStore, key: string, name: string): Promise<void> {
  const text = (await store.read('')).get(key);
  const before = text === undefined ? null : contentOf(key, text);
  const record = {
    id: key.slice(key.indexOf('/') + 1),
    schema: 1,
    ...nextVersion(isRecord(before) ? before : null),
    changes: [...changesIn(text), name],
  };
  await store.commit([{ key, record, replaces: before }]);
}

/** How it stands by the changes themselves, of records that are in both. */
function trueStanding(theirs: string, ours: string): Standing {
  const a = changesIn(theirs);
  const b = changesIn(ours);
  const within = (one: ReadonlySet<string>, other: ReadonlySet<string>): boolean =>
    [...one].every((each) => other.has(each));
  if (within(a, b) && within(b, a)) return 'same';
  return within(b, a) ? 'newer' : within(a, b) ? 'older' : 'conflict';
}

async function merge(
  store: RecordStore,
  file: Kept,
  choices = nothingChosen,
): Promise<ReadonlyMap<string, Standing>> {
  const here = await keptIn(store);
  const standings = standingsOf(file, here);
  await store.commit(mergingWrites(standings, file, here, choices));
  return standings;
}

const step = fc.oneof(
  { weight: 3, arbitrary: fc.record({ does: fc.constant('change' as const), key: fc.nat(1) }) },
  { weight: 2, arbitrary: fc.record({ does: fc.constant('save' as const), key: fc.nat(1) }) },
  { weight: 3, arbitrary: fc.record({ does: fc.constant('merge' as const), key: fc.nat(20) }) },
);
const work = fc.array(fc.tuple(fc.nat(2), step), { maxLength: 30 });

test('whatever three devices change, save and merge, in whatever order, a file is told as it is', async () => {
  await fc.assert(
    fc.asyncProperty(work, async (steps) => {
      const devices = [twoTabs().first, twoTabs().first, twoTabs().first];
      const files: Kept[] = [];
      let count = 0;
      for (const [at, { does, key }] of steps) {
        const device = devices[at]!;
        if (does === 'change') await change(device, keys[key]!, `change ${(count += 1)}`);
        else if (does === 'save') files.push(await keptIn(device));
        else if (files.length > 0) {
          const file = files[key % files.length]!;
          const here = await device.read('');
          const standings = await merge(device, file);
          for (const [each, theirs] of file.records) {
            const ours = here.get(each);
            const truth = ours === undefined ? 'new' : trueStanding(theirs, ours);
            expect([each, standings.get(each)]).toEqual([each, truth]);
          }
        }
      }
    }),
    { numRuns: runs(100, 2000) },
  );
});

test('devices that take of each other what the other has come to the same, conflicts chosen once', async () => {
  await fc.assert(
    fc.asyncProperty(
      work,
      fc.constantFrom<Choice>('keep-here', 'take-theirs'),
      async (steps, choice) => {
        const [one, other] = [twoTabs().first, twoTabs().first];
        let count = 0;
        for (const [at, { does, key }] of steps) {
          const device = at === 0 ? one : other;
          if (does === 'change') await change(device, keys[key]!, `change ${(count += 1)}`);
          else await merge(device, await keptIn(device === one ? other : one));
        }
        const ofConflicts = new Map(keys.map((key) => [key, choice]));
        await merge(one, await keptIn(other), { ofConflicts, bringBack: false });
        const asked = [...(await merge(other, await keptIn(one))).values()];
        expect(asked).not.toContain('conflict');
        expect(await other.read('')).toEqual(await one.read(''));
      },
    ),
    { numRuns: runs(100, 2000) },
  );
});

const remove = async (store: RecordStore, key: string): Promise<void> => {
  const text = (await store.read('')).get(key)!;
  await store.commit([{ key, record: null, replaces: contentOf(key, text) }]);
};
const standingOfA = async (file: Kept, store: RecordStore): Promise<Standing | undefined> =>
  standingsOf(file, await keptIn(store)).get('mould/a');

test('what was deleted does not come back with an older file, and is deleted elsewhere too', async () => {
  const [one, other] = [twoTabs().first, twoTabs().first];
  await change(one, 'mould/a', 'made');
  const before = await keptIn(one);
  await merge(other, before);
  await remove(one, 'mould/a');
  expect(await standingOfA(before, one)).toBe('deleted-here');
  await merge(one, before);
  expect((await one.read('')).size).toBe(0);
  const after = await keptIn(one);
  expect(await standingOfA(after, other)).toBe('deleted-there');
  await merge(other, after);
  expect((await other.read('')).size).toBe(0);
  // Asked for, it comes back, and is newer than its deletion everywhere.
  await merge(one, before, { ofConflicts: new Map(), bringBack: true });
  expect((await one.read('')).has('mould/a')).toBe(true);
  expect(await standingOfA(await keptIn(one), other)).toBe('new');
  expect(await standingOfA(after, one)).toBe('older');
});

test('what was changed after it was deleted elsewhere is a conflict, and stays', async () => {
  const [one, other] = [twoTabs().first, twoTabs().first];
  await change(one, 'mould/a', 'made');
  await merge(other, await keptIn(one));
  await remove(one, 'mould/a');
  await change(other, 'mould/a', 'changed');
  expect(await standingOfA(await keptIn(one), other)).toBe('conflict');
  expect(await standingOfA(await keptIn(other), one)).toBe('conflict');
  await merge(other, await keptIn(one));
  expect((await other.read('')).has('mould/a')).toBe(true);
});

test('records of earlier times, that say only how often they were written, are never taken for newer by that', async () => {
  const old = (revision: number, stamp: string, changes: string[]): string =>
    JSON.stringify({ id: 'a', schema: 1, revision, stamp, changes });
  const { first, kept } = twoTabs();
  kept.set('mould/a', old(3, 'x', ['ours']));
  const file = (text: string): Kept => ({ records: new Map([['mould/a', text]]), gone: new Map() });
  expect(await standingOfA(file(old(9, 'y', ['theirs'])), first)).toBe('conflict');
  expect(await standingOfA(file(old(3, 'x', ['ours'])), first)).toBe('same');
  // What grows out of it here is known to have.
  await change(first, 'mould/a', 'more');
  expect(await standingOfA(file(old(3, 'x', ['ours'])), first)).toBe('older');
  expect(await standingOfA(file(old(2, 'w', ['earlier'])), first)).toBe('conflict');
});

test.each([
  ['Theirs', 'Theirs (from the file)'],
  // A cut through the middle of a sign would leave half of one, which no reader takes.
  [`xy${'🪵'.repeat(39)}`, `xy${'🪵'.repeat(31)} (from the file)`],
])(
  'both of a job are kept: %.20s of the file as a job of its own, planned under its own name',
  async (theirs, beside) => {
    const [one, other] = [twoTabs().first, twoTabs().first];
    const key = 'job/demo-drawer-tray';
    const [write] = (await demoWrites()).filter((each) => each.key === key);
    const named = async (store: RecordStore, name: string): Promise<void> => {
      const before = contentOf(key, (await store.read('')).get(key)!) as JobRecord;
      const record = { ...jobRecordOf({ ...before.draft, name }, before), id: before.id };
      await store.commit([{ key, record, replaces: before }]);
    };
    for (const [store, name] of [
      [one, 'Mine'],
      [other, theirs],
    ] as const) {
      await store.commit([write!]);
      await named(store, name);
    }
    const ofConflicts = new Map([[key, 'keep-both' as const]]);
    await merge(one, await keptIn(other), { ofConflicts, bringBack: false });
    const jobs = [...(await one.read('job/')).values()].map(
      (text) => JSON.parse(text) as JobRecord,
    );
    expect(jobs.map(({ draft, lastGood }) => [draft.name, lastGood?.name]).sort()).toEqual([
      ['Mine', 'Mine'],
      [beside, beside],
    ]);
    expect(new Set(jobs.map(({ id }) => id)).size).toBe(2);
    expect(standingsOf(await keptIn(other), await keptIn(one)).get(key)).toBe('older');
  },
);
