import { readQuantity } from '../quantity/readQuantity';
import { amountRule } from '../quantity/rules';
import type { Resin } from '../resin/resinSchema';

/** A lot with what is taken of it. */
export interface LotUse {
  /** Its place on the card. */
  readonly lot: number;
  readonly leftMl: number;
  readonly takenMl: number;
  /** What is printed on its bottles. */
  readonly code: string | undefined;
  readonly opened: string | undefined;
  readonly bestBefore: string | undefined;
  /** Past its best-before: nothing is taken of it. */
  readonly expired: boolean;
}

/** A kit that is open is used before a full one; of those, the one opened first, then the one that goes off first. */
function inOrder(a: LotUse, b: LotUse): number {
  const [openedA, openedB] = [a.opened ?? '9999', b.opened ?? '9999'];
  const [beforeA, beforeB] = [a.bestBefore ?? '9999', b.bestBefore ?? '9999'];
  return openedA.localeCompare(openedB) || beforeA.localeCompare(beforeB) || a.lot - b.lot;
}

/**
 * Takes a need from the lots on the shelf, the oldest opened first; what is past its best-before is left.
 * @param needMl of mixed resin
 * @param today `2026-11-23`; without it no lot is past anything
 */
export function takeFromLots(
  needMl: number,
  lots: NonNullable<Resin['lots']>,
  mixedDensityGPerMl: number,
  today: string | undefined,
): { readonly uses: readonly LotUse[]; readonly takenMl: number; readonly missingMl: number } {
  let missingMl = needMl;
  const uses = lots
    .map((lot, index): LotUse => {
      const { kind, value } = readQuantity(lot.left, amountRule);
      return {
        lot: index,
        leftMl: kind === 'mass' ? value / mixedDensityGPerMl : value,
        takenMl: 0,
        code: lot.code,
        opened: lot.opened,
        bestBefore: lot.bestBefore,
        expired: today !== undefined && lot.bestBefore !== undefined && lot.bestBefore < today,
      };
    })
    .sort(inOrder)
    .map((each) => {
      const takenMl = each.expired ? 0 : Math.min(each.leftMl, missingMl);
      missingMl -= takenMl;
      return { ...each, takenMl };
    });
  return { uses, takenMl: needMl - missingMl, missingMl };
}
