import { doseAtDepth, refuseSpoilers } from '../colour/dose';
import type { JobPour } from '../job/jobPour';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { doseRule, lengthRule, massRule } from '../quantity/rules';
import type { ResinFamily } from '../resin/families';
import type { ReadResin } from '../resin/readResin';
import type { PlannedTint } from './planTypes';

/**
 * Colour in all of part A: its own mass stays out of the ratio.
 * @param all what is mixed in all, g
 * @throws InputError those of `refuseSpoilers`, `test-cup-needs-depth`
 */
export function tintOf(
  tint: NonNullable<JobPour['tint']>,
  all: { readonly g: number; readonly aG: number },
  {
    resin,
    family,
    depthMm,
  }: {
    readonly resin: ReadResin;
    readonly family: ResinFamily;
    readonly depthMm: number | undefined;
  },
): PlannedTint {
  const scales = tint.testDepth !== undefined && tint.opaque !== true;
  if (scales && depthMm === undefined) {
    throw new InputError('test-cup-needs-depth', tint.testDepth, {}, 'tint.testDepth');
  }
  const testedAtMm =
    tint.testDepth === undefined ? undefined : readQuantity(tint.testDepth, lengthRule).value;
  const factor =
    scales && depthMm !== undefined && testedAtMm !== undefined
      ? doseAtDepth(1, testedAtMm, depthMm)
      : 1;
  const saidG =
    tint.pigment === undefined
      ? readQuantity(tint.share ?? '', doseRule).value * all.g
      : readQuantity(tint.pigment, massRule).value;
  const g = saidG * factor;
  const share = g / all.g;
  const kind = tint.kind ?? 'powder';
  refuseSpoilers([{ kind, share, at: 'tint' }], family, resin.pigmentLimit);
  return {
    name: tint.name?.trim() || undefined,
    kind,
    swatch: tint.swatch,
    g,
    share,
    depthMm,
    fromTestCup: scales,
    opaque: tint.opaque === true,
    testedAtMm,
    tintedAG: all.aG + g,
    perAG: g / all.aG,
  };
}
