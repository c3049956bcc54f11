import { assert, constantFrom, integer, property } from 'fast-check';
import { demoMoulds } from '../demo/demoMoulds';
import { demoResins } from '../demo/demoResins';
import { planQuick } from './quickDraft';
import { firstFigures, fromLabel, resinOfQuick } from './quickMix';
import { runs } from '../../testing/campaign';

const shelf = { resins: demoResins, moulds: demoMoulds };
const quick = (amount: string, batches = '1') => ({ amount, batches, resinId: '' });

test('500 g of 2 : 1 by weight, before the planner is there', () => {
  const [card] = demoResins;
  const resin = { ...card!, ratio: { by: 'weight' as const, a: 2, b: 1 } };
  expect(firstFigures({ quick: quick('500 g'), resin })?.onScale).toMatchObject({
    aG: 333.4,
    bG: 166.7,
    stepG: 0.1,
  });
});

test('the planner says what is wrong, and how many batches', () => {
  const [resin] = demoResins;
  expect(firstFigures({ quick: quick(''), resin })).toBeUndefined();
  expect(firstFigures({ quick: quick('500 oz'), resin })).toBeUndefined();
  expect(firstFigures({ quick: quick('500 g', '3'), resin })).toBeUndefined();
  expect(firstFigures({ quick: quick('500 g'), resin: undefined })).toBeUndefined();
});

test('the ratio off a label stands for a card: 2 : 1 by volume, with what parts of its kind weigh', () => {
  const label = { ratio: '2:1', by: 'volume' as const };
  const { resin, isLabel } = resinOfQuick({ ...quick('500 g'), resinId: fromLabel, label }, []);
  expect(isLabel).toBe(true);
  expect(resin?.name).toBe('2 : 1 by volume');
  // 2 · 1.1 to 1 · 0.97: A is 500 · 2.2 / 3.17 g.
  expect(firstFigures({ quick: quick('500 g'), resin })?.a.g).toBeCloseTo((500 * 2.2) / 3.17, 9);
});

test('an empty shelf asks for the label; a ratio that is none says so', () => {
  expect(resinOfQuick(quick('500 g'), [])).toEqual({ isLabel: true });
  const typed = { ...quick('500 g'), label: { ratio: '2', by: 'weight' as const } };
  expect(resinOfQuick(typed, [])).toMatchObject({
    isLabel: true,
    problem: { code: 'not-a-ratio' },
  });
  expect(resinOfQuick(typed, demoResins)).toEqual({ isLabel: false, resin: demoResins[0] });
});

test('first figures are those of the plan, whatever the resin and the amount', () => {
  assert(
    property(
      constantFrom(...demoResins),
      integer({ min: 10, max: 90_000 }),
      constantFrom('g', 'ml', 'US fl oz', 'lb'),
      (resin, tenths, unit) => {
        const draft = { quick: quick(`${tenths / 10} ${unit}`), resin };
        const first = firstFigures(draft);
        const { plan, problems } = planQuick(draft, shelf);
        if (plan === undefined) return expect(problems).not.toEqual([]);
        const [batch] = plan.pours[0]!.batches;
        expect(batch).toMatchObject({ count: 1, inCup: undefined, strokes: undefined });
        expect(first?.onScale).toEqual(batch!.onScale);
        // The one way through the volume, the other through the batch: the same but for the last digits.
        expect(first!.a.ml).toBeCloseTo(batch!.a.ml, 6);
        expect(first!.b.g).toBeCloseTo(batch!.b.g, 6);
        return undefined;
      },
    ),
    { numRuns: runs(40, 2000) },
  );
});
