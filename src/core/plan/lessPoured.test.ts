import { demoResins } from '../../data/demo/demoResins';
import { readJob } from '../job/readJob';
import { lessPoured } from './lessPoured';
import { planJob } from './planJob';
import { shoppingOf } from './shoppingOf';

const slow = demoResins[0]!;
const plan = planJob(
  readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Tray',
    room: { temperature: '20 °C' },
    measure: { parts: [{ shape: 'box', length: '300 mm', width: '200 mm', depth: '20 mm' }] },
    pours: [
      { resin: slow, overage: '0 %', fills: { to: '10 mm' } },
      { resin: slow, overage: '0 %', fills: { from: '10 mm' } },
    ],
  }),
);

test('600 ml of 1200 are poured: 600 are still needed, and as many bought', () => {
  const { buying } = lessPoured(plan, new Map([[0, 0]]), undefined);
  expect(plan.buying[0]!.buying.needMl).toBeCloseTo(1200, 6);
  expect(buying[0]!.pouredMl).toBeCloseTo(600, 6);
  expect(buying[0]!.buying.needMl).toBeCloseTo(600, 6);
  expect(buying[0]!.buying.needG).toBeCloseTo(plan.buying[0]!.buying.needG / 2, 6);
});

test('of a pour a part of which is mixed the rest is needed', () => {
  const { buying } = lessPoured(plan, new Map([[1, 0.25]]), undefined);
  expect(buying[0]!.buying.needMl).toBeCloseTo(750, 6);
});

test('where all is poured nothing is on the shopping list; where nothing is, the plan is as it was', () => {
  const all = lessPoured(plan, new Map(plan.pours.map(({ index }) => [index, 0])), undefined);
  expect(all.buying[0]!.buying).toMatchObject({ needMl: 0, missingMl: 0 });
  expect(shoppingOf([all], undefined)).toEqual([]);
  expect(lessPoured(plan, new Map(), undefined)).toBe(plan);
});
