import { checkedOrThrow } from '../schema/check';
import { benchDensity } from './benchDensity';
import { doubtsOfCard } from './doubtsOfCard';
import { readResin } from './readResin';
import { resinSchema, type Resin } from './resinSchema';

const base = {
  name: 'Slow clear',
  family: 'deep-pour-epoxy',
  ratio: { by: 'weight', a: 100, b: 33.33 },
} as const;
const read = (more: object): Resin => checkedOrThrow(resinSchema, { ...base, ...more });
const codes = (card: Resin): string[] =>
  doubtsOfCard(card, readResin(card)).map(({ code }) => code);

describe('densities', () => {
  test('of the family where the card is silent, marked as assumed', () => {
    const card = read({});
    expect(readResin(card)).toMatchObject({
      densityAGPerMl: 1.1,
      densityBGPerMl: 0.97,
      densityFrom: { a: 'family', b: 'family' },
    });
    expect(codes(card)).toEqual(['density-assumed']);
  });

  test('from both ratios where one density is known', () => {
    // 100 : 33.33 by weight and 100 : 40 by volume: B is 0.83325 times as dense.
    const card = read({ ratioByVolume: { a: 100, b: 40 }, densityA: '1.2 g/ml' });
    expect(readResin(card).densityBGPerMl).toBeCloseTo(1.2 * 0.83325, 9);
    expect(readResin(card).densityFrom).toEqual({ a: 'card', b: 'ratios' });
  });

  test('of the mix: both parts are heavier than usual by as much as the mix is', () => {
    expect(readResin(read({ densityMixed: '1.2 g/ml' })).mixedDensityGPerMl).toBeCloseTo(1.2, 12);
  });

  test('ratios that no two parts can have are questioned with the number', () => {
    const card = read({ ratioByVolume: { a: 1, b: 1 }, densityA: '1.1 g/ml', densityB: '1 g/ml' });
    expect(doubtsOfCard(card, readResin(card))).toEqual([
      {
        code: 'ratios-impossible',
        severity: 'warn',
        data: { densityRatio: 0.3333, least: 0.7, greatest: 1.4, name: 'Slow clear' },
      },
    ]);
    const against = read({
      ratioByVolume: { a: 100, b: 40 },
      densityA: '1 g/ml',
      densityB: '1.1 g/ml',
    });
    expect(codes(against)).toEqual(['ratios-against-densities']);
  });

  test('at the bench: the mean of three weighings, and how far they lie apart', () => {
    const found = benchDensity(
      ['56.2 g', '56.6 g', '56.7 g'].map((mass) => ({ volume: '50 ml', mass })),
    );
    expect(found.text).toBe('1.13 g/ml');
    expect(found.spreadGPerMl).toBeCloseTo(0.00529, 5);
    expect(benchDensity([{ volume: '50 ml', mass: '56.5 g' }]).spreadGPerMl).toBeUndefined();
    expect(() => benchDensity([{ volume: '50 ml', mass: '565 g' }])).toThrow(
      expect.objectContaining({ code: 'not-a-density', field: 'weighings[0].mass' }) as Error,
    );
    expect(() => benchDensity([])).toThrow(expect.objectContaining({ code: 'too-few' }) as Error);
  });
});

test.each([
  ['no ratio', { ratio: undefined }, 'missing', 'ratio'],
  [
    'two ratios and no word which rules',
    { ratio: undefined, ratioByWeight: { a: 2, b: 1 }, ratioByVolume: { a: 2, b: 1 } },
    'ratio-rules-unsaid',
    'ratio',
  ],
  [
    'a day that is none',
    { lots: [{ left: '1 l', opened: '2026-02-30' }] },
    'not-a-date',
    'lots[0].opened',
  ],
  [
    'a kit for less than the smallest coin',
    { kits: [{ size: '1 l', price: 0.001 }] },
    'too-small',
    'kits[0].price',
  ],
  ['a kit for nothing', { kits: [{ size: '1 l', price: 0 }] }, 'not-positive', 'kits[0].price'],
  ['a pot life of nothing', { potLife: { time: '0 min' } }, 'not-positive', 'potLife.time'],
  [
    'a time in millimetres',
    { times: { demould: { time: '3 mm' } } },
    'wrong-kind',
    'times.demould.time',
  ],
])('%s is refused at its field', (_, change, code, field) => {
  expect(() => read(change)).toThrow(expect.objectContaining({ code, field }) as Error);
});

test('contradictions of a label are told', () => {
  expect(
    codes(
      read({
        densityA: '1 g/ml',
        densityB: '1 g/ml',
        depth: { least: '20 mm', greatest: '10 mm' },
      }),
    ),
  ).toEqual(['depths-crossed']);
  const times = {
    tackFree: { time: '30 h' },
    recoat: { from: '12 h', to: '8 h' },
    demould: { time: '20 h' },
  };
  expect(codes(read({ densityA: '1 g/ml', densityB: '1 g/ml', times }))).toEqual([
    'recoat-crossed',
    'times-crossed',
  ]);
});

test('one ratio in its place by weight rules when no other does', () => {
  const card = read({ ratio: undefined, ratioByWeight: { a: 2, b: 1 } });
  expect(readResin(card)).toMatchObject({ statedBy: 'weight', ratio: { massAPerB: 2 } });
});
