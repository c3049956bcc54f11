import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { InputError } from '../core/problem';
import { demoMoulds } from '../data/demo/demoMoulds';
import { demoResins } from '../data/demo/demoResins';
import { readCards, cardsCsv, cardsJson } from '../data/files/cardFiles';
import { cardLink, cardOfLink } from '../data/links/cardLinks';
import { splitLines } from '../core/instruments/lines';
import { readScaleReport } from '../core/instruments/hidScaleReport';
import { readScaleLine, scaleFormatOf } from '../core/instruments/scaleLines';
import { readThermometerLine } from '../core/instruments/thermometerLines';
import { readRecipesFile } from '../data/files/recipeFile';
import { readRecordFile } from '../data/files/recordFile';
import { jobLetters, jobOfLetters } from '../data/links/jobLinks';
import { collected, linkEnds, readLinkEnd, type LinkPart } from '../data/links/linkParts';
import { readEverythingJson } from '../data/workshop/everythingJson';
import { heldAgainst } from '../data/workshop/heldAgainst';
import { readWorkshop, workshopFile } from '../data/workshop/workshopFile';
import { readJobFile } from '../data/files/jobFile';
import { mouldFileText, readMouldFile } from '../data/files/mouldFile';
import { readPrices } from '../data/files/priceFiles';
import { priceListCsv } from '../../server/priceList';
import { chance, report, runs } from '../testing/campaign';

const shelf = { resins: [], moulds: [] };
const job = readFileSync(join(__dirname, '../../docs/formats/drawer-tray.job.json'), 'utf8');
const record = readFileSync(
  join(__dirname, '../../docs/formats/harbour-shelf.record.json'),
  'utf8',
);
const recipes = readFileSync(join(__dirname, '../../docs/formats/lantern.recipes.json'), 'utf8');
const nobody = { records: new Map(), gone: new Map() };
const everything = JSON.stringify({
  format: 'nipperkin-data',
  version: 1,
  records: [
    { key: 'job/a', record: { id: 'a', revision: 1 } },
    { key: 'job/b', text: 'torn' },
  ],
});

const bytesOf = (text: string): Uint8Array => Uint8Array.from(text, (sign) => sign.charCodeAt(0));

/** What an instrument said, read as its lines are. */
function readLines(text: string): void {
  let rest = '';
  for (let at = 0; at < text.length; at += 7) {
    const split = splitLines(rest, text.slice(at, at + 7));
    rest = split.rest;
    const format = scaleFormatOf(split.lines);
    for (const line of split.lines) {
      if (format !== undefined) readScaleLine(format, line, 'g');
      readThermometerLine(line, 'C');
    }
  }
}

/** Reads links until a job is whole, as the place where they lead does. */
function readLinks(text: string): void {
  const parts: LinkPart[] = [];
  for (const hash of text.split('\n')) {
    const end = readLinkEnd(hash);
    if (end?.kind === 'job') jobOfLetters(end.letters, shelf);
    if (end?.kind === 'part') parts.push(end.part);
  }
  const { letters } = collected(parts);
  if (letters !== undefined) jobOfLetters(letters, shelf);
}

/** Every way in for a text or for bytes, with what reads it; bytes are written as the signs of their numbers. */
async function kindsOfFiles(): Promise<readonly (readonly [string, (text: string) => unknown])[]> {
  const card = demoResins[0]!;
  const asJob = readJobFile(job, shelf);
  const long = jobLetters(asJob, shelf).repeat(3);
  const kept = { records: new Map([['job/a', '{"id":"a","revision":1}']]), gone: new Map() };
  const archive = Buffer.from(workshopFile(kept, '2026-11-30T08:15:00.000Z')).toString('latin1');
  return [
    [archive, (bytes) => readWorkshop(bytesOf(bytes))],
    [linkEnds(jobLetters(asJob, shelf)).join('\n'), readLinks],
    [linkEnds(long).join('\n'), readLinks],
    [record, readRecordFile],
    [recipes, readRecipesFile],
    [everything, async (text) => heldAgainst(readEverythingJson(text), undefined, nobody)],
    ['ST,GS,+   31.0 g\r\nUS,GS,+   62.4 g\r\nOPEN\r\n21.4 C\r\n', readLines],
    ['\u0003\u0004\u0002\u00ff\u0010\u0027', (bytes) => readScaleReport(bytesOf(bytes))],
    [job, (text) => readJobFile(text, shelf)],
    [cardsJson(demoResins), (text) => readCards(text, 'a.json')],
    [await cardsCsv(demoResins), (text) => readCards(text, 'a.csv')],
    [mouldFileText(demoMoulds[0]!), readMouldFile],
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
  '\u202e',
  '\u200b',
  '\ud800',
  '<script>alert(1)</script>',
  'javascript:alert(1)',
  '../../',
  '[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[',
  'a'.repeat(5000),
  '1e400',
  '&lol;',
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
  const count = runs(1500, 20_000);
  // The reader of tables warns of columns of the same name.
  jest.spyOn(console, 'warn').mockImplementation(() => undefined);
  const draw = chance(29);
  const files = await kindsOfFiles();
  let read = 0;
  const uncaught: unknown[] = [];
  let longestMs = 0;
  for (let run = 0; run < count; run += 1) {
    const [text, reader] = draw.oneOf(files);
    const damaged = mutated(text, draw);
    const before = performance.now();
    try {
      await reader(damaged);
      read += 1;
    } catch (error) {
      if (!(error instanceof InputError)) uncaught.push([error, damaged.slice(0, 300)]);
    }
    longestMs = Math.max(longestMs, performance.now() - before);
  }
  report({
    promise: 'mutated files, links and lines',
    count,
    lost: 0,
    locked: uncaught.length,
    longestMs: Math.round(longestMs),
  });
  expect(uncaught.slice(0, 2)).toEqual([]);
  // Some are still right: the damage is fine enough to get past the first checks.
  expect(read).toBeGreaterThan(count / 100);
});
