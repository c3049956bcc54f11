import { readQuantity } from '../quantity/readQuantity';
import { exposureRule, irradianceRule, lengthRule, timeRule } from '../quantity/rules';
import type { Resin } from '../resin/resinSchema';
import { layerDoseMJPerCm2, usualLightCure, type LightCure } from './cureDepth';
import type { Opacity, Uv } from './uvSchema';

/** How far light gets into a resin of that colour, as a share of how far it gets into a clear one. General practice, assumed. */
const throughShare: Readonly<Record<Opacity, number>> = {
  clear: 1,
  tinted: 0.7,
  strong: 0.35,
  opaque: 0,
};

/** A lamp over a resin. */
export interface Lamp {
  readonly intensityMWPerCm2: number;
  /** By a meter, by a time for a known depth, by the card's own time, or as usual. */
  readonly by: 'intensity' | 'known-time' | 'card' | 'usual';
  /** Clear; and with its colour in it, undefined where no light gets through. */
  readonly clear: LightCure;
  readonly coloured: LightCure | undefined;
  /** Nobody said how the resin takes light. */
  readonly cureAssumed: boolean;
  readonly opacity: Opacity;
}

/** A small curing lamp at a hand's breadth. Assumed. */
const usualMWPerCm2 = 5;

const optional = (
  typed: string | undefined,
  read: (typed: string) => number,
): number | undefined => (typed === undefined ? undefined : read(typed));

/**
 * The lamp of a pour. A time for a known depth is the time that hardens it to its floor; a card's own time is for its greatest
 * depth.
 * @param opacity of the resin as it is coloured
 */
export function lampOf(uv: Uv | undefined, card: Resin, opacity: Opacity): Lamp {
  const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;
  const seconds = (typed: string): number => readQuantity(typed, timeRule).value * 60;
  const penetrationMm = optional(uv?.penetration, lengthMm);
  const criticalMJPerCm2 = optional(
    uv?.critical,
    (typed) => readQuantity(typed, exposureRule).value,
  );
  const clear = {
    penetrationMm: penetrationMm ?? usualLightCure.penetrationMm,
    criticalMJPerCm2: criticalMJPerCm2 ?? usualLightCure.criticalMJPerCm2,
  };
  const ofKnown = (timeS: number, depthMm: number): number =>
    layerDoseMJPerCm2(depthMm, clear) / timeS;
  const typed = optional(uv?.intensity, (text) => readQuantity(text, irradianceRule).value);
  const knownS = optional(uv?.knownTime, seconds);
  const knownMm = optional(uv?.knownDepth, lengthMm);
  const cardS = optional(card.lamp?.time, seconds);
  const cardMm = optional(card.depth?.greatest, lengthMm);
  const found: readonly [Lamp['by'], number] =
    typed !== undefined
      ? ['intensity', typed]
      : knownS !== undefined && knownMm !== undefined
        ? ['known-time', ofKnown(knownS, knownMm)]
        : cardS !== undefined && cardMm !== undefined
          ? ['card', ofKnown(cardS, cardMm)]
          : ['usual', usualMWPerCm2];
  const [by, intensityMWPerCm2] = found;
  const share = throughShare[opacity];
  return {
    by,
    intensityMWPerCm2,
    clear,
    coloured: share === 0 ? undefined : { ...clear, penetrationMm: clear.penetrationMm * share },
    cureAssumed: penetrationMm === undefined || criticalMJPerCm2 === undefined,
    opacity,
  };
}
