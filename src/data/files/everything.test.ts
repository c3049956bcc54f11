import * as fc from 'fast-check';
import { demoWrites } from '../demo/demoChanges';
import { twoTabs } from '../store/twoTabs';
import { undoing } from '../store/undoing';
import { addingWrites, compare, replacingWrites } from './comparison';
import { everythingText, readEverything } from './everything';

const plain = fc.record({
  id: fc.string({ minLength: 1, maxLength: 8 }).filter((id) => !id.includes('/')),
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
    fc.constantFrom('mould/a', 'mould/b', 'resin/a', 'aside/a', 'unheard-of/a'),
    fc.oneof(
      fc.string({ minLength: 1 }),
      fc.constantFrom('null', '[]', '{"constructor":1}', '{"__proto__":{}}', ' {}', '{"id":"b"}'),
      fc.json().filter((text) => text !== ''),
    ),
  ),
);
const storeOf = fc
  .array(entry, { maxLength: 8 })
  .map((entries) => new Map<string, string>(entries));
// A key of letters and a hyphen is none of ours: files hold letters alone before the slash.
const known = (kept: ReadonlyMap<string, string>): Map<string, string> =>
  new Map([...kept].filter(([key]) => /^[a-z]+\//.test(key) && !key.includes('\n')));

function tabWith(texts: ReadonlyMap<string, string>) {
  const { first, kept } = twoTabs();
  for (const [key, text] of texts) kept.set(key, text);
  return { store: first, kept };
}
const texts = async (store: ReturnType<typeof tabWith>['store']): Promise<object> =>
  Object.fromEntries([...(await store.read(''))].sort(([a], [b]) => (a < b ? -1 : 1)));

test('what goes out as a file comes into an empty store as it was, to the letter, unreadable records included', async () => {
  await fc.assert(
    fc.asyncProperty(storeOf.map(known), async (kept) => {
      const from = tabWith(kept);
      const file = readEverything(await everythingText(from.store));
      const to = tabWith(new Map());
      await to.store.commit(addingWrites(compare(file, await to.store.read(''))));
      expect(await texts(to.store)).toEqual(await texts(from.store));
    }),
    { numRuns: 150 },
  );
});

const unversioned = (all: object): object =>
  Object.fromEntries(
    Object.entries(all).map(([key, text]) => {
      try {
        const {
          revision: _,
          stamp: __,
          ...rest
        } = JSON.parse(text as string) as Record<string, unknown>;
        return [key, rest];
      } catch {
        return [key, text];
      }
    }),
  );

test('replacing makes a store what the file says, adding takes nothing away, and both are undone whole', async () => {
  await fc.assert(
    fc.asyncProperty(storeOf.map(known), storeOf.map(known), async (there, here) => {
      const file = readEverything(await everythingText(tabWith(there).store));
      for (const writesOf of [addingWrites, replacingWrites]) {
        const { store } = tabWith(here);
        const before = await texts(store);
        const writes = writesOf(compare(file, await store.read('')));
        await store.commit(writes);
        const after = await texts(store);
        if (writesOf === replacingWrites) {
          expect(unversioned(after)).toEqual(unversioned(Object.fromEntries(file)));
        } else expect(Object.keys(after)).toEqual(expect.arrayContaining(Object.keys(before)));
        await store.commit(undoing(writes));
        expect(unversioned(await texts(store))).toEqual(unversioned(before));
      }
    }),
    { numRuns: 150 },
  );
});

test('the demo goes out and comes in again: everything is the same as here', async () => {
  const { first } = twoTabs();
  await first.commit(await demoWrites());
  const file = readEverything(await everythingText(first));
  const { standings } = compare(file, await first.read(''));
  expect(new Set(standings.values())).toEqual(new Set(['same']));
});

test.each([
  ['', 'not-json'],
  ['{}', 'missing'],
  ['{"format":"nipperkin-job","version":1,"records":[]}', 'not-a-choice'],
  ['{"format":"nipperkin-data","version":2,"records":[]}', 'wrong-type'],
  ['{"format":"nipperkin-data","version":1,"records":[{"key":"x"}]}', 'wrong-type'],
])('%s is refused', (text, code) => {
  expect(() => readEverything(text)).toThrow(expect.objectContaining({ code }));
});
