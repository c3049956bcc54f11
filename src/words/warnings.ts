import type { Warning } from '../core/plan/planTypes';
import { formatNumber } from '../core/quantity/format';
import { sayMl, sayMm } from './figures';

/** What will happen, why, and what to do: three short sentences at most. */
export function sayWarning({ code, data }: Warning): string {
  switch (code) {
    case 'deeper-than-label': {
      const where = Number(data['layers']) > 1 ? `Layer ${String(data['layer'])}` : 'This pour';
      return (
        `${where} is ${sayMm(Number(data['depthMm']))} deep; the label of ${String(data['name'])} ` +
        `says ${sayMm(Number(data['greatestDepthMm']))} at the most. It can overheat and crack. ` +
        'Cut it into layers.'
      );
    }
    case 'scale-too-coarse':
      return (
        `A ${formatNumber(Number(data['stepG']), 1).replace(/\.0$/, '')} g scale puts B ` +
        `${formatNumber(Math.abs(Number(data['ratioError'])) * 100, 1)} % off. ` +
        'The casting may stay soft. Use a finer scale or a larger batch.'
      );
    case 'over-container':
      return (
        `A batch of ${sayMl(Number(data['batchMl']))} is more than the container takes, ` +
        `${sayMl(Number(data['limitMl']))}. Mix more batches.`
      );
    case 'resin-not-on-shelf':
      return `${String(data['name'])} is not on the shelf any more. The job goes on with its own copy of the card.`;
    case 'mould-not-in-library':
      return `${String(data['name'])} is not in the mould library any more. The job goes on with its own copy of the card.`;
    case 'dry-the-mould':
      return `Dry ${String(data['name'])} well before the pour: water stops the cure. Leave it in the warm overnight.`;
    case 'porous-overruled':
      return `${String(data['name'])} drinks water, so this figure is high. It needs days to dry. Grain measures it better.`;
    case 'straight-sides-assumed':
      return `Only volume and depth of ${String(data['name'])} are known, so its sides are taken as straight. Layers of a tapered mould differ.`;
    case 'mesh-has-holes':
      return (
        `The mesh of ${String(data['name'])} has ${String(data['holes'])} ${Number(data['holes']) === 1 ? 'hole' : 'holes'}, closed flat here. ` +
        `What is missing may bulge by up to ${sayMl(Number(data['holesPlusMinusMl']))}. Repair it for a sure figure.`
      );
    case 'mesh-inside-out':
      return `The mesh of ${String(data['name'])} was inside out and has been turned. The volume is right.`;
    case 'mesh-bodies-overlap':
      return (
        `${String(data['bodies'])} bodies in ${String(data['name'])} may overlap: what they share would count twice. ` +
        'Join them in the drawing program.'
      );
    case 'mesh-areas-averaged':
      return (
        `${String(data['name'])} widens or narrows too suddenly between the heights that are kept, at ${String(data['averaged'])} of them. ` +
        'Its volume is right; a layer that ends there may differ a little.'
      );
    case 'thin-mould-wall':
      return (
        `The mould wall is ${sayMm(Number(data['thinMm']))} at its thinnest; silicone under ${sayMm(Number(data['leastWallMm']))} tears. ` +
        'Make the box larger.'
      );
    case 'insert-above-rim':
      return (
        `${String(data['name'])} stands ${sayMm(Number(data['topMm']) - Number(data['rimMm']))} over the rim. ` +
        'Only what is under it takes up resin.'
      );
    case 'insert-height-assumed':
      return (
        `How tall ${String(data['name'])} is was not measured; it is taken as ${sayMm(Number(data['sideMm']))}. ` +
        'Layers that cut through it are a guess.'
      );
  }
}
