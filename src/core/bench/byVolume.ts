import type { PlannedBatch } from '../plan/planTypes';
import { roundToStep } from '../quantity/round';
import type { BatchLane } from './lanes';

type Part = 'a' | 'b';

/** What a millilitre of a part weighs as it is weighed, its tint among it, g/ml. */
const gPerMl = ({ a, b, tintedAG }: PlannedBatch, part: Part): number =>
  part === 'a' ? (tintedAG ?? a.g) / a.ml : b.g / b.ml;

/** A volume of a part of a batch as what it weighs, g. */
export const gOfVolume = (group: PlannedBatch, part: Part, ml: number): number =>
  ml * gPerMl(group, part);

/**
 * Up to where a part is poured into a graduated cup, ml of it alone: as planned, or what the other part asks for once that is in.
 * @returns undefined where it is not measured by volume
 */
export function volumeOfPart(
  { batch, inCup, correction }: BatchLane,
  part: Part,
): number | undefined {
  const { group } = batch;
  if (group.inCup === undefined) return undefined;
  const other = part === 'a' ? inCup.bG : inCup.aG;
  if (other === undefined || correction === undefined) {
    return part === 'a' ? group.inCup.aMl : group.inCup.bMl;
  }
  return roundToStep(correction[part].g / gPerMl(group, part), group.inCup.stepMl);
}

/** A volume of a part that is in the cup, ml; 0 before it is. */
export const volumeIn = ({ batch: { group }, inCup }: BatchLane, part: Part): number =>
  ((part === 'a' ? inCup.aG : inCup.bG) ?? 0) / gPerMl(group, part);

/**
 * What all strokes of both pumps bring, g of each: pumps go in whole strokes, and so bring a little more than was planned.
 * @param volumeAPerB the ratio by volume
 */
export function gOfStrokes(
  group: PlannedBatch,
  volumeAPerB: number,
): { readonly aG: number; readonly bG: number } | undefined {
  const { strokes } = group;
  if (strokes === undefined) return undefined;
  // B over A by volume, as the strokes bring it.
  const bPerA = (1 + strokes.ratioError) / volumeAPerB;
  const aMl = strokes.ml / (1 + bPerA);
  return { aG: gOfVolume(group, 'a', aMl), bG: gOfVolume(group, 'b', aMl * bPerA) };
}
