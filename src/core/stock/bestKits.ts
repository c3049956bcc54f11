import { roundUpWhole } from '../quantity/round';
import { roundingShare } from '../quantity/tolerance';
import { InputError } from '../problem';

/** A size on sale. */
export interface Kit {
  readonly supplier: string;
  readonly sizeMl: number;
  /** More than nothing. */
  readonly price: number;
  /** Charged once for all that comes from this supplier; of several figures for one supplier the greatest counts. */
  readonly delivery: number;
}

/** Kits with what their supplier charges for a delivery: one parcel, whichever of its kits are in it. */
export function withSupplierDelivery<K extends Pick<Kit, 'supplier' | 'delivery'>>(
  kits: readonly K[],
): readonly K[] {
  const charged = new Map<string, number>();
  for (const { supplier, delivery } of kits) {
    charged.set(supplier, Math.max(charged.get(supplier) ?? 0, delivery));
  }
  return kits.map((kit) => ({ ...kit, delivery: charged.get(kit.supplier) ?? 0 }));
}

/** How many of a kit. */
export interface KitCount {
  /** Its place in the list that was given. */
  readonly kit: number;
  readonly count: number;
}

export interface Purchase {
  readonly kits: readonly KitCount[];
  readonly ml: number;
  /** With delivery. */
  readonly cost: number;
  readonly deliveries: number;
}

/** Prices are exact to this: a hundredth of the coin. */
const hundredths = 100;

/** More steps than this would be a price in the smallest coin of a very large order. */
const mostSteps = 30_000_000;
/** Of each sum of money it is kept what it buys, supplier by supplier: more sums than this take too much memory. */
const mostSums = 4_000_000;

const greatestCommonDivisor = (a: number, b: number): number =>
  b === 0 ? a : greatestCommonDivisor(b, a % b);

/** Nobody's best, but enough: as many of one kit as it takes, of the one where that is cheapest. */
const boundOf = (kits: readonly PricedKit[], needMl: number): number =>
  Math.min(
    ...kits.map(({ sizeMl, price, delivery }) => roundUpWhole(needMl / sizeMl) * price + delivery),
  );

/** A kit with its prices in whole steps of money. */
interface PricedKit {
  readonly index: number;
  readonly sizeMl: number;
  readonly price: number;
  readonly delivery: number;
}

/** What a supplier adds to what was bought of those before. */
interface SupplierStep {
  /** The most ml for each sum of money without this supplier. */
  readonly without: Float64Array;
  /** The same with its delivery paid; −1 where the money does not reach for it. */
  readonly paid: Float64Array;
  /** The kit bought last for that, by its place among `own`; −1 where none was. */
  readonly last: Int16Array;
  readonly own: readonly PricedKit[];
  readonly delivery: number;
}

function supplierStep(without: Float64Array, own: readonly PricedKit[]): SupplierStep {
  const delivery = own[0]?.delivery ?? 0;
  const paid = new Float64Array(without.length).fill(-1);
  const last = new Int16Array(without.length).fill(-1);
  const left = Math.max(0, without.length - delivery);
  if (left > 0) paid.set(without.subarray(0, left), delivery);
  // Kit by kit over rising sums: each may have been bought any number of times before.
  own.forEach(({ price, sizeMl }, kit) => {
    for (let money = delivery + price; money < paid.length; money += 1) {
      const withThis = (paid[money - price] as number) + sizeMl;
      if (withThis > (paid[money] as number)) {
        paid[money] = withThis;
        last[money] = kit;
      }
    }
  });
  return { without, paid, last, own, delivery };
}

/** The more of both, for each sum of money. */
function larger(a: Float64Array, b: Float64Array): Float64Array<ArrayBuffer> {
  const most = new Float64Array(a.length);
  for (let money = 0; money < a.length; money += 1) {
    most[money] = Math.max(a[money] as number, b[money] as number);
  }
  return most;
}

/** Walks back from a sum of money to what it bought. */
function walkBack(
  steps: readonly SupplierStep[],
  money: number,
): { readonly counts: ReadonlyMap<number, number>; readonly delivered: number } {
  const counts = new Map<number, number>();
  let left = money;
  let delivered = 0;
  for (const { without, paid, last, own, delivery } of [...steps].reverse()) {
    if ((paid[left] ?? -1) <= (without[left] ?? 0)) continue;
    for (let kit = own[last[left] ?? -1]; kit !== undefined; kit = own[last[left] ?? -1]) {
      counts.set(kit.index, (counts.get(kit.index) ?? 0) + 1);
      left -= kit.price;
    }
    left -= delivery;
    delivered += delivery;
  }
  return { counts, delivered };
}

/**
 * The least-cost whole kits that cover a need, delivery of each supplier once included. Exact: the largest volume that
 * each sum of money buys (an unbounded knapsack, one supplier after the other), and of those the least that is enough.
 * Of several that cost the same, the one with the most in it.
 * @param needMl of mixed resin
 * @param kits at least one
 * @throws InputError `no-kits`, `order-too-large`
 */
export function bestKits(needMl: number, kits: readonly Kit[]): Purchase {
  if (kits.length === 0) throw new InputError('no-kits', undefined);
  if (needMl <= 0) return { kits: [], ml: 0, cost: 0, deliveries: 0 };
  const whole = (money: number): number => Math.round(money * hundredths);
  const charged = withSupplierDelivery(kits);
  const step = charged
    .flatMap(({ price, delivery }) => [whole(price), whole(delivery)])
    .reduce(greatestCommonDivisor, 0);
  const priced = charged.map(({ sizeMl, price, delivery }, index) => ({
    index,
    sizeMl,
    price: whole(price) / step,
    delivery: whole(delivery) / step,
  }));
  const most = boundOf(priced, needMl);
  if (most >= mostSums || (most + 1) * kits.length > mostSteps) {
    throw new InputError('order-too-large', needMl, { needMl });
  }
  let volume = new Float64Array(most + 1);
  const steps = [...new Set(kits.map(({ supplier }) => supplier))].map((supplier) => {
    const own = priced.filter(({ index }) => kits[index]?.supplier === supplier);
    const taken = supplierStep(volume, own);
    volume = larger(volume, taken.paid);
    return taken;
  });
  const enoughMl = needMl * (1 - roundingShare);
  const money = volume.findIndex((ml) => ml >= enoughMl);
  const { counts, delivered } = walkBack(steps, money);
  return {
    kits: [...counts].map(([kit, count]) => ({ kit, count })).sort((a, b) => a.kit - b.kit),
    ml: volume[money] ?? 0,
    cost: (money * step) / hundredths,
    deliveries: (delivered * step) / hundredths,
  };
}
