import { formatPlain } from '../quantity/format';
import { readQuantity } from '../quantity/readQuantity';
import { amountRule } from '../quantity/rules';
import type { Resin } from '../resin/resinSchema';
import { takeFromLots } from './lots';

type Lots = NonNullable<Resin['lots']>;
type Lot = Lots[number];

/** What was taken of one lot. */
export interface TakenOfLot {
  readonly name: string;
  readonly opened: string | undefined;
  readonly bestBefore: string | undefined;
  readonly usedG: number;
}

/** Less is what sums of figures leave over, g. */
const dustG = 1e-6;

/** What people call a lot: what is printed on its bottles, or when it was opened. */
export const nameOfLot = ({ code, opened, bestBefore }: Omit<Lot, 'left'>): string =>
  code ??
  (opened !== undefined
    ? `opened ${opened}`
    : bestBefore !== undefined
      ? `best before ${bestBefore}`
      : 'not named');

const isOf = (lot: Lot, taken: TakenOfLot): boolean =>
  nameOfLot(lot) === taken.name && lot.opened === taken.opened;

const gramsOf = ({ left }: Lot, gPerMl: number): number => {
  const { kind, value } = readQuantity(left, amountRule);
  return kind === 'mass' ? value : value * gPerMl;
};

/** An amount in the unit in which the lot was told; nothing that is left is below a gram. */
function withGrams(lot: Lot, g: number, gPerMl: number): Lot | undefined {
  if (g < 0.5) return undefined;
  const isMass = readQuantity(lot.left, amountRule).kind === 'mass';
  return { ...lot, left: isMass ? `${formatPlain(g, 1)} g` : `${formatPlain(g / gPerMl, 1)} ml` };
}

function added(taken: readonly TakenOfLot[], more: TakenOfLot): readonly TakenOfLot[] {
  const isSame = (each: TakenOfLot): boolean =>
    each.name === more.name && each.opened === more.opened;
  return taken.some(isSame)
    ? taken.map((each) => (isSame(each) ? { ...each, usedG: each.usedG + more.usedG } : each))
    : [...taken, more];
}

interface Shelved {
  readonly lots: Lots;
  readonly taken: readonly TakenOfLot[];
}

/** Gives back what was taken, of the lot that was taken from last first; one that was used up stands there again. */
function givenBack({ lots, taken }: Shelved, g: number, gPerMl: number): Shelved {
  let leftG = g;
  let now: Lots = [...lots];
  const kept = [...taken].reverse().map((each) => {
    const backG = Math.min(each.usedG, leftG);
    leftG -= backG;
    if (backG < dustG) return each;
    const at = now.findIndex((lot) => isOf(lot, each));
    if (at === -1) {
      const { name, opened, bestBefore } = each;
      const isNamed = nameOfLot({ code: undefined, opened, bestBefore }) !== name;
      const again = { code: isNamed ? name : undefined, opened, bestBefore, left: '1 g' };
      now = [...now, withGrams(again, backG, gPerMl) ?? again];
    } else {
      const lot = now[at]!;
      const next = withGrams(lot, gramsOf(lot, gPerMl) + backG, gPerMl) ?? lot;
      now = now.map((other, place) => (place === at ? next : other));
    }
    return { ...each, usedG: each.usedG - backG };
  });
  return { lots: now, taken: kept.reverse().filter(({ usedG }) => usedG > dustG) };
}

/**
 * Takes what was mixed off the lots on a shelf, in the order in which plans take from them. A lot of which some is taken is open
 * from then on; one that is used up is gone.
 * @param taken of the same pour so far
 * @param moreG to take, g of mixed resin; below 0 it is given back
 * @param gPerMl of the mix
 * @param today `2026-11-23`
 */
export function takeOff(
  { lots, taken }: Shelved,
  moreG: number,
  gPerMl: number,
  today: string,
): Shelved {
  if (moreG < 0) return givenBack({ lots, taken }, -moreG, gPerMl);
  const { uses } = takeFromLots(moreG / gPerMl, lots, gPerMl, today);
  const mlOf = new Map(uses.map(({ lot, takenMl }) => [lot, takenMl]));
  let all = taken;
  const left = lots.flatMap((lot, at): Lots => {
    const usedG = (mlOf.get(at) ?? 0) * gPerMl;
    if (usedG < dustG) return [lot];
    const opened = { ...lot, opened: lot.opened ?? today };
    all = added(all, {
      name: nameOfLot(opened),
      opened: opened.opened,
      bestBefore: lot.bestBefore,
      usedG,
    });
    const rest = withGrams(opened, gramsOf(lot, gPerMl) - usedG, gPerMl);
    return rest === undefined ? [] : [rest];
  });
  return { lots: left, taken: all };
}
