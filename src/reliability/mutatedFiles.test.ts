import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { InputError } from '../core/problem';
import { demoMoulds } from '../data/demo/demoMoulds';
import { demoResins } from '../data/demo/demoResins';
import { readCards, cardsCsv, cardsJson } from '../data/files/cardFiles';
import { cardLink, cardOfLink } from '../data/links/cardLinks';
import { readEverythingJson } from '../data/workshop/everythingJson';
import { readJobFile } from '../data/files/jobFile';
import { mouldFileText, readMouldFile } from '../data/files/mouldFile';
import { readPrices } from '../data/files/priceFiles';
import { priceListCsv } from '../../server/priceList';
import { chance, report, runs } from './promise';

const shelf = { resins: [], moulds: [] };
const job = readFileSync(join(__dirname, '../../docs/formats/drawer-tray.job.json'), 'utf8');
const everything = JSON.stringify({
  format: 'nipperkin-data',
  version: 1,
  records: [
    { key: 'job/a', record: { id: 'a', revision: 1 } },
    { key: 'job/b', text: 'torn' },
  ],
});

/** Each kind of file that comes in, with what reads it. */
async function kindsOfFiles(): Promise<readonly (readonly [string, (text: string) => unknown])[]> {
  const card = demoResins[0]!;
  return [
    [job, (text) => readJobFile(text, shelf)],
    [cardsJson(demoResins), (text) => readCards(text, 'a.json')],
    [await cardsCsv(demoResins), (text) => readCards(text, 'a.csv')],
    [mouldFileText(demoMoulds[0]!), readMouldFile],
    [everything, readEverythingJson],
    [priceListCsv(0), readPrices],
    [new URL(cardLink(card, 'http://localhost')).hash, cardOfLink],
  ];
}

const pieces = [
  '{',
  '}',
  '[',
  ']',
  '"',
  ',',
  ':',
  'null',
  '-1',
  '1e999',
  '"constructor":1,',
  '\u0000',
  '\uFEFF',
  ';',
  '\n',
  '=',
  '0',
  'true',
  '"__proto__":{},',
];

/** The text with a few of its signs taken out, doubled, replaced, or something put between. */
function mutated(text: string, { below, oneOf }: ReturnType<typeof chance>): string {
  let now = text;
  for (let times = 1 + below(3); times > 0; times -= 1) {
    const at = below(now.length);
    const end = at + below(Math.min(40, now.length - at));
    const cut = now.slice(at, end);
    const put = oneOf(['', cut + cut, oneOf(pieces), cut.toUpperCase(), oneOf(pieces) + cut]);
    now = now.slice(0, at) + put + now.slice(end);
  }
  return now;
}

test('a file, whatever became of it on the way, is read or refused in a sentence', async () => {
  const count = runs(3000, 20_000);
  // The reader of tables warns of columns of the same name.
  jest.spyOn(console, 'warn').mockImplementation(() => undefined);
  const draw = chance(29);
  const files = await kindsOfFiles();
  let read = 0;
  const uncaught: unknown[] = [];
  for (let run = 0; run < count; run += 1) {
    const [text, reader] = draw.oneOf(files);
    const damaged = mutated(text, draw);
    try {
      await reader(damaged);
      read += 1;
    } catch (error) {
      if (!(error instanceof InputError)) uncaught.push([error, damaged.slice(0, 300)]);
    }
  }
  report({ promise: 'mutated files', count, lost: 0, locked: uncaught.length, longestMs: 0 });
  expect(uncaught.slice(0, 2)).toEqual([]);
  // Some are still right: the damage is fine enough to get past the first checks.
  expect(read).toBeGreaterThan(count / 100);
});
