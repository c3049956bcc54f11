import { deflateSync } from 'fflate';
import { base64urlnopad } from '@scure/base';
import * as fc from 'fast-check';
import type { Job } from '../../core/job/jobSchema';
import { planJob } from '../../core/plan/planJob';
import { demoJobs } from '../demo/demoJobs';
import { demoMoulds } from '../demo/demoMoulds';
import { demoResins } from '../demo/demoResins';
import { readJobFile, jobFileText } from '../files/jobFile';
import { memoryStorage } from '../store/keyValueStorage';
import { createCollecting } from './collecting';
import { jobLetters, jobOfLetters } from './jobLinks';
import { collected, linkEnds, mostCodes, readLinkEnd, type LinkPart } from './linkParts';
import { runs } from '../../testing/campaign';

const shelf = { resins: demoResins, moulds: demoMoulds };
const empty = { resins: [], moulds: [] };
const noon = Date.UTC(2026, 10, 30, 12);

const partsOf = (letters: string): LinkPart[] =>
  linkEnds(letters).flatMap((end) => {
    const read = readLinkEnd(end);
    return read?.kind === 'part' ? [read.part] : [];
  });
const whole = (end: string): string => {
  const read = readLinkEnd(end);
  return read?.kind === 'job' ? read.letters : '';
};

test.each(demoJobs.map(({ id, ...job }) => [id, job] as const))(
  '%s comes over as it is in its file, and is planned to the same figures where nothing is on the shelf',
  (_, draft) => {
    const job = readJobFile(JSON.stringify(draft), shelf);
    const letters = jobLetters(job, shelf);
    const ends = linkEnds(letters);
    const back = ends.length === 1 ? whole(ends[0]!) : collected(partsOf(letters)).letters!;
    expect(back).toBe(letters);
    const there = jobOfLetters(back, empty);
    expect(there).toEqual(readJobFile(jobFileText(job, shelf), empty));
    const figures = (of: Job, on: typeof empty | typeof shelf): unknown =>
      planJob(of, on).pours.map(({ a, b, totalMl, batches }) => [a, b, totalMl, batches]);
    expect(figures(there, empty)).toEqual(figures(job, shelf));
  },
);

const someLetters = fc
  .integer({ min: 1201, max: 20_000 })
  .map((length) => Array.from({ length }, (_, at) => 'abcXYZ019-_'[(at * at) % 11]).join(''));

test('parts come together in whatever order they are read, some of them twice', () => {
  fc.assert(
    fc.property(
      someLetters,
      fc.array(fc.nat(), { minLength: 40, maxLength: 40 }),
      (text, draws) => {
        const parts = partsOf(text);
        const order = parts
          .map((part, at) => ({ part, place: draws[at % draws.length]! }))
          .sort((a, b) => a.place - b.place)
          .flatMap(({ part }, at) => (at % 3 === 0 ? [part, part] : [part]));
        const seen = new Set<number>();
        const read: LinkPart[] = [];
        for (const part of order) {
          read.push(part);
          seen.add(part.nth);
          const so = collected(read);
          expect(so.missing).toHaveLength(parts.length - seen.size);
          expect(so.letters).toBe(seen.size === parts.length ? text : undefined);
        }
      },
    ),
    { numRuns: runs(30, 600) },
  );
});

test('a code is no longer than a phone reads, and what needs too many has none', () => {
  expect(linkEnds('a'.repeat(1200))).toEqual([`#job=${'a'.repeat(1200)}`]);
  const two = linkEnds('a'.repeat(1201));
  expect(two.map((end) => end.length)).toEqual([two[0]!.length, two[0]!.length - 1]);
  expect(linkEnds('a'.repeat(1200 * mostCodes))).toHaveLength(mostCodes);
  expect(linkEnds('a'.repeat(1200 * mostCodes + 1))).toEqual([]);
});

const packedJson = (text: string): string =>
  base64urlnopad.encode(deflateSync(new TextEncoder().encode(text)));

test.each([
  ['letters that are none', '%%%', 'link-broken'],
  ['nothing', '', 'link-broken'],
  [
    'what is cut off',
    jobLetters(demoJobs[0] as unknown as Job, shelf).slice(0, 300),
    'link-broken',
  ],
  ['a bomb', packedJson(`{"a":"${' '.repeat(3_000_000)}"}`), 'link-broken'],
  ['no job', packedJson('{"a":1}'), 'missing'],
  ['a reserved key', packedJson('{"__proto__":{"x":1}}'), 'json-reserved-key'],
  ['what is nested without end', packedJson('['.repeat(50) + ']'.repeat(50)), 'json-too-deep'],
  ['a name that hides', packedJson('{"name":"a\u202eb"}'), 'odd-sign'],
])('%s is refused', (_, said, code) => {
  expect(() => jobOfLetters(said, shelf)).toThrow(expect.objectContaining({ code }));
});

test.each([
  '#part=',
  '#part=0123456789ab.0.3.a',
  '#part=0123456789ab.4.3.a',
  '#part=0123456789ab.1.99.a',
  '#part=0123456789AB.1.2.a',
  '#part=0123456789ab.1.2.<script>',
])('%s is no part', (hash) => {
  expect(() => readLinkEnd(hash)).toThrow(expect.objectContaining({ code: 'link-broken' }));
});

test('parts that do not belong together are told, and nothing is made of them', () => {
  const [first, second] = partsOf('a'.repeat(1500));
  const wrong = { ...second!, letters: 'b'.repeat(750) };
  expect(() => collected([first!, wrong])).toThrow(
    expect.objectContaining({ code: 'link-broken' }),
  );
  expect(readLinkEnd('#card=x')).toBeUndefined();
  expect(readLinkEnd('javascript:alert(1)')).toBeUndefined();
});

test('parts are kept from window to window, by what they are of, and forgotten after a day', async () => {
  const kept = new Map<string, string>([['rubbish', '{']]);
  const collecting = createCollecting(memoryStorage(kept));
  const [a1, a2, a3] = partsOf('a'.repeat(3000));
  const [b1] = partsOf('b'.repeat(3000));
  await collecting.add(a3!, noon);
  await collecting.add(b1!, noon + 1);
  expect(kept.has('rubbish')).toBe(false);
  await collecting.add(a1!, noon + 2);
  const all = await collecting.add(a2!, noon + 3);
  expect(collected(all).letters).toBe('a'.repeat(3000));
  await collecting.forget(a1!.sum);
  expect([...kept.keys()]).toEqual([`${b1!.sum}/1`]);
  const day = 24 * 60 * 60 * 1000;
  await collecting.add(a1!, noon + day + 2);
  expect([...kept.keys()]).toEqual([`${a1!.sum}/1`]);
  for (const sign of 'cdefg') {
    await collecting.add(partsOf(sign.repeat(3000))[0]!, noon + day + 3 + sign.charCodeAt(0));
  }
  expect(kept.size).toBe(4);
});

test('where the storage refuses, the codes that one window reads come together all the same', async () => {
  const refuse = (): Promise<never> => Promise.reject(new Error('QuotaExceededError'));
  const storage = { ...memoryStorage(new Map()), getAllKeys: refuse, setMany: refuse };
  const collecting = createCollecting(storage);
  const [first, second, third] = partsOf('a'.repeat(3000));
  expect(collected(await collecting.add(second!, noon)).missing).toEqual([1, 3]);
  expect(collected(await collecting.add(third!, noon)).missing).toEqual([1]);
  expect(collected(await collecting.add(first!, noon)).letters).toBe('a'.repeat(3000));
  await collecting.forget(first!.sum);
  expect(collected(await collecting.add(first!, noon)).missing).toEqual([2, 3]);
});
