import { InputError } from '../problem';
import { readAmountMl } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { bestKits, withSupplierDelivery } from './bestKits';
import { takeFromLots, type LotUse } from './lots';

/** A kit of a card, with what its resin costs with delivery. */
export interface PricedSize {
  /** Its place on the card. */
  readonly kit: number;
  readonly supplier: string;
  readonly size: string;
  readonly sizeMl: number;
  readonly sizeG: number;
  readonly price: number;
  readonly delivery: number;
  /** One alone, delivery included. */
  readonly perLitre: number;
  readonly perKg: number;
  /** How many to buy. */
  readonly count: number;
  /** All of them, without delivery. */
  readonly cost: number;
}

/** What a need comes to in the shop. */
export interface Buying {
  readonly needMl: number;
  readonly needG: number;
  readonly lots: readonly LotUse[];
  readonly fromLotsMl: number;
  readonly missingMl: number;
  readonly kits: readonly PricedSize[];
  readonly boughtMl: number;
  /** With delivery; undefined where something is missing and no kit is on sale. */
  readonly cost: number | undefined;
  readonly deliveries: number;
  /** The need valued at what the kits to buy cost; undefined where nothing is bought. */
  readonly perLitre: number | undefined;
  readonly perKg: number | undefined;
  /** Of what is bought, when the need is covered. */
  readonly leftoverMl: number;
  readonly problem: 'no-kits' | 'order-too-large' | undefined;
}

/**
 * What to take from the shelf and what to buy for a need.
 * @param needMl of mixed resin
 * @param card with its kits and lots
 * @param today for best-before dates; see `takeFromLots`
 */
export function buyingOf(
  needMl: number,
  card: Resin,
  mixedDensityGPerMl: number,
  today: string | undefined,
): Buying {
  const { uses, takenMl, missingMl } = takeFromLots(
    needMl,
    card.lots ?? [],
    mixedDensityGPerMl,
    today,
  );
  const onSale = (card.kits ?? []).map(({ supplier = '', delivery = 0, ...kit }) => ({
    ...kit,
    supplier: supplier.trim(),
    delivery,
  }));
  const sizes = withSupplierDelivery(onSale).map((kit, index) => {
    const sizeMl = readAmountMl(kit.size, mixedDensityGPerMl);
    const { delivery } = kit;
    const perLitre = ((kit.price + delivery) / sizeMl) * 1000;
    return {
      kit: index,
      supplier: kit.supplier,
      size: kit.size,
      sizeMl,
      sizeG: sizeMl * mixedDensityGPerMl,
      price: kit.price,
      delivery,
      perLitre,
      perKg: perLitre / mixedDensityGPerMl,
    };
  });
  const common = {
    needMl,
    needG: needMl * mixedDensityGPerMl,
    lots: uses,
    fromLotsMl: takenMl,
    missingMl,
  };
  try {
    const bought = bestKits(missingMl, missingMl > 0 || sizes.length > 0 ? sizes : [nothingOnSale]);
    const { cost, deliveries, ml } = bought;
    const counts = new Map(bought.kits.map(({ kit, count }) => [kit, count]));
    return {
      ...common,
      kits: sizes.map((size) => {
        const count = counts.get(size.kit) ?? 0;
        return { ...size, count, cost: count * size.price };
      }),
      boughtMl: ml,
      cost,
      deliveries,
      perLitre: ml > 0 ? (cost / ml) * 1000 : undefined,
      perKg: ml > 0 ? ((cost / ml) * 1000) / mixedDensityGPerMl : undefined,
      leftoverMl: Math.max(0, ml - missingMl),
      problem: undefined,
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return {
      ...common,
      kits: sizes.map((size) => ({ ...size, count: 0, cost: 0 })),
      boughtMl: 0,
      cost: undefined,
      deliveries: 0,
      perLitre: undefined,
      perKg: undefined,
      leftoverMl: 0,
      problem: error.code === 'no-kits' ? 'no-kits' : 'order-too-large',
    };
  }
}

/** Stands in where nothing needs to be bought. */
const nothingOnSale = { supplier: '', sizeMl: 1, price: 1, delivery: 0 };
