import { planOne, readOne } from '../../testing/planOne';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { shoppingCost, shoppingOf } from '../plan/shoppingOf';
import type { Resin } from '../resin/resinSchema';
import { readPriceList, withPrices } from './priceList';

const job = readOne(exampleFile);
const card: Resin = {
  ...job.resin,
  id: 'slow',
  kits: [{ supplier: 'Lock Chandlery', size: '1.5 l', price: 42, delivery: 9.5 }],
};

test('a price list changes the kits it names and adds the others', () => {
  const list = readPriceList([
    {
      resin: 'slow clear',
      supplier: 'lock chandlery',
      size: '1.5 l',
      price: '39.90',
      delivery: '9.50',
    },
    { resin: 'Slow clear', supplier: 'Towpath Supplies', size: '5 kg', price: '120', delivery: '' },
    { resin: 'Nobody knows', supplier: '', size: '1 l', price: '1', delivery: '' },
  ]);
  const { changed, unknown } = withPrices([card], list);
  expect(changed).toHaveLength(1);
  expect(changed[0]?.kits?.map(({ size, price }) => [size, price])).toEqual([
    ['1.5 l', 39.9],
    ['5 kg', 120],
  ]);
  expect(unknown).toEqual(['Nobody knows']);
});

test.each([
  [{ resin: 'X', size: '1 l', price: 'dear' }, 'not-a-number', 'rows[0].price'],
  [{ resin: 'X', size: 'large', price: '1' }, 'unreadable', 'rows[0].size'],
  [{ resin: 'X', size: '1 l', price: '1', colour: 'red' }, 'unknown-key', 'rows[0]'],
])('%j is refused', (row, code, field) => {
  expect(() => readPriceList([row])).toThrow(expect.objectContaining({ code, field }) as Error);
});

test('two jobs of one resin are one need: one delivery, one shelf', () => {
  const plan = planOne({ ...job, resin: card }).whole;
  const alone = shoppingOf([plan], undefined);
  expect(alone[0]?.buying.cost).toBeCloseTo(2 * 42 + 9.5, 9);
  const other = { ...card, id: 'other', kits: undefined };
  const elsewhere = planOne({ ...job, resin: other }).whole;
  const [both, apart] = shoppingOf([plan, plan, elsewhere], undefined);
  expect(both?.buying.needMl).toBeCloseTo(2 * 2095.5, 6);
  expect(both?.buying.cost).toBeCloseTo(3 * 42 + 9.5, 9);
  expect(both?.jobs).toHaveLength(2);
  expect(apart?.buying.problem).toBe('no-kits');
  expect(both?.buying.kits[0]).toMatchObject({ count: 3, cost: 126 });
  const all = [both, apart].filter((each) => each !== undefined);
  expect(shoppingCost(all)).toBeCloseTo(3 * 42 + 9.5, 9);
  expect(shoppingCost(all.slice(1))).toBeUndefined();
});
