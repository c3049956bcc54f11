import { strToU8, zipSync } from 'fflate';
import { InputError } from '../../core/problem';
import { readRecipesFile } from '../../data/files/recipeFile';
import { readCards } from '../../data/files/cardFiles';
import { readJobFile } from '../../data/files/jobFile';
import { readMouldFile } from '../../data/files/mouldFile';
import { readPrices } from '../../data/files/priceFiles';
import { readRecordFile } from '../../data/files/recordFile';
import { jobOfLetters } from '../../data/links/jobLinks';
import { readLinkEnd } from '../../data/links/linkParts';
import { packed } from '../../data/links/packed';
import { readEverythingJson } from '../../data/workshop/everythingJson';
import { readWorkshop, workshopFile } from '../../data/workshop/workshopFile';
import { sayProblem } from '../problems';

/** What a person is told of a file that is not let in. */

const shelf = { resins: [], moulds: [] };
const archive = workshopFile(
  { records: new Map([['mould/a', '{"id":"a","revision":1}']]), gone: new Map() },
  '2026-11-30T08:15:00.000Z',
);

/** The archive with a byte of its part turned, where its head and its end stay what they are. */
function spoilt(): Uint8Array {
  const bytes = archive.slice();
  const at = Buffer.from(bytes).indexOf('records/mould-1.json') + 'records/mould-1.json'.length;
  bytes[at + 4] = bytes[at + 4]! ^ 0xff;
  return bytes;
}

const list = (more: object): Uint8Array =>
  zipSync({
    'workshop.json': strToU8(
      JSON.stringify({
        format: 'nipperkin-workshop',
        version: 1,
        madeAt: '2026-11-30T08:15:00.000Z',
        parts: [],
        ...more,
      }),
    ),
  });

/** Says what a reader refuses; a reader that takes it fails the test. */
async function refused(read: () => unknown): Promise<string> {
  try {
    await read();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return sayProblem(error);
  }
  throw new Error('it was taken');
}

const deep = `${'['.repeat(200)}${']'.repeat(200)}`;

test.each<[string, () => unknown, RegExp]>([
  ['a picture for a job', () => readJobFile('\u0089PNG', shelf), /not JSON.*exported/],
  ['a job nested for ever', () => readJobFile(deep, shelf), /nested deeper than \d+ levels/],
  [
    'a job that would change what all things are',
    () => readJobFile('{"__proto__":{"isAdmin":true}}', shelf),
    /“__proto__” cannot be the name of anything here\. Rename it\./,
  ],
  [
    'a card as a job',
    () => readJobFile('{"format":"nipperkin-cards"}', shelf),
    /choices: nipperkin-job\./,
  ],
  ['nothing at all as a mould', () => readMouldFile(''), /not JSON/],
  ['a list as a mould', () => readMouldFile('[]'), /wrong type; see docs\/formats/],
  ['a number as recipes', () => readRecipesFile('7'), /wrong type; see docs\/formats/],
  ['a record of a version to come', () => readRecordFile('{"version":99}'), /^This is missing\.$/],
  ['a table without its heads', () => readCards('1;2;3\n4;5;6\n', 'cards.csv'), /Give it a name/],
  [
    'a table that ends in a quote',
    () => readPrices('card,size,price\n"Slow'),
    /line 3 cannot be read\. Save it again as CSV/,
  ],
  [
    'letters of a link that are none',
    () => jobOfLetters('***', shelf),
    /cut off or changed on its way/,
  ],
  [
    'a link that holds a number',
    () => jobOfLetters(packed(7), shelf),
    /wrong type; see docs\/formats/,
  ],
  [
    'the fourth part of three',
    () => readLinkEnd('#part=0123456789ab.4.3.abc'),
    /cut off or changed on its way/,
  ],
  ['everything of before, torn', () => readEverythingJson('{"format":"nippe'), /not JSON/],
  ['an archive that is none', () => readWorkshop(strToU8('PK\u0003\u0004 and no more')), /ZIP/],
  ['an archive that is cut off', () => readWorkshop(archive.subarray(0, 90)), /ZIP|damaged/],
  ['an archive with a byte turned', () => readWorkshop(spoilt()), /ZIP|damaged/],
  [
    'an archive of a version to come',
    () => readWorkshop(list({ version: 9 })),
    /is of version 9; this Nipperkin reads up to 1\. Open it with the newer one\./,
  ],
  [
    'an archive that climbs out of its folder',
    () => readWorkshop(zipSync({ '../../etc/passwd': strToU8('x') })),
    /no workshop file: “\.\.\/\.\.\/etc\/passwd” is in it/,
  ],
  [
    'an archive with something beside its list',
    () => readWorkshop(zipSync({ 'workshop.json': strToU8('{}'), 'run.exe': strToU8('x') })),
    /“run\.exe” is in it/,
  ],
  [
    'an archive that lists what is not in it',
    () => readWorkshop(list({ parts: [{ path: 'records/job-1.json', sha256: '0'.repeat(64) }] })),
    /its part “records\/job-1\.json” is not what was saved\. Nothing was taken/,
  ],
])('%s is refused in a sentence that says what would be right', async (_, read, sentence) => {
  const said = await refused(read);
  expect(said).toMatch(sentence);
  // Whole sentences, of words: no code, no object, no figure that is none.
  expect(said).toMatch(/^\S.*[.!]$/s);
  expect(said).not.toMatch(/undefined|NaN|\[object|Infinity|\$\{/);
});
