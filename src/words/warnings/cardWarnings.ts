import type { CardCodes } from '../../core/codes/cardCodes';
import type { Sentences } from '../../core/codes/coded';
import { formatPlain } from '../../core/quantity/format';
import { sayMm, sayTime } from '../figures';

/** What a card says against itself or leaves to be assumed. */
export const cardWarnings: Sentences<CardCodes> = {
  'ratios-impossible': (data) =>
    `Both ratios of ${data.name} would make B ${formatPlain(data.densityRatio, 2)} times as ` +
    `dense as A; parts of a resin lie between ${data.least} and ${data.greatest}. ` +
    'Read the label again: one of the two is something else.',
  'ratios-against-densities': (data) =>
    `Both ratios of ${data.name} make B ${formatPlain(data.densityRatio, 3)} times as dense as A, ` +
    `the densities ${formatPlain(data.typedRatio, 3)} times. The stated ratio rules. Weigh a known volume of each part.`,
  'density-assumed': (data) =>
    `The card of ${data.name} gives no densities; ` +
    (data.onePart === true
      ? `${formatPlain(data.densityAGPerMl, 3)} g/ml is assumed. `
      : `A ${formatPlain(data.densityAGPerMl, 3)} and B ${formatPlain(data.densityBGPerMl, 3)} g/ml are assumed. `) +
    'Weigh a known volume of each part to be sure.',
  'depths-crossed': (data) =>
    `The least depth of ${data.name}, ${sayMm(data.leastDepthMm)}, is over its greatest, ` +
    `${sayMm(data.greatestDepthMm)}. Read the label again.`,
  'recoat-crossed': (data) =>
    `The recoat window of ${data.name} would close at ${sayTime(data.toMin)}, before it opens at ` +
    `${sayTime(data.fromMin)}. Read the label again.`,
  'times-crossed': (data) =>
    `Times of ${data.name} are out of order: ${sayTime(data.earlierMin)} should come before ` +
    `${sayTime(data.laterMin)}. Read the label again.`,
};
