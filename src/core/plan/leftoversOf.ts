import type { DepthTaken } from '../layers/layerHeights';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, volumeRule } from '../quantity/rules';
import type { Mould } from '../measure/mould/mouldSchema';
import { within } from '../measure/within';
import { bestFilling } from '../stock/bestFilling';
import type { Leftover, PlannedBatch } from './planTypes';

/** One cavity of a small mould that stands ready. */
export interface ReadyCavity {
  readonly mould: string;
  readonly cavity: string | undefined;
  readonly ml: number;
  readonly depthMm: number | undefined;
}

export function readyCavities(moulds: readonly Mould[]): readonly ReadyCavity[] {
  return moulds.flatMap(({ name, cavities }) =>
    cavities.flatMap((cavity) => {
      const one = {
        mould: name,
        cavity: cavity.name?.trim() || undefined,
        ml: readQuantity(cavity.volume, volumeRule).value,
        depthMm:
          cavity.depth === undefined ? undefined : readQuantity(cavity.depth, lengthRule).value,
      };
      return Array.from({ length: cavity.count ?? 1 }, () => ({ ...one }));
    }),
  );
}

/** A cavity whose depth is not known is taken as one that fits. */
function fits({ depthMm }: ReadyCavity, { takesMm, leastMm }: DepthTaken): boolean {
  if (depthMm === undefined) return true;
  return depthMm <= (takesMm ?? Infinity) && depthMm >= (leastMm ?? 0);
}

/** Cavities alike, told together. */
function fillsOf(taken: readonly ReadyCavity[]): Leftover['fills'] {
  const fills: { mould: string; cavity: string | undefined; count: number; eachMl: number }[] = [];
  for (const { mould, cavity, ml: eachMl } of taken) {
    const last = fills.at(-1);
    const alike = last?.mould === mould && last.cavity === cavity && last.eachMl === eachMl;
    if (last !== undefined && alike) last.count += 1;
    else fills.push({ mould, cavity, count: 1, eachMl });
  }
  return fills;
}

/**
 * A home for what each batch leaves: the cavities that use it best, the largest first, each once.
 * @param limits of one pour of the resin * @param all cavities that stand ready
 * @returns where each batch's leftover goes, and the cavities that are still empty then
 * @throws InputError `too-many-cavities`
 */
export function leftoversOf(
  all: readonly ReadyCavity[],
  batches: readonly PlannedBatch[],
  limits: DepthTaken,
): { readonly leftovers: readonly Leftover[]; readonly ready: readonly ReadyCavity[] } {
  const unfit = all.filter((each) => !fits(each, limits)).length;
  let ready = all.filter((each) => fits(each, limits));
  const each = batches.flatMap((group) =>
    Array.from({ length: group.count }, () => ({ group: group.id, leftMl: group.leftMl })),
  );
  const taken = new Set<ReadyCavity>();
  const leftovers = each.map(({ group, leftMl }, batch): Leftover => {
    const { chosen, ml } = within('leftoverMoulds', () =>
      bestFilling(
        ready.map((each) => each.ml),
        leftMl,
      ),
    );
    const filled = chosen.flatMap((index) => ready[index] ?? []).sort((a, b) => b.ml - a.ml);
    for (const cavity of filled) taken.add(cavity);
    const used = new Set(chosen);
    ready = ready.filter((_, index) => !used.has(index));
    return {
      batch,
      group,
      leftMl,
      fills: fillsOf(filled),
      usedMl: ml,
      remainsMl: leftMl - ml,
      unfit,
    };
  });
  return { leftovers, ready: all.filter((cavity) => !taken.has(cavity)) };
}
