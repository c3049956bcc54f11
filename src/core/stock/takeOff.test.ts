import * as fc from 'fast-check';
import { readQuantity } from '../quantity/readQuantity';
import { amountRule } from '../quantity/rules';
import { takeOff } from './takeOff';
import { runs } from '../../testing/campaign';

const gPerMl = 1.1;
const none = { code: undefined, opened: undefined, bestBefore: undefined };
const gramsOf = (lots: readonly { readonly left: string }[]): number =>
  lots.reduce((sum, { left }) => {
    const { kind, value } = readQuantity(left, amountRule);
    return sum + (kind === 'mass' ? value : value * gPerMl);
  }, 0);

test('660 g come off the lot that is open, then off the next, which is open from then on', () => {
  const lots = [
    { ...none, left: '2 kg', code: 'K 412' },
    { ...none, left: '0.5 l', opened: '2026-09-12' },
  ];
  const { lots: left, taken } = takeOff({ lots, taken: [] }, 660, gPerMl, '2026-11-29');
  expect(taken).toEqual([
    { name: 'K 412', opened: '2026-11-29', bestBefore: undefined, usedG: expect.closeTo(110, 6) },
    {
      name: 'opened 2026-09-12',
      opened: '2026-09-12',
      bestBefore: undefined,
      usedG: expect.closeTo(550, 6),
    },
  ]);
  expect(left).toEqual([{ ...none, left: '1890 g', code: 'K 412', opened: '2026-11-29' }]);
});

test('what is past its date stays, and what the shelf does not have is not taken', () => {
  const lots = [{ ...none, left: '300 g', bestBefore: '2026-01-01' }];
  expect(takeOff({ lots, taken: [] }, 100, gPerMl, '2026-11-29')).toEqual({ lots, taken: [] });
  const few = [{ ...none, left: '40 g', opened: '2026-11-01' }];
  const { lots: left, taken } = takeOff({ lots: few, taken: [] }, 100, gPerMl, '2026-11-29');
  expect(left).toEqual([]);
  expect(taken.map(({ usedG }) => Math.round(usedG))).toEqual([40]);
});

test('what is given back stands on the shelf as before', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 20, max: 3000 }), { minLength: 1, maxLength: 5 }),
      fc.integer({ min: 1, max: 9000 }),
      (grams, moreG) => {
        const lots = grams.map((g, at) => ({
          ...none,
          left: `${g} g`,
          opened: `2026-10-0${at + 1}`,
        }));
        const off = takeOff({ lots, taken: [] }, moreG, gPerMl, '2026-11-29');
        const usedG = off.taken.reduce((sum, each) => sum + each.usedG, 0);
        expect(usedG).toBeCloseTo(Math.min(moreG, gramsOf(lots)), 6);
        const back = takeOff(off, -usedG, gPerMl, '2026-11-29');
        expect(back.taken).toEqual([]);
        // To the gram of each lot that was begun.
        expect(Math.abs(gramsOf(back.lots) - gramsOf(lots))).toBeLessThanOrEqual(lots.length);
      },
    ),
    { numRuns: runs(200, 2000) },
  );
});
