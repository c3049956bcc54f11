import type { LayerProblems } from '../../core/codes/problems/layerProblems';
import { sayMm } from '../figures';
import { oneOf } from './phrases';
import type { ProblemSentences } from './sentence';

/** The nearest depths that can be split, where a depth cannot. */
const sayDepthsThatGo = ({ lowerMm, upperMm }: LayerProblems['no-layer-split']): string =>
  `${oneOf([...(lowerMm === undefined ? [] : [sayMm(lowerMm)]), sayMm(upperMm)])} would go.`;

/** What cannot be poured in layers as asked; mm. */
export const layerProblems: ProblemSentences<LayerProblems> = {
  'no-height': () =>
    'A known amount has no height, so it cannot be poured in layers. Give its shape, or remove the layer heights.',
  'heights-not-rising': (data) =>
    `Each height must be greater than the one before (${sayMm(data.below)}).`,
  'height-above-top': (data) => `That is at or above the rim. The depth is ${sayMm(data.depthMm)}.`,
  'layers-said-twice': () =>
    'Choose heights of your own, or let Nipperkin split it: not both at once.',
  'no-layer-split': (data) =>
    `${sayMm(data.depthMm)} cannot be split into layers of ${sayMm(data.leastMm)} to ` +
    `${sayMm(data.takesMm)}. ${sayDepthsThatGo(data)} Or choose another resin; a cooler room or a fan lets a layer be deeper.`,
  'too-many-layers': (data) =>
    `${sayMm(data.depthMm)} in layers of ${sayMm(data.takesMm)} would be ${data.count} of them; ${data.most} is the most. ` +
    'Check both figures, or choose a resin that takes deeper layers.',
  'lock-in-too-deep': (data) =>
    `The first thin layer must be less than the whole depth, ${sayMm(data.depthMm)}.`,
  'lock-in-over-limit': (data) =>
    `The first layer can be ${sayMm(data.takesMm)} at the most with this resin here.`,
  'lock-in-under-least': (data) =>
    `This resin wants ${sayMm(data.leastMm)} at the least, or it stays soft.`,
  'planing-over-layer': (data) =>
    `A layer of ${sayMm(data.layerMm)} would be planed away whole. Plane less, or pour thicker layers.`,
};
