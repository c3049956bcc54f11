import { resinSchema, type Resin } from '../../../core/resin/resinSchema';
import { check } from '../../../core/schema/check';
import { demoResins } from '../../../data/demo/demoResins';
import { emptyKit, hardenerDraft, resinDraft, typedResin, type ResinDraft } from './resinDraft';

const checked = (draft: ResinDraft) => check(resinSchema, typedResin(draft), { strip: true });
const fieldsOf = (draft: ResinDraft): string[] => checked(draft).problems.map(({ field }) => field);
const plain = (card: Resin | undefined): unknown => JSON.parse(JSON.stringify(card ?? null));
const [slow] = demoResins;

test.each(demoResins.map((card) => [card.name, card] as const))(
  '%s is the same card after it was shown in the form',
  (_, card) => {
    expect(plain(checked(resinDraft(card)).value)).toEqual(plain(card));
  },
);

test('a new card wants a name and a ratio, and nothing else', () => {
  expect(fieldsOf(resinDraft(undefined)).sort()).toEqual(['name', 'ratio.a', 'ratio.b']);
});

test('a resin in one bottle has no ratio to fill in, whatever was typed before', () => {
  const draft = { ...resinDraft(slow), family: 'uv' as const, hardeners: [] };
  const { value } = checked(draft);
  expect(value?.family).toBe('uv');
  expect(value).not.toHaveProperty('ratio');
});

test('the other ratio is the one that does not rule', () => {
  const draft = resinDraft(slow);
  const both = {
    ...draft,
    ratioByVolume: { a: '9', b: '1' },
    ratioByWeight: { a: '100', b: '28.9' },
  };
  const { value } = checked(both);
  expect(value).toMatchObject({
    ratio: { by: 'volume', a: 3, b: 1 },
    ratioByWeight: { a: 100, b: 28.9 },
  });
  expect(value).not.toHaveProperty('ratioByVolume');
});

test('a half-filled group and an empty row are told at their fields', () => {
  const draft = resinDraft(slow);
  expect(fieldsOf({ ...draft, potLife: { time: '', mass: '1 kg', temperature: '' } })).toEqual([
    'potLife.time',
  ]);
  expect(fieldsOf({ ...draft, kits: [emptyKit()] }).sort()).toEqual([
    'kits[0].price',
    'kits[0].size',
  ]);
  expect(fieldsOf({ ...draft, hardeners: [hardenerDraft()] })).toEqual(['hardeners[0].name']);
});
