import { readQuantity } from '../../quantity/readQuantity';
import { volumeRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { solidOfVolume } from '../form/prism';
import { combinedSlabs } from '../form/slabs';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Measured } from '../measured';
import { solidOfCavity } from '../mould/solidOfCavity';
import { within } from '../within';
import type { MouldPart } from './methodSchemas';
import { levelFaces } from '../form/faces';

/**
 * A mould of the library: one filling of all its cavities, or of one of them.
 * @param cavity counted from 1
 * @throws InputError `no-such-cavity` and those of `solidOfCavity`
 */
export function measureMouldPart({ mould, cavity }: Pick<MouldPart, 'mould' | 'cavity'>): Measured {
  const chosen = cavity === undefined ? mould.cavities : mould.cavities.slice(cavity - 1, cavity);
  if (chosen.length === 0) {
    throw new InputError('no-such-cavity', cavity, { cavities: mould.cavities.length }, 'cavity');
  }
  const first = (cavity ?? 1) - 1;
  const filled = chosen.map((each, index) => ({
    solid: within(`mould.cavities[${first + index}]`, () => solidOfCavity(each)),
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
  const solid = solidOfSlabs(slabs, deepest.solid.outline);
  return {
    solid,
    faces: levelFaces(solid),
    doubt,
    warnings: filled.some(({ assumed }) => assumed)
      ? [{ code: 'straight-sides-assumed', severity: 'tell', data: { depthMm } }]
      : [],
  };
}
