import type { FlatPlan } from '../flat/flatPlan';
import { InputError } from '../../problem';
import type { Slab } from './slab';
import type { Solid } from './solid';
import { solidOfSlabs } from './solidOfSlabs';
import { onFloor } from './slabs';

/**
 * A tray of any plan, measured at the rim; its walls lean in towards the floor by the draft angle.
 * At height h the edge lies i(h) = (D − h)·tan α inside the rim, so the area is the plan's inset area.
 *
 * @param rim the plan at the rim
 * @param depthMm D
 * @param draftRad α, from upright
 * @param wallMm 0 for the tray itself; else the hollow that a shell of this wall leaves, open at the rim
 * @throws InputError `draft-too-great` (the walls meet above the floor), `wall-too-thick` (no hollow is left)
 */
export function taperedTray(
  rim: FlatPlan,
  depthMm: number,
  draftRad: number,
  wallMm: number,
): Solid {
  const slope = Math.tan(draftRad);
  const atRimMm = wallMm / Math.cos(draftRad);
  const greatestMm = atRimMm + (depthMm - wallMm) * slope;
  if (wallMm === 0 && greatestMm >= rim.inradiusMm) {
    const greatestDeg = (Math.atan(rim.inradiusMm / depthMm) * 180) / Math.PI;
    throw new InputError('draft-too-great', undefined, { greatestDeg }, 'draft');
  }
  if (wallMm > 0 && (atRimMm >= rim.inradiusMm || wallMm >= depthMm)) {
    const greatestMm = Math.min(rim.inradiusMm * Math.cos(draftRad), depthMm);
    throw new InputError('wall-too-thick', wallMm, { greatestMm }, 'wall');
  }
  // Where a drafted hollow closes above the wall's own floor, it begins there.
  const footInsetMm = Math.min(greatestMm, rim.inradiusMm);
  const footMm = footInsetMm < greatestMm ? depthMm - (rim.inradiusMm - atRimMm) / slope : wallMm;
  const heightOf = (insetMm: number): number => depthMm - (insetMm - atRimMm) / slope;

  const bends = rim.insets
    .map(({ upToMm }) => upToMm)
    .filter((insetMm) => insetMm > atRimMm && insetMm < footInsetMm);
  const insets = slope === 0 ? [atRimMm, atRimMm] : [atRimMm, ...bends, footInsetMm];
  const slabs = insets
    .slice(1)
    .map((lowerMm, index, { length }): Slab => {
      const upperMm = insets[index] ?? atRimMm;
      const middleMm = (upperMm + lowerMm) / 2;
      const piece = rim.insets.find(({ upToMm }) => middleMm <= upToMm) ?? rim.insets.at(-1);
      const [c0, c1, c2] = piece?.areaMm2 ?? [0, 0, 0];
      // i = lower − t·slope, put into c₀ + c₁i + c₂i².
      return {
        fromMm: index === length - 1 ? footMm : heightOf(lowerMm),
        toMm: index === 0 ? depthMm : heightOf(upperMm),
        areaMm2: [
          c0 + lowerMm * (c1 + lowerMm * c2),
          -slope * (c1 + 2 * c2 * lowerMm),
          c2 * slope ** 2,
        ],
      };
    })
    .reverse();
  const widthAt = (insetMm: number): number => Math.max(0, rim.widthMm - 2 * insetMm);
  return solidOfSlabs(onFloor(slabs), [
    { heightMm: footMm, widthMm: widthAt(footInsetMm) },
    { heightMm: depthMm, widthMm: widthAt(atRimMm) },
  ]);
}
