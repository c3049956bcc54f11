import { demoResins } from '../demo/demoResins';
import { cardsCsv, cardsJson, readCards } from './cardFiles';
import { cardLink, cardOfLink } from '../links/cardLinks';

const cards = demoResins.map(({ id: _, ...card }) => card);

test.each([
  ['cards.json', async () => cardsJson(demoResins)],
  ['cards.csv', () => cardsCsv(demoResins)],
])('every demo card goes out and comes in again as %s', async (name, text) => {
  const read = await readCards(await text(), name);
  expect(JSON.parse(JSON.stringify(read))).toEqual(JSON.parse(JSON.stringify(cards)));
});

test('a link holds a whole card, and no address but this one', () => {
  const [card] = demoResins;
  if (card === undefined) throw new Error('the demo has no resin');
  const link = new URL(cardLink(card, 'http://localhost:4380'));
  expect(link.pathname).toBe('/shelf/new');
  expect(JSON.parse(JSON.stringify(cardOfLink(link.hash)))).toEqual(
    JSON.parse(JSON.stringify(cards[0])),
  );
  expect(cardOfLink('')).toBeUndefined();
});

test.each([
  ['#card=no', 'link-broken'],
  ['#card=AAAA', 'link-broken'],
])('%s is refused', (hash, code) => {
  expect(() => cardOfLink(hash)).toThrow(expect.objectContaining({ code }) as Error);
});

test.each([
  [
    'an unknown column',
    'name,family,ratio.by,ratio.a,ratio.b,colour\nX,uv,weight,1,1,red',
    'unknown-key',
    'rows[0]',
  ],
  [
    'a bad density',
    'name,family,ratio.by,ratio.a,ratio.b,densityA\nX,uv,weight,1,1,9 g/ml',
    'too-large',
    'rows[0].densityA',
  ],
  ['a hostile column', 'name,family,__proto__.x\nX,uv,1', 'unknown-key', 'rows[0]'],
  ['no rows', 'name,family', 'too-few', 'rows'],
  ['an open quote', 'name,family\n"X,uv', 'not-csv', ''],
])('%s is told with its place', async (_, text, code, field) => {
  await expect(readCards(text, 'a.csv')).rejects.toMatchObject({ code, field });
});

test('a note that begins like a formula stays a note', async () => {
  const csv = await cardsCsv([{ ...cards[0], notes: '=1+1' } as (typeof cards)[number]]);
  expect(csv).toContain("'=1+1");
  expect((await readCards(csv, 'a.csv'))[0]?.notes).toBe('=1+1');
});
