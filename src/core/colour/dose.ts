import { isOver } from '../quantity/tolerance';
import type { ColourProblems } from '../codes/problems/colourProblems';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { doseRule, lengthRule, massRule } from '../quantity/rules';
import type { ResinFamily } from '../resin/families';
import type { Pigment } from './colourSchemas';
import { pigmentRules, type PigmentKind } from './pigmentKinds';

/** A pigment read for the depth it is looked through. */
export interface ReadPigment {
  readonly name: string;
  readonly kind: PigmentKind;
  /** Of the mixed mass; undefined for a pinch, whose mass is known and whose share follows from the mix. */
  readonly share: number | undefined;
  /** A pinch that was weighed. */
  readonly g: number | undefined;
  readonly drops: { readonly per100Ml: number; readonly dropG: number } | undefined;
  /** Depth of the test cup that the dose was scaled from; undefined where it was not. */
  readonly testedAtMm: number | undefined;
}

/**
 * The dose that looks at one depth as another did at its own. Light falls exponentially on its way through, so
 * dose × depth stays the same: dose₂ = dose₁ × d₁ ÷ d₂.
 * @param share the dose that was right in the test cup
 */
export const doseAtDepth = (share: number, testDepthMm: number, depthMm: number): number =>
  (share * testDepthMm) / depthMm;

/**
 * A pigment's dose for a pour.
 * @param depthMm that one looks through; undefined where nothing has a form
 * @param mixedDensityGPerMl turns drops in a volume into a share of the mass
 * @throws InputError `pot-not-lighter`, `test-cup-needs-depth`
 */
export function readPigment(
  pigment: Pigment,
  depthMm: number | undefined,
  mixedDensityGPerMl: number,
): ReadPigment {
  const { name, kind, drops, testDepth } = pigment;
  if (pigment.potBefore !== undefined && pigment.potAfter !== undefined) {
    const beforeG = readQuantity(pigment.potBefore, massRule).value;
    const g = beforeG - readQuantity(pigment.potAfter, massRule).value;
    if (g <= 0) throw new InputError('pot-not-lighter', pigment.potAfter, { beforeG }, 'potAfter');
    return {
      name: name.trim(),
      kind,
      share: undefined,
      g,
      drops: undefined,
      testedAtMm: undefined,
    };
  }
  const dropG =
    pigment.twentyDrops === undefined ? 0 : readQuantity(pigment.twentyDrops, massRule).value / 20;
  const said =
    drops === undefined
      ? readQuantity(pigment.share ?? '', doseRule).value
      : (drops * dropG) / (100 * mixedDensityGPerMl);
  const scaled = testDepth !== undefined && pigment.opaque !== true;
  if (scaled && depthMm === undefined) {
    throw new InputError('test-cup-needs-depth', testDepth, {}, 'testDepth');
  }
  const testedAtMm = scaled ? readQuantity(testDepth, lengthRule).value : undefined;
  const factor =
    testedAtMm !== undefined && depthMm !== undefined ? doseAtDepth(1, testedAtMm, depthMm) : 1;
  return {
    name: name.trim(),
    kind,
    share: said * factor,
    g: undefined,
    drops: drops === undefined ? undefined : { per100Ml: drops * factor, dropG },
    testedAtMm,
  };
}

function refuseOver(
  share: number,
  limit: number,
  at: string,
  more: Omit<ColourProblems['pigment-over-limit'], 'share' | 'limit'>,
): void {
  if (!isOver(share, limit)) return;
  throw new InputError('pigment-over-limit', share, { share, limit, ...more }, `${at}.share`);
}

/**
 * Refuses what would spoil the cure.
 * @param doses shares of the mixed mass, all that goes into one mix
 * @param cardLimit of all of them together, by the label; it stands over the limits of kinds
 * @throws InputError `pigment-wrong-family`, `pigment-over-limit` at the place of the dose
 */
export function refuseSpoilers(
  doses: readonly { readonly kind: PigmentKind; readonly share: number; readonly at: string }[],
  family: ResinFamily,
  cardLimit: number | undefined,
): void {
  for (const { kind, at } of doses) {
    if (pigmentRules[kind].suits.has(family)) continue;
    throw new InputError('pigment-wrong-family', kind, { kind, family }, `${at}.kind`);
  }
  if (cardLimit === undefined) {
    for (const { kind, share, at } of doses) {
      refuseOver(share, pigmentRules[kind].limit, at, { kind });
    }
  }
  const together = doses.reduce((sum, { share }) => sum + share, 0);
  const last = doses.at(-1);
  if (last !== undefined) {
    const kindLimit = Math.max(...doses.map(({ kind }) => pigmentRules[kind].limit));
    refuseOver(together, cardLimit ?? kindLimit, last.at, { byLabel: cardLimit !== undefined });
  }
}
