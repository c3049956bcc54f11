import * as fc from 'fast-check';
import { demoJobs } from './demo/demoJobs';
import type { JobDraft } from './draft/jobDraft';
import { jobListing } from './listing';
import { jobEntryOf, jobIndex } from './records/jobEntry';
import type { JobRecord } from './records/jobRecord';
import { nextVersion } from './records/stored';
import { jobCollection, jobRecordOf } from './repositories';
import type { Write } from './store/changes';
import { entriesIn, isIndexKey } from './store/recordIndex';
import type { RecordStore } from './store/recordStore';
import { twoTabs } from './store/twoTabs';
import { runs } from '../testing/campaign';

const { id: _, ...job } = demoJobs[0] as (typeof demoJobs)[number];
const made = jobRecordOf(job as unknown as JobDraft);

/** A job of that name and age. */
const jobCalled = (name: string, minute = 0): JobRecord => ({
  ...made,
  id: `id-${name}`,
  updatedAt: new Date(Date.UTC(2026, 10, 1, 0, minute)).toISOString(),
  draft: { ...made.draft, name },
});

const namesOf = async (store: RecordStore): Promise<readonly string[]> =>
  (await jobListing.read(store)).records.map(({ name }) => name);

/** Waits until the list that is kept has so many entries. */
async function mended(kept: ReadonlyMap<string, string>, count: number): Promise<void> {
  const entries = (): number =>
    [...kept].reduce(
      (sum, [key, text]) => (isIndexKey(key) ? sum + entriesIn(jobIndex, text).size : sum),
      0,
    );
  for (let turn = 0; entries() !== count && turn < 500; turn += 1) {
    await new Promise((resolve) => setTimeout(resolve, 1));
  }
  expect(entries()).toBe(count);
}

test('jobs are listed without being read, the one changed last on top', async () => {
  const { first, second, kept, device } = twoTabs();
  const jobs = ['a', 'b', 'c'].map((name, at) => jobCalled(name, at));
  await first.commit(jobs.map(jobCollection.creation));
  expect(device.transactions).toBe(1);
  expect(await namesOf(second)).toEqual(['c', 'b', 'a']);
  // What stands under its key is not looked at.
  kept.set('job/id-b', 'torn');
  expect(await namesOf(second)).toEqual(['c', 'b', 'a']);
  // The whole of what is kept does not hold the list.
  expect([...(await first.read('')).keys()].every((key) => key.startsWith('job/'))).toBe(true);
  expect(await first.keys('')).toHaveLength(3);
});

test('reads that begin together ask for the keys once, and each later one anew', async () => {
  const { first, second, device } = twoTabs();
  await Promise.all([namesOf(first), first.read('mould/'), first.keys('')]);
  expect(device.keysAsked).toBe(1);
  await second.commit([jobCollection.creation(jobCalled('a'))]);
  expect(await namesOf(first)).toEqual(['a']);
  expect(device.keysAsked).toBe(2);
});

test('a list that lacks a job, or has one that is gone, is mended by the records', async () => {
  const { first, second, kept } = twoTabs();
  await first.commit(['a', 'b'].map((name, at) => jobCollection.creation(jobCalled(name, at))));
  // An older version writes and deletes without the list.
  kept.set('job/id-c', JSON.stringify(jobCalled('c', 2)));
  kept.delete('job/id-a');
  expect(await namesOf(second)).toEqual(['c', 'b']);
  await mended(kept, 2);
  kept.set('job/id-c', 'torn');
  expect(await namesOf(first)).toEqual(['c', 'b']);
});

test('a list that is damaged, or of another version, is made anew', async () => {
  const { first, kept } = twoTabs();
  const names = Array.from({ length: 30 }, (_each, at) => `job ${at}`);
  await first.commit(names.map((name) => jobCollection.creation(jobCalled(name))));
  const wrong = ['', 'torn', 'null', '{"version":99,"entries":[]}', '{"version":1,"entries":7}'];
  const odd = JSON.stringify({ version: 1, entries: [null, ['job/x'], ['job/x', { id: 1 }]] });
  [...kept.keys()].filter(isIndexKey).forEach((key, at) => {
    kept.set(key, [...wrong, odd][at % 6]!);
  });
  expect((await namesOf(first)).toSorted()).toEqual(names.toSorted());
  await mended(kept, 30);
});

test('a job that cannot be read at first sight is told, and its text with it', async () => {
  const { first, kept } = twoTabs();
  await first.commit([jobCollection.creation(jobCalled('a'))]);
  const texts = {
    'job/torn': '{"id":"to',
    'job/newer': JSON.stringify({ ...jobCalled('newer'), id: 'newer', schema: 99 }),
    'job/moved': JSON.stringify(jobCalled('a')),
  };
  for (const [key, text] of Object.entries(texts)) kept.set(key, text);
  const { records, unreadable } = await jobListing.read(first);
  expect(records.map(({ name }) => name)).toEqual(['a']);
  expect(Object.fromEntries(unreadable.map(({ key, text }) => [key, text]))).toEqual(texts);
});

test('what the device refused is listed as it was typed', async () => {
  const { first, second, device } = twoTabs();
  const [a, b] = [jobCalled('a', 0), jobCalled('b', 1)];
  await first.commit([a, b].map(jobCollection.creation));
  device.refuses = true;
  const renamed = { ...a, ...nextVersion(a), draft: { ...a.draft, name: 'a, renamed' } };
  await first.commit([jobCollection.change(renamed, a)]);
  await first.commit([jobCollection.removal(b)]);
  await first.commit([jobCollection.creation(jobCalled('c', 2))]);
  expect(await namesOf(first)).toEqual(['c', 'a, renamed']);
  expect(await namesOf(second)).toEqual(['b', 'a']);
  device.refuses = false;
});

test('an entry that does not say what its record says is made anew', async () => {
  const { first, second, kept } = twoTabs();
  const a = jobCalled('a');
  await first.commit([jobCollection.creation(a)]);
  const theirs = {
    ...a,
    ...nextVersion(a),
    draft: { ...a.draft, name: 'written by an older one' },
  };
  kept.set('job/id-a', JSON.stringify(theirs));
  await second.reindex(jobIndex, ['job/id-a', 'job/never-was']);
  expect(await namesOf(first)).toEqual(['written by an older one']);
});

test('whatever two windows write, the list says what the records say', async () => {
  const names = ['a', 'b', 'c', 'd'];
  const step = fc.record({
    tab: fc.constantFrom('first' as const, 'second' as const),
    name: fc.constantFrom(...names),
    what: fc.constantFrom('put', 'remove'),
    minute: fc.nat(1000),
  });
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 20 }), async (steps) => {
      const { kept, ...tabs } = twoTabs();
      let shown = await jobListing.read(tabs.first);
      for (const { tab, name, what, minute } of steps) {
        const there = kept.get(`job/id-${name}`) || undefined;
        const before = there === undefined ? undefined : (JSON.parse(there) as JobRecord);
        if (before === undefined && what === 'remove') continue;
        const next = { ...jobCalled(name, minute), ...nextVersion(before) };
        const write: Write =
          before === undefined
            ? jobCollection.creation(next)
            : what === 'remove'
              ? jobCollection.removal(before)
              : jobCollection.change(next, before);
        shown = jobListing.after(shown, await tabs[tab].commit([write]));
      }
      const whole = jobCollection.readAll(await tabs.first.read('job/')).records;
      const entries = whole.map(jobEntryOf);
      expect((await jobListing.read(tabs.second)).records).toEqual(expect.arrayContaining(entries));
      expect((await jobListing.read(tabs.second)).records).toHaveLength(entries.length);
      expect(shown.records).toEqual(expect.arrayContaining(entries));
      expect(shown.records).toHaveLength(entries.length);
    }),
    { numRuns: runs(40, 400) },
  );
});
