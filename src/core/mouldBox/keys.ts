import type { Slab } from '../measure/form/slab';
import type { PlacedSlabs } from '../measure/form/slabs';
import { InputError } from '../problem';
import { hairMm } from '../quantity/tolerance';
import type { MouldBox } from './mouldBox';
import type { TypedMouldBox } from './mouldBoxSchema';
import { readAt } from './readAt';

/** Hemispheres that hold two halves together: how many, and how wide, mm. */
const [usualKeys, usualKeyMm] = [4, 8];

/** A hemisphere that stands on its flat side: π(r² − t²). */
const standing = (radiusMm: number): readonly Slab[] => [
  { fromMm: 0, toMm: radiusMm, areaMm2: [Math.PI * radiusMm ** 2, 0, -Math.PI] },
];

/** One that hangs from it: π(2rt − t²). */
const hanging = (radiusMm: number): readonly Slab[] => [
  { fromMm: 0, toMm: radiusMm, areaMm2: [0, 2 * Math.PI * radiusMm, -Math.PI] },
];

/**
 * Keys of a mould of two halves: hollows are pressed into the clay, so the half that is poured first stands over the parting, and the
 * other lacks what that has.
 * @param partsAtMm over the floor of the box
 * @param roomMm the widest that one may be: what there is of wall, and over and under the parting
 * @returns undefined where none is wanted
 * @throws InputError `rod-too-wide`
 */
export function keysOf(
  typed: TypedMouldBox,
  partsAtMm: number,
  roomMm: number,
):
  | { readonly keys: NonNullable<MouldBox['keys']>; readonly placed: readonly PlacedSlabs[] }
  | undefined {
  const diameterMm = readAt('key', typed.key) ?? usualKeyMm;
  const count = typed.keys ?? usualKeys;
  if (count === 0) return undefined;
  if (diameterMm > roomMm + hairMm) {
    throw new InputError('rod-too-wide', typed.key, { what: 'key', mostMm: roomMm }, 'key');
  }
  const radiusMm = diameterMm / 2;
  return {
    keys: { count, diameterMm, ml: (count * 2 * Math.PI * radiusMm ** 3) / 3000 },
    placed: [
      { slabs: hanging(radiusMm), factor: count, raisedMm: partsAtMm - radiusMm },
      { slabs: standing(radiusMm), factor: -count, raisedMm: partsAtMm },
    ],
  };
}
