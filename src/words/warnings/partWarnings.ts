import type { Sentences } from '../../core/codes/coded';
import type { OfPart, PartCodes } from '../../core/codes/partCodes';
import { sayHeight, sayMl, sayMm } from '../figures';

/** What measuring a part or an insert gives cause to say. */
export const partWarnings: Sentences<{ [C in keyof PartCodes]: PartCodes[C] & OfPart }> = {
  'dry-the-mould': (data) =>
    `Dry ${data.name} well before the pour: water stops the cure. Leave it somewhere warm overnight.`,
  'porous-overruled': (data) =>
    `${data.name} soaks up water, so this figure is high. It needs days to dry. Grain measures it better.`,
  'straight-sides-assumed': (data) =>
    `Only volume and depth of ${data.name} are known, so its sides are taken as straight. Layers of a tapered mould differ.`,
  'mesh-has-holes': (data) =>
    `The mesh of ${data.name} has ${data.holes} ${data.holes === 1 ? 'hole' : 'holes'}, closed flat here. ` +
    `What is missing may bulge by up to ${sayMl(data.holesPlusMinusMl)}. Repair it for a sure figure.`,
  'mesh-inside-out': (data) =>
    `The mesh of ${data.name} was inside out and has been turned. The volume is right.`,
  'mesh-bodies-overlap': (data) =>
    `${data.bodies} bodies in ${data.name} may overlap: what they share would count twice. ` +
    'Join them in the drawing program.',
  'mesh-areas-averaged': (data) =>
    `${data.name} widens or narrows too suddenly between the heights that are kept, at ${data.averaged} of them. ` +
    'Its volume is right; a layer that ends there may differ a little.',
  'thin-mould-wall': (data) =>
    `The mould wall is ${sayMm(data.thinMm)} at its thinnest; silicone under ${sayMm(data.leastWallMm)} tears. ` +
    'Make the box larger.',
  'dome-flattens': ({ name, capMl, fullerByMl }) =>
    `${name} is wide for its height: its weight flattens it, and where a cap would hold ${sayMl(capMl)} it may take up to ${sayMl(capMl + fullerByMl)}. Have the rest mixed, or fill to the edge by drops.`,
  'dome-runs-over': ({ name, heightMm, mostMm, rim }) =>
    `${name} is to stand ${sayHeight(heightMm)} high; a ${rim} edge holds about ${sayHeight(mostMm)}. It runs over. ` +
    (rim === 'rounded' ? 'Lower it, or give it a sharp edge.' : 'Lower it, or pour it twice.'),
  'insert-above-rim': (data) =>
    `${data.name} stands ${sayMm(data.topMm - data.rimMm)} over the rim. ` +
    'Only what is under it takes up resin.',
  'insert-height-assumed': (data) =>
    `How tall ${data.name} is was not measured; it is taken as ${sayMm(data.sideMm)}. ` +
    'Layers that cut through it are a guess.',
};
