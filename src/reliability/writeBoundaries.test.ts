import type { Write } from '../data/store/changes';
import { journalText, readJournal, type Journal } from '../data/store/journal';
import { memoryStorage } from '../data/store/keyValueStorage';
import { jobIndex, type JobEntry } from '../data/records/jobEntry';
import { entriesIn, isIndexKey } from '../data/store/recordIndex';
import { ofKinds } from '../data/store/ofKinds';
import { createRecordStore, type RecordStore } from '../data/store/recordStore';
import type { StoredRecord } from '../data/store/versions';
import { chance, report, runs } from '../testing/campaign';

const never = new Promise<never>(() => undefined);

/** One page over a device: from the n-th call of the storage on it is dead and nothing answers it any more. */
function page(kept: Map<string, string>, closing: Map<string, string>, name: string, dies: number) {
  const device = memoryStorage(kept);
  let calls = 0;
  const alive =
    <A extends readonly unknown[], T>(work: (...asked: A) => Promise<T>) =>
    async (...asked: A): Promise<T> => {
      calls += 1;
      if (calls > dies) return never;
      const answer = await work(...asked);
      // Killed right after the device has done it: the page never hears.
      return calls === dies ? never : answer;
    };
  const journal: Journal = {
    write(groups) {
      closing.set(name, journalText(groups));
      return true;
    },
    clear: () => void closing.delete(name),
    async recover(settle) {
      for (const [other, text] of closing) {
        if (other === name) continue;
        await settle(readJournal(text));
        closing.delete(other);
      }
    },
  };
  const store = createRecordStore({
    storage: {
      getAllKeys: alive(device.getAllKeys),
      getMany: alive(device.getMany),
      setMany: alive(device.setMany),
      removeMany: alive(device.removeMany),
    },
    exclusively: (work) => work(),
    channel: { post: () => undefined, listen: () => () => undefined },
    journal,
    ...ofKinds,
    retryAfterMs: [1e6],
  });
  return store;
}

const soon = (): Promise<'late'> => new Promise((resolve) => setTimeout(() => resolve('late'), 2));

/** A job, as far as a list looks at it. */
const recordOf = (id: string, revision: number) => ({
  id,
  schema: 1,
  revision,
  stamp: `${id}${revision}`,
  updatedAt: '2026-11-28',
  draft: { name: `${id} ${revision}` },
  lastGood: null,
});

/** Edits three records, two at a time, until the page dies; gives what was confirmed, and what was under way. */
async function edit(store: RecordStore, draw: ReturnType<typeof chance>) {
  const confirmed = new Map<string, StoredRecord>();
  for (let step = 0; ; step += 1) {
    const ids = draw.next() < 0.5 ? ['a', 'b'] : [draw.oneOf(['a', 'b', 'c'])];
    const writes = ids.map((id): Write => {
      const before = confirmed.get(id) ?? null;
      const record = recordOf(id, (before?.revision ?? 0) + 1);
      return { key: `job/${id}`, record, replaces: before };
    });
    const outcome = await Promise.race([store.commit(writes).then(() => 'done' as const), soon()]);
    if (outcome === 'late') return { confirmed, underway: writes };
    for (const { record } of writes)
      confirmed.set((record as StoredRecord).id, record as StoredRecord);
    if (step > 60) throw new Error('the page never dies');
  }
}

test('a page that is killed at any moment loses nothing that was confirmed, and leaves nothing half done', async () => {
  const count = runs(80, 1000);
  let lost = 0;
  let locked = 0;
  for (let run = 0; run < count; run += 1) {
    const draw = chance(run);
    const kept = new Map<string, string>();
    const closing = new Map<string, string>();
    const first = page(kept, closing, 'first', 1 + (run % 40));
    const { confirmed, underway } = await edit(first, draw);
    // Closed, it had the moment to flush; killed, it had none.
    const flushed = draw.next() < 0.5 && first.flush();
    const second = page(kept, closing, 'second', Infinity);
    const after = await second.read('job/');
    // The list was written with its records or not at all: nobody has to make it anew.
    const entries = [...kept.entries()].flatMap(([at, text]) =>
      isIndexKey(at) ? [...entriesIn(jobIndex, text)] : [],
    );
    const listed = new Map(entries.map(([at, entry]) => [at, (entry as JobEntry).name]));
    for (const [at, text] of after) {
      const { draft } = JSON.parse(text) as { draft: { name: string } };
      if (listed.get(at) !== draft.name) lost += 1;
    }
    if (listed.size !== after.size) lost += 1;
    const revisionOf = (key: string): number => {
      const text = after.get(key);
      return text === undefined ? 0 : (JSON.parse(text) as StoredRecord).revision;
    };
    for (const { id, revision } of confirmed.values()) {
      const now = revisionOf(`job/${id}`);
      if (now < revision) lost += 1;
    }
    const arrived = underway.map(
      ({ key, record }) => revisionOf(key) === (record as StoredRecord).revision,
    );
    if (new Set(arrived).size > 1) locked += 1;
    if (flushed && arrived.includes(false)) lost += 1;
  }
  report({ promise: 'killed at every write boundary', count, lost, locked, longestMs: 0 });
  expect({ lost, locked }).toEqual({ lost: 0, locked: 0 });
});
