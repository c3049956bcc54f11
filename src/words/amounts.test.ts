import { chooseForOne, planOne, readOne, type PlanOfOne } from '../testing/planOne';
import exampleFile from '../../docs/formats/drawer-tray.job.json';
import { correctBatch } from '../core/plan/correctBatch';
import type { Warning } from '../core/plan/planTypes';
import { shoppingOf } from '../core/plan/shoppingOf';
import type { Resin } from '../core/resin/resinSchema';
import { sayKit, sayLot, shoppingText } from './buying';
import { sayChoice, sayFit } from './choices';
import { sayCorrection } from './correction';
import { sayJoint } from './layers';
import { sayLeftover } from './leftovers';
import { sayReason } from './reasons';
import { sayBatchFor, sayMeasuring, sayPigments, sayReadings, sheetText } from './sheet';
import { sayPoured } from './poured';
import { sayWarning } from './warnings';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const resin = (more: object): object => ({ resin: { ...exampleFile.resin, ...more } });
const planOf = (change: object): PlanOfOne =>
  planOne(readOne({ ...exampleFile, ...change }), undefined, '2026-11-23');
const box = (depth: string): object => ({
  measure: { parts: [{ shape: 'box', length: '300 mm', width: '200 mm', depth }] },
});
const why = (plan: PlanOfOne, figure: string): string =>
  plain(
    plan.why
      .filter((each) => each.figure === figure)
      .map(sayReason)
      .join(' '),
  );

describe('why', () => {
  const takes = resin({ depth: { least: '8 mm', greatest: '30 mm' } });
  test.each([
    ['equal', {}, "One layer may be 30 mm, the label's 30 mm: 62 mm take 3 layers, all alike."],
    [
      'full-top-off',
      { caution: 0.5 },
      "One layer may be 15 mm, the label's 30 mm times your caution of 0.5: 62 mm take 5 layers: full ones, then what is left on top, never under 8 mm.",
    ],
    [
      'lock-in',
      { maxDepth: '40 mm' },
      'One layer may be 40 mm, as you set it: 62 mm take 3 layers: a thin one first, which holds inserts in place, then equal ones.',
    ],
  ])('layers %s %j', (style, more, text) => {
    const plan = planOf({ ...box('62 mm'), ...takes, layers: { style, ...more } });
    expect(why(plan, 'layers')).toBe(text);
  });

  test("nothing known of the depth, one pour, heights of one's own", () => {
    expect(why(planOf({ layers: { style: 'equal' } }), 'layers')).toBe(
      'Nothing is known of how deep it may be poured: 31.75 mm take one layer, all alike.',
    );
    expect(why(planOf({}), 'layers')).toBe('Poured in one go.');
    expect(why(planOf({ layers: { heights: ['9 mm'] } }), 'layers')).toBe(
      'Cut at the heights that you chose.',
    );
  });

  test("batches by pot life, by the maker's least, by colours; pot life in the room", () => {
    const potLife = { time: '20 min', mass: '150 g', temperature: '31 °C' };
    const timed = planOf({
      container: undefined,
      // There is no model of it to follow in a bucket.
      ...resin({ potLife, family: 'polyester' }),
      mixing: { stir: '35 min', pourRate: '200 ml/min', keptBack: '0 %' },
    });
    expect(why(timed, 'batches')).toBe(
      'No more than 1000 ml can be mixed and poured in its pot life; it is cut into the fewest equal batches that can.',
    );
    expect(why(timed, 'potLife')).toBe(
      'The label says 20 min at 31 °C for 150 g; ten degrees warmer halves it. Stirring takes 35 min, and 200 ml/min are poured; nothing of the time is held in reserve. More in one bucket goes off sooner.',
    );
    const inBucket = why(planOf(resin({ potLife })), 'potLife');
    expect(inBucket).toMatch(
      /^The label says 20 min at 31 °C for 150 g; a batch of 760 g, mixed at 21 °C, was followed/,
    );
    expect(inBucket).toContain(
      'Stirring takes 5 min (assumed), and 500 ml/min are poured (assumed); a third of the time is held in reserve.',
    );
    const least = planOf({ ...box('1 mm'), ...resin({ leastBatch: '150 ml' }) });
    expect(why(least, 'batches')).toContain('The maker asks for batches of 150 ml at the least');
    expect(why(least, 'totalMl')).toContain('plus 84.0 ml so that batches are large enough');
    const coloured = planOf({
      layers: { heights: ['9 mm'] },
      portions: [{ name: 'Red', share: '50 %' }, { name: 'Blue' }],
    });
    expect(why(coloured, 'batches')).toContain('each layer and colour is cut');
    const uv = planOf({ resin: { name: 'Lamp', family: 'uv', densityA: '1.1 g/ml' } });
    expect(why(uv, 'ratio')).toBe('It comes in one bottle: nothing is mixed.');
  });
});

test('every new warning says what will happen and what to do', () => {
  const large = {
    massG: 11_800,
    workingMin: 25.4,
    potLifeMin: 9.3,
    hotMin: 12.7,
    batches: 3,
    eachG: 3933,
  };
  const codes: readonly [Warning['code'], Warning['data'], string][] = [
    [
      'thinner-than-least',
      { depthMm: 5, leastDepthMm: 8, layers: 1, name: 'X' },
      'It may stay soft',
    ],
    [
      'over-pot-life',
      {
        ...large,
        keptBack: 1 / 3,
        coolerC: 17,
        twoPeople: true,
        hardeners: ['Slow'],
      },
      'What would do, a third of the time held in reserve: 3 batches of 3.9 kg; or mix and room at 17 °C; or two people; or the hardener Slow.',
    ],
    [
      'over-pot-life',
      {
        ...large,
        batches: undefined,
        eachG: undefined,
        keptBack: 0,
        coolerC: undefined,
        twoPeople: false,
        hardeners: [],
      },
      'Nothing short of another resin would do.',
    ],
    [
      'split-by-pot-life',
      large,
      'All 12 kg in one would take 25 min to mix and pour; it goes off after about 9 min and is at 60 °C after about 13 min. It is mixed in 3 batches of 3.9 kg',
    ],
    ['under-least-batch', { batchMl: 50, leastMl: 100, name: 'X' }, 'Mix fewer, larger batches'],
    ['cup-too-coarse', { stepMl: 50, ratioError: -0.08 }, '8 % off'],
    ['pump-off-ratio', { a: 2, b: 1, ratioError: 0.05 }, '2 strokes of A to 1 of B'],
    ['strokes-missing', {}, 'catch ten of them'],
    ['tint-depth-not-for-opaque', { testedAtMm: 5 }, 'as it was at 5'],
    ['lots-expired', { ml: 500, name: 'X', bestBefore: '2026-01-01' }, 'It is not counted'],
    ['layers-need-a-form', {}, 'poured in one go'],
    ['ratios-impossible', { densityRatio: 1.8, least: 0.7, greatest: 1.4, name: 'X' }, '1.8 times'],
    ['ratios-against-densities', { densityRatio: 0.8, typedRatio: 1, name: 'X' }, '0.8 times'],
    ['density-assumed', { name: 'X', densityAGPerMl: 1.1, densityBGPerMl: 1 }, 'A 1.1 and B 1'],
    ['density-assumed', { name: 'X', densityAGPerMl: 1.1, onePart: true }, '1.1 g/ml is assumed'],
    ['depths-crossed', { name: 'X', leastDepthMm: 9, greatestDepthMm: 5 }, 'Read the label again'],
    ['recoat-crossed', { name: 'X', fromMin: 600, toMin: 300 }, 'before it opens at 10'],
    ['times-crossed', { name: 'X', earlierMin: 600, laterMin: 300 }, 'out of order'],
  ];
  for (const [code, data, part] of codes) {
    const said = plain(sayWarning({ code, severity: 'warn', data } as Warning));
    expect(said).toMatch(/^\S.*\.$/);
    expect(said).toContain(part);
  }
});

describe('a batch', () => {
  test('order, own cups, pigment into A, marks, strokes and shares', () => {
    const plan = planOf({
      ...resin({ pigment: { into: 'a' } }),
      mixing: { by: 'volume', first: 'b' },
      cupMarks: { marks: ['120 ml'], water: '21 °C' },
      portions: [
        { name: 'Red', pigments: [{ name: 'Ink', kind: 'dye', drops: 5, twentyDrops: '0.6 g' }] },
      ],
    });
    const [batch] = plan.batches;
    if (batch === undefined) throw new Error('no batch');
    expect(plain(sayReadings(plan, batch))).toBe(
      'One cup: B to the mark of 175 ml, then A to 700 ml.',
    );
    expect(sayPigments(batch.pigments, plan.resin.pigmentInto).map(plain)).toEqual([
      'Ink 1.05 g (0.137 %, about 35 drops), into A before mixing',
    ]);
    expect(sayMeasuring(batch).map(plain)).toEqual([
      'Water for the marks: 523.9 g, 174.6 g, both 698.6 g.',
    ]);
    expect(plain(sheetText(plan.whole))).toContain('Red: 3 equal batches of 699 ml');
    const pumped = planOf({
      mixing: { by: 'pump', strokeA: '30 ml', strokeB: '10 ml', cups: 'own' },
    });
    const [stroke] = pumped.batches;
    if (stroke === undefined) throw new Error('no batch');
    expect(plain(sayReadings(pumped, stroke))).toBe(
      '18 rounds: 1 of A, 1 of B, in turn, so that the count is never lost.',
    );
    expect(sayPoured(stroke).a).toMatchObject({ figure: '18', unit: 'strokes' });
    expect(sayPoured(batch)).toMatchObject({
      a: { figure: '525', unit: 'ml' },
      b: { figure: '175', unit: 'ml' },
    });
    const own = planOf({ mixing: { cups: 'own', first: 'b' } });
    const [weighed] = own.batches;
    if (weighed === undefined) throw new Error('no batch');
    expect(plain(sayReadings(own, weighed))).toBe(
      'Each in its own cup, then B and A into a third: 763 g together.',
    );
    expect(sayPoured(weighed).a).toMatchObject({ figure: '592', unit: 'g' });
  });

  test('shares of one mix, and plain resin beside colours', () => {
    const plan = planOf({
      portions: [{ name: 'Red', share: '40 %' }, { name: 'Blue' }],
      coloursFrom: 'one-batch',
      tint: { share: '0.1 %' },
    });
    const [batch] = plan.batches;
    if (batch === undefined) throw new Error('no batch');
    expect(sayMeasuring(batch).map(plain)).toEqual([
      'A is weighed with its tint in it.',
      'Red: 305 g of the mix',
      'Blue: 458 g of the mix',
    ]);
    const two = planOf({
      measure: {
        parts: ['20 mm', '30 mm'].map((depth) => ({
          shape: 'box',
          length: '100 mm',
          width: '100 mm',
          depth,
        })),
      },
      portions: [{ name: 'Red', cavity: 1 }],
    });
    expect(two.whole.pours[0]?.batches.map((batch) => sayBatchFor(two, batch))).toEqual([
      'Red',
      'Plain',
    ]);
  });
});

test('the tint of all of A stands on the sheet, with what A then weighs', () => {
  const text = plain(sheetText(planOf({ tint: { name: 'Smoke', pigment: '2 g' } }).whole));
  expect(text).toContain('Smoke, into all of A: 2.00 g (0.0874 %). A then weighs 1778 g.');
});

describe('over-poured', () => {
  const plan = planOf({ container: { capacity: '1 l', fill: '75 %' } });
  test.each([
    [{ aG: 640 }, 'nothing to add', 'add 185 g'],
    [{ aG: 592, bG: 180 }, 'add 30.7 g', 'nothing to add'],
  ])('%j', (poured, a, b) => {
    const said = sayCorrection(correctBatch(plan, undefined, poured), plan);
    expect([plain(said.a), plain(said.b)]).toEqual([a, b]);
  });

  test('a cup that is too small and a layer that is full are told', () => {
    const said = sayCorrection(correctBatch(plan, undefined, { aG: 700, bG: 260 }), plan);
    const lines = said.more.map(({ text }) => plain(text)).join('\n');
    expect(lines).toContain('28.5 % over what A needs. Do not pour it as it is');
    expect(lines).toContain('too much for this container');
    expect(lines).toContain('when the cavity is full');
    expect(said.more.filter(({ stop }) => stop)).toHaveLength(2);
  });
});

test('joints with and without times', () => {
  const base = {
    school: 'tacky',
    earliestMin: undefined,
    latestMin: undefined,
    earliestInRoomMin: undefined,
    latestInRoomMin: undefined,
    readyMin: undefined,
    closesMin: undefined,
    coolMin: undefined,
    plannedMin: undefined,
  } as const;
  expect(sayJoint(base)).toContain('gives no recoat window');
  expect(sayJoint({ ...base, school: 'scuff' })).toContain('gives no time');
  const open = { ...base, earliestMin: 480, earliestInRoomMin: 600, plannedMin: 600 };
  expect(plain(sayJoint(open))).toBe(
    'Poured on after about 10 h, while it is sticky: from 10 h on by the label in this room (printed 8 h). Later: cure, scuff, wipe.',
  );
  expect(plain(sayJoint({ ...open, latestMin: 900, latestInRoomMin: 1200 }))).toContain(
    '10 to 20 h by the label in this room (printed 8 h to 15 h)',
  );
  const followed = { ...open, readyMin: 700, closesMin: 2600, plannedMin: 700 };
  expect(plain(sayJoint(followed))).toContain(
    'after about 12 h, while it is sticky: 12 to 44 h by the model;',
  );
  const scuffed = { ...followed, school: 'scuff', closesMin: undefined } as const;
  expect(plain(sayJoint(scuffed))).toBe(
    'Poured on after about 12 h, hard, scuffed and wiped. It keeps its shape after 12 h; 10 h by the label in this room (printed 8 h).',
  );
});

describe('choosing', () => {
  const job = readOne(exampleFile);
  const card = (name: string, more: Partial<Resin>): Resin => ({
    ...job.resin,
    id: name,
    name,
    ...more,
  });
  const shelf = {
    moulds: [],
    resins: [
      card('Deep', {
        kits: [{ size: '4 l', price: 96 }],
        clarity: 'clear',
        depth: { greatest: '60 mm' },
      }),
      card('Thick', { depth: { least: '50 mm' } }),
      card('Rubber', { family: 'silicone-tin' }),
      card('Least', { leastBatch: '790 ml' }),
      card('Flash', { potLife: { time: '2 min' } }),
      card('Stiff', { viscosity: '3 Pa·s' }),
      card('Runny', { viscosity: '100 mPa·s' }),
    ],
  };
  const choices = chooseForOne({ ...job, wants: ['fine-detail', 'glitter'] }, shelf);
  const reasonsOf = (name: string): string =>
    plain(
      choices
        .find((each) => each.name === name)
        ?.reasons.map(sayFit)
        .join(' ') ?? '',
    );

  test.each([
    ['Deep', ''],
    ['Thick', 'Too thin to warm itself: 31.75 mm, it needs 50 mm.'],
    ['Rubber', 'Silicone is for moulds.'],
    ['Least', "Less than the maker's least batch: 91.5 ml would be left over."],
    ['Flash', 'The smallest batch is pourable for about 2½ min here'],
    ['Stiff', 'Too thick for fine detail: 3000 mPa·s, 1500 at the most.'],
    ['Runny', 'Too thin for glitter, which sinks: 100 mPa·s, 500 at the least.'],
  ])('%s: %s', (name, reason) => {
    expect(reasonsOf(name)).toContain(reason);
  });

  test('figures that are not known are a dash', () => {
    const [deep] = choices;
    if (deep === undefined) throw new Error('no choice');
    const said = sayChoice(deep, '£');
    expect(Object.values(said).map(plain)).toEqual([
      '1',
      '12 days',
      'about 9 h for 6 min',
      '£ 96.00',
      '1905 ml',
      '52.9 %',
      'Clear',
      'about 28 °C',
    ]);
  });
});

describe('buying and leftovers', () => {
  test('the list has what to tick off, from whom, and for what', () => {
    const kits = [{ supplier: 'Lock Chandlery', size: '1.5 l', price: 42, delivery: 9.5 }];
    const lots = [
      { left: '0.5 l', opened: '2026-09-01', bestBefore: '2027-01-01' },
      { left: '1 l', bestBefore: '2026-01-01' },
    ];
    const plan = planOf(resin({ kits, lots }));
    const text = plain(shoppingText(shoppingOf([plan.whole], '2026-11-23'), '£'));
    expect(text).toContain('Slow clear: 2096 ml, 2289 g (Drawer tray)');
    expect(text).toContain('from the shelf 500 ml');
    expect(text).toContain('[ ] 2 × 1.5 l, Lock Chandlery: £ 84.00');
    expect(text).toContain('delivery £ 9.50');
    expect(text).toContain('Together £ 93.50');
    expect(
      plan.buying.lots.map(sayLot).map(({ name, there }) => `${name} ${plain(there)}`),
    ).toEqual([
      'From the shelf, opened 2026-09-01 of 500 ml, good to 2027-01-01',
      'From the shelf, unopened of 1000 ml, past 2026-01-01',
    ]);
    const [kit] = plan.buying.kits;
    if (kit === undefined) throw new Error('no kit');
    expect(plain(sayKit(kit, ''))).toBe('1.5 l from Lock Chandlery: 34.33 a litre, 31.43 a kg');
    const none = planOf({});
    expect(shoppingText(shoppingOf([none.whole], undefined), '')).toContain(
      '! No kit on sale is known.',
    );
  });

  test('where a leftover goes', () => {
    const leftover = {
      batch: 1,
      group: 'layer-1',
      leftMl: 30,
      fills: [],
      usedMl: 0,
      remainsMl: 30,
      unfit: 0,
    };
    expect(plain(sayLeftover(leftover, 3))).toBe(
      'Batch 2: about 30.0 ml may be left; no cavity that is ready takes it.',
    );
    const fills = [
      { mould: 'Buttons', cavity: 'Large', count: 2, eachMl: 6 },
      { mould: 'Knob', cavity: undefined, count: 1, eachMl: 12 },
    ];
    expect(plain(sayLeftover({ ...leftover, fills, usedMl: 24, unfit: 1 }, 1))).toBe(
      'About 30.0 ml may be left. Fill 2 × Large of Buttons, then Knob: 24.0 ml. 1 cavity is too deep or too shallow for this resin.',
    );
  });
});
