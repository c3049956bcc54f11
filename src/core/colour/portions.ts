import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { fillRule, volumeRule } from '../quantity/rules';
import type { Portion } from './colourSchemas';

/** Cavity volume by layer and cavity, `cells[layer][cavity]`, ml. */
export type Cells = readonly (readonly number[])[];

/** A portion with its part of what there is to fill. */
export interface SharedPortion {
  readonly portion: Portion;
  readonly index: number;
  /** Of what it is a portion of. */
  readonly share: number;
  /** Of the cavity, by layer. */
  readonly cavityMlByLayer: readonly number[];
}

/** Shares that differ from all by less than this do so by rounding. */
const roundingShare = 1e-6;

interface Group {
  readonly cavity: number | undefined;
  readonly layer: number | undefined;
  readonly members: { readonly portion: Portion; readonly index: number }[];
}

function groupsOf(portions: readonly Portion[], layers: number, cavities: number): Group[] {
  const groups = new Map<string, Group>();
  portions.forEach((portion, index) => {
    const { cavity, layer } = portion;
    if (cavity !== undefined && cavity > cavities) {
      throw new InputError('no-such-cavity', cavity, { cavities }, `portions[${index}].cavity`);
    }
    if (layer !== undefined && layer > layers) {
      throw new InputError('no-such-layer', layer, { layers }, `portions[${index}].layer`);
    }
    const key = `${cavity ?? 'all'}/${layer ?? 'all'}`;
    const group = groups.get(key) ?? { cavity, layer, members: [] };
    group.members.push({ portion, index });
    groups.set(key, group);
  });
  return [...groups.values()];
}

/** Where a portion says its share. */
const shareOf = (index: number | undefined): string => `portions[${index ?? 0}].share`;

/** The share of each portion of a group; they add up to all of it. Those that say none have equal parts of what is left. */
function sharesOf({ members }: Group, wholeMl: number): readonly number[] {
  const said = members.map(({ portion: { share, volume } }) =>
    share !== undefined
      ? readQuantity(share, fillRule).value
      : volume !== undefined
        ? readQuantity(volume, volumeRule).value / wholeMl
        : undefined,
  );
  const sum = said.reduce((total: number, each) => total + (each ?? 0), 0);
  const rests = said.filter((each) => each === undefined).length;
  const [first] = members;
  if (sum > 1 + roundingShare) {
    throw new InputError(
      'portions-over-whole',
      sum,
      { sum, wholeMl, overMl: (sum - 1) * wholeMl },
      shareOf(members.filter((_, index) => said[index] !== undefined).at(-1)?.index),
    );
  }
  if (rests === 0 && sum < 1 - roundingShare) {
    const data = { sum, wholeMl, missingMl: (1 - sum) * wholeMl };
    throw new InputError('portions-short', sum, data, shareOf(first?.index));
  }
  // Without a rest what rounding left is spread over all, so that they add up exactly.
  return said.map((each) =>
    each === undefined ? Math.max(0, 1 - sum) / rests : rests > 0 ? each : each / sum,
  );
}

/**
 * What each portion takes of each layer; what no portion names is left plain.
 * @param cells cavity volume by layer and cavity
 * @returns the portions, and what is left plain by layer
 * @throws InputError `no-such-cavity`, `no-such-layer`, `portions-over-whole`, `portions-short`,
 *   `portions-overlap` (one names a cavity, another a layer that goes through it)
 */
export function sharePortions(
  portions: readonly Portion[],
  cells: Cells,
): { readonly shared: readonly SharedPortion[]; readonly plainMlByLayer: readonly number[] } {
  const cavities = cells[0]?.length ?? 0;
  const taken = cells.map((row) => row.map(() => -1));
  const shared = groupsOf(portions, cells.length, cavities).flatMap((group, number) => {
    const [first] = group.members;
    const byLayer = cells.map((row, layer) =>
      group.layer !== undefined && group.layer - 1 !== layer
        ? 0
        : row.reduce((sum, ml, cavity) => {
            if (group.cavity !== undefined && group.cavity - 1 !== cavity) return sum;
            const owner = taken[layer];
            if (owner !== undefined) {
              if ((owner[cavity] ?? -1) >= 0 && ml > 0) {
                const place = `portions[${first?.index ?? 0}]`;
                const data = { cavity: cavity + 1, layer: layer + 1 };
                throw new InputError('portions-overlap', undefined, data, place);
              }
              owner[cavity] = number;
            }
            return sum + ml;
          }, 0),
    );
    const wholeMl = byLayer.reduce((sum, ml) => sum + ml, 0);
    if (!(wholeMl > 0)) {
      throw new InputError('portion-of-nothing', undefined, {}, `portions[${first?.index ?? 0}]`);
    }
    const shares = sharesOf(group, wholeMl);
    return group.members.map(({ portion, index }, member): SharedPortion => {
      const share = shares[member] ?? 0;
      return { portion, index, share, cavityMlByLayer: byLayer.map((ml) => ml * share) };
    });
  });
  return {
    shared: shared.sort((a, b) => a.index - b.index),
    plainMlByLayer: cells.map((row, layer) =>
      row.reduce((sum, ml, cavity) => sum + ((taken[layer]?.[cavity] ?? -1) < 0 ? ml : 0), 0),
    ),
  };
}
