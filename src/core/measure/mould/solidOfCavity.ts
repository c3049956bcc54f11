import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule, volumeRule } from '../../quantity/rules';
import { slabsOfKnots } from '../form/knots';
import { solidOfVolume } from '../form/prism';
import type { Solid } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { MouldCavity } from './mouldSchema';

/** The typed volume is rounded; further than this from the kept form it is another cavity's. */
const roundingShare = 0.01;

/**
 * One cavity of a mould: its kept form, or a prism of its volume and depth.
 * @throws InputError `curve-broken`, `curve-contradicts` where the kept form holds another volume than is typed
 */
export function solidOfCavity({ volume, depth, heightsMm, areas }: MouldCavity): Solid {
  const typedMl = readQuantity(volume, volumeRule).value;
  if (heightsMm === undefined || areas === undefined) {
    const depthMm = depth === undefined ? undefined : readQuantity(depth, lengthRule).value;
    return solidOfVolume(typedMl, depthMm);
  }
  const slabs = slabsOfKnots({ heightsMm, areas });
  const solid = solidOfSlabs(slabs, []);
  if (Math.abs(solid.volumeMl - typedMl) > roundingShare * typedMl) {
    throw new InputError('curve-contradicts', volume, { keptMl: solid.volumeMl }, 'volume');
  }
  // How wide it is was not kept: the Section draws a square cavity of the same level areas.
  const outline = slabs.flatMap((slab, index) => {
    const footMm = Math.sqrt(Math.max(0, slab.areaMm2[0]));
    const top = {
      heightMm: slab.toMm,
      widthMm: Math.sqrt(Math.max(0, solid.areaAtMm2(slab.toMm))),
    };
    return index === 0 ? [{ heightMm: 0, widthMm: footMm }, top] : [top];
  });
  return { ...solid, outline };
}
