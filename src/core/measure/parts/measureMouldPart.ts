import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule, volumeRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { solidOfVolume } from '../form/prism';
import { combinedSlabs } from '../form/slabs';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Slab } from '../form/slab';
import type { Solid } from '../form/solid';
import type { Measured } from '../measured';
import type { MouldCavity } from '../mould/mouldSchema';
import type { MouldPart } from './methodSchemas';

function solidOfCavity({ volume, depth, heightsMm, areas }: MouldCavity): Solid {
  if (heightsMm === undefined || areas === undefined) {
    const depthMm = depth === undefined ? undefined : readQuantity(depth, lengthRule).value;
    return solidOfVolume(readQuantity(volume, volumeRule).value, depthMm);
  }
  const slabs = heightsMm.slice(1).map((toMm, index): Slab => {
    const [c0 = 0, c1 = 0, c2 = 0] = areas.slice(3 * index, 3 * index + 3);
    return { fromMm: heightsMm[index] ?? 0, toMm, areaMm2: [c0, c1, c2] };
  });
  const solid = solidOfSlabs(slabs, []);
  const widthAt = (heightMm: number): number => Math.sqrt(Math.max(0, solid.areaAtMm2(heightMm)));
  const outline = heightsMm.map((heightMm, index) => ({
    heightMm,
    widthMm: index === 0 ? Math.sqrt(Math.max(0, slabs[0]?.areaMm2[0] ?? 0)) : widthAt(heightMm),
  }));
  return { ...solid, outline };
}

/**
 * A mould of the library: one filling of all its cavities, or of one of them.
 * @throws InputError `no-such-cavity`
 */
export function measureMouldPart({ mould, cavity }: MouldPart): Measured {
  const chosen = cavity === undefined ? mould.cavities : mould.cavities.slice(cavity - 1, cavity);
  if (chosen.length === 0) {
    throw new InputError('no-such-cavity', cavity, { cavities: mould.cavities.length }, 'cavity');
  }
  const filled = chosen.map((each) => ({
    solid: solidOfCavity(each),
    count: cavity === undefined ? (each.count ?? 1) : 1,
    plusMinusMl: each.plusMinus === undefined ? 0 : readQuantity(each.plusMinus, volumeRule).value,
    assumed: each.heightsMm === undefined && each.depth !== undefined,
  }));
  const volumeMl = filled.reduce((sum, { solid, count }) => sum + count * solid.volumeMl, 0);
  const plusMinusMl = filled.reduce((sum, each) => sum + each.count * each.plusMinusMl, 0);
  const doubt = { plusMinusMl, errs: 'either', rule: 'mould', data: { name: mould.name } } as const;
  const depths = filled.map(({ solid }) => solid.depthMm);
  if (depths.includes(undefined)) {
    return { solid: solidOfVolume(volumeMl, undefined), doubt, warnings: [] };
  }
  const slabs = combinedSlabs(
    filled.map(({ solid, count }) => ({ slabs: solid.slabs, factor: count, raisedMm: 0 })),
  );
  const deepest = filled.reduce((a, b) =>
    (b.solid.depthMm ?? 0) > (a.solid.depthMm ?? 0) ? b : a,
  );
  const depthMm = deepest.solid.depthMm ?? 0;
  return {
    solid: solidOfSlabs(slabs, deepest.solid.outline),
    doubt,
    warnings: filled.some(({ assumed }) => assumed)
      ? [{ code: 'straight-sides-assumed', severity: 'tell', data: { depthMm } }]
      : [],
  };
}
