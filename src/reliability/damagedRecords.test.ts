import { demoMoulds } from '../data/demo/demoMoulds';
import { demoResins } from '../data/demo/demoResins';
import { demoJobs, demoPhoto } from '../data/demo/demoJobs';
import type { JobDraft } from '../data/draft/jobDraft';
import { planDraft } from '../data/draft/planDraft';
import { kinds } from '../data/kinds/kinds';
import type { JobRecord } from '../data/records/jobRecord';
import { photoRecords } from '../data/records/photoRecord';
import { settingsRecordOf, usualSettings } from '../data/records/patchedSettings';
import { nextVersion } from '../data/records/stored';
import {
  draftRecordOf,
  jobCollection,
  jobRecordOf,
  mouldRecordOf,
  resinRecordOf,
} from '../data/repositories';
import { demoSettings } from '../data/demo/beginDemo';
import { twoTabs } from '../data/store/twoTabs';
import { chance, report, runs, stopwatch } from '../testing/campaign';

const wrongValues: readonly unknown[] = [
  null,
  [],
  {},
  [null],
  { constructor: 1 },
  'x',
  '',
  7,
  -1,
  1e300,
  true,
  'x'.repeat(5000),
  [[]],
];

type Path = readonly string[];

function* pathsIn(value: unknown, at: Path = []): Generator<Path> {
  yield at;
  if (typeof value !== 'object' || value === null) return;
  for (const key of Object.keys(value).slice(0, 40)) {
    yield* pathsIn((value as Record<string, unknown>)[key], [...at, key]);
  }
}

function put(value: unknown, [key, ...rest]: Path, wrong: unknown): unknown {
  if (key === undefined) return wrong;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<
    string,
    unknown
  >;
  copy[key] = put(copy[key], rest, wrong);
  return copy;
}

const jobs = demoJobs.map(({ id: _, ...job }) => jobRecordOf(job as unknown as JobDraft));
const typed = draftRecordOf({
  of: 'job/a',
  name: 'A',
  base: null,
  values: jobs[0]!.draft as object,
});
const whole: readonly (readonly [string, object])[] = [
  ...jobs.map((record) => [`job/${record.id}`, record] as const),
  ...demoResins.map((card) => ['resin/a', resinRecordOf(card, undefined, undefined, 'a')] as const),
  ...demoMoulds.map((mould) => ['mould/a', mouldRecordOf(mould, undefined, 'a')] as const),
  [`photo/${demoPhoto.id}`, { ...demoPhoto, schema: photoRecords.version, ...nextVersion() }],
  ['settings/person', settingsRecordOf({ ...usualSettings, ...demoSettings })],
  [`draft/${typed.id}`, typed],
];

test('no record, whatever is in it, keeps the others from being read, and none is lost', async () => {
  const count = runs(80, 10_000);
  const draw = chance(13);
  const watch = stopwatch();
  let lost = 0;
  let locked = 0;
  let firstError: unknown;
  const shelf = { resins: demoResins, moulds: demoMoulds };
  // Undamaged each of them is read: what is tried below is damage and nothing else.
  for (const [key, record] of whole) {
    const kind = kinds.find(({ collection }) => key.startsWith(collection.prefix));
    expect(kind?.collection.one(key, { text: JSON.stringify(record) }).unreadable).toBeUndefined();
  }
  const paths = whole.map(([, record]) => [
    ...pathsIn(record),
    ['constructor'],
    ['draft', '__proto__'],
  ]);
  for (let run = 0; run < count; run += 1) {
    const at = draw.below(whole.length);
    const [key, record] = whole[at]!;
    const text = JSON.stringify(put(record, draw.oneOf(paths[at]!), draw.oneOf(wrongValues)));
    const { first, kept } = twoTabs();
    kept.set(key, text);
    kept.set('job/beside', JSON.stringify({ ...jobs[0], id: 'beside' }));
    try {
      for (const { collection, listing, refersTo } of kinds) {
        if (!key.startsWith(collection.prefix) && collection.prefix !== jobCollection.prefix) {
          continue;
        }
        const listed = await listing.read(first);
        const isOurs = key.startsWith(collection.prefix);
        const isListed =
          listed.records.length > (collection.prefix === jobCollection.prefix ? 1 : 0);
        if (isOurs && !isListed && listed.unreadable.every((each) => each.text !== text)) lost += 1;
        for (const each of listed.records) refersTo(each as never);
        // What is listed is read when it is opened: there at the latest it is told.
        const { record, unreadable } = collection.one(key, { text });
        if (isOurs && record === undefined && unreadable?.text !== text) lost += 1;
        const { records } = collection.readAll(await first.read(collection.prefix));
        for (const each of records) {
          if (collection.prefix !== jobCollection.prefix) continue;
          const { draft, lastGood } = each as unknown as JobRecord;
          watch.time(() => planDraft(draft, shelf));
          watch.time(() => planDraft(lastGood, shelf));
        }
      }
      if (kept.get(key) !== text) lost += 1;
    } catch (error) {
      locked += 1;
      firstError ??= error;
    }
  }
  report({
    promise: 'damaged records',
    count,
    lost,
    locked,
    longestMs: watch.longestMs(),
  });
  expect({ lost, locked, firstError }).toEqual({ lost: 0, locked: 0, firstError: undefined });
});
