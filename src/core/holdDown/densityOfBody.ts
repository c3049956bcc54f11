import { readQuantity } from '../quantity/readQuantity';
import { bodyDensityRule, massRule, moistureRule } from '../quantity/rules';
import { timberGPerMl, type TimberGroup } from './timber';

/** By what a body's density is known. */
export type DensityBy = 'said' | 'weighed' | 'timber';

/** What a person may say of how heavy a body is. */
export interface HeavyBody {
  readonly density?: string | undefined;
  readonly weighs?: string | undefined;
  readonly timber?: TimberGroup | undefined;
  readonly moisture?: string | undefined;
}

/**
 * The density of a body: as it was said, as it was weighed, or that of its timber at its moisture.
 * @param eachMl volume of one
 * @returns undefined where nobody said anything
 */
export function densityOfBody(
  { density, weighs, timber, moisture }: HeavyBody,
  eachMl: number,
): { readonly gPerMl: number; readonly by: DensityBy } | undefined {
  if (density !== undefined) {
    return { gPerMl: readQuantity(density, bodyDensityRule).value, by: 'said' };
  }
  if (weighs !== undefined) {
    return { gPerMl: readQuantity(weighs, massRule).value / eachMl, by: 'weighed' };
  }
  if (timber === undefined) return undefined;
  const share = moisture === undefined ? undefined : readQuantity(moisture, moistureRule).value;
  return { gPerMl: timberGPerMl(timber, share), by: 'timber' };
}
