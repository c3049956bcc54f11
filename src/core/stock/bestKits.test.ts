import * as fc from 'fast-check';
import { bestKits, type Kit } from './bestKits';

const kit = (sizeMl: number, price: number, delivery = 9.5, supplier = 'Chandler'): Kit => ({
  supplier,
  sizeMl,
  price,
  delivery,
});

test('5.3 l of three sizes: four of the middle one, not the largest first', () => {
  const kits = [kit(750, 24), kit(1500, 42), kit(6000, 179)];
  expect(bestKits(5300, kits)).toEqual({
    kits: [{ kit: 1, count: 4 }],
    ml: 6000,
    cost: 177.5,
    deliveries: 9.5,
  });
});

test('a second supplier is worth its delivery, or not', () => {
  const kits = [kit(1000, 40, 5, 'Near'), kit(1000, 30, 25, 'Far')];
  expect(bestKits(2000, kits)).toMatchObject({ cost: 85, kits: [{ kit: 0, count: 2 }] });
  expect(bestKits(3000, kits)).toMatchObject({ cost: 115, kits: [{ kit: 1, count: 3 }] });
});

test('two suppliers together where neither alone is as cheap', () => {
  const kits = [kit(5000, 100, 1, 'Near'), kit(700, 20, 1, 'Far')];
  expect(bestKits(5600, kits)).toEqual({
    kits: [
      { kit: 0, count: 1 },
      { kit: 1, count: 1 },
    ],
    ml: 5700,
    cost: 122,
    deliveries: 2,
  });
});

test('nothing to buy where nothing is needed; no kit on sale is refused', () => {
  expect(bestKits(0, [kit(750, 24)]).kits).toEqual([]);
  expect(() => bestKits(1, [])).toThrow(expect.objectContaining({ code: 'no-kits' }) as Error);
  expect(() => bestKits(1e7, [kit(1, 999.99, 0.01)])).toThrow(
    expect.objectContaining({ code: 'order-too-large' }) as Error,
  );
});

/** Every combination of kits there is, up to what one kit alone would need. */
function exhaustive(needMl: number, kits: readonly Kit[]): number {
  let best = Infinity;
  const count = kits.map(() => 0);
  const visit = (at: number): void => {
    const ml = kits.reduce((sum, { sizeMl }, index) => sum + sizeMl * (count[index] ?? 0), 0);
    if (ml >= needMl - 1e-9) {
      const used = kits.filter((_, index) => (count[index] ?? 0) > 0);
      const price = kits.reduce((sum, each, index) => sum + each.price * (count[index] ?? 0), 0);
      const deliveries = new Map(used.map(({ supplier }) => [supplier, 0]));
      for (const { supplier, delivery } of kits) {
        if (!deliveries.has(supplier)) continue;
        deliveries.set(supplier, Math.max(deliveries.get(supplier) ?? 0, delivery));
      }
      best = Math.min(
        best,
        [...deliveries.values()].reduce((sum, each) => sum + each, price),
      );
      return;
    }
    for (let index = at; index < kits.length; index += 1) {
      count[index] = (count[index] ?? 0) + 1;
      visit(index);
      count[index] = (count[index] ?? 0) - 1;
    }
  };
  visit(0);
  return best;
}

test('costs as little as the exhaustive search finds, and what it lists adds up', () => {
  const suppliers = fc.record({
    Near: fc.integer({ min: 0, max: 30 }),
    Far: fc.integer({ min: 0, max: 30 }),
  });
  const kits = fc.array(
    fc.record({
      supplier: fc.constantFrom('Near' as const, 'Far' as const),
      sizeMl: fc.integer({ min: 3, max: 40 }).map((tenths) => tenths * 100),
      price: fc.integer({ min: 100, max: 9000 }).map((cents) => cents / 100),
    }),
    { minLength: 1, maxLength: 4 },
  );
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 4000 }), kits, suppliers, (needMl, sizes, delivery) => {
      const onSale = sizes.map((each) => ({ ...each, delivery: delivery[each.supplier] }));
      const found = bestKits(needMl, onSale);
      expect(found.cost).toBeCloseTo(exhaustive(needMl, onSale), 6);
      const ml = found.kits.reduce((sum, each) => {
        return sum + each.count * (onSale[each.kit]?.sizeMl ?? NaN);
      }, 0);
      expect(ml).toBeCloseTo(found.ml, 6);
      expect(ml).toBeGreaterThanOrEqual(needMl - 1e-6);
      const price = found.kits.reduce((sum, each) => {
        return sum + each.count * (onSale[each.kit]?.price ?? NaN);
      }, 0);
      expect(price + found.deliveries).toBeCloseTo(found.cost, 6);
    }),
  );
});
