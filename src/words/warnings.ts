import type { Warning } from '../core/plan/planTypes';
import { formatNumber, formatPlain } from '../core/quantity/format';
import { sayMl, sayMm, sayPercent, sayTime } from './figures';
import { sayProblem } from './problems';
import { familyOf, type ResinFamily } from '../core/resin/families';

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
    case 'deeper-than-room': {
      const where = Number(data['layers']) > 1 ? `Layer ${String(data['layer'])}` : 'This pour';
      const labelMm = data['greatestDepthMm'];
      const label = labelMm === undefined ? '' : ` (label: ${sayMm(Number(labelMm))})`;
      return (
        `${where} is ${sayMm(Number(data['depthMm']))} deep; in this room and form ${String(data['name'])} ` +
        `takes about ${sayMm(Number(data['roomMm']))} before it overheats${label}. ` +
        'Cut it into layers, cool the room or give it air.'
      );
    }
    case 'room-depth-unknown':
      return (
        'How deep heat lets a layer be is not known. ' +
        `${sayProblem({ code: String(data['because']), data, value: undefined })} ` +
        'Until then layers go by the label alone.'
      );
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
    case 'thinner-than-least': {
      const where = Number(data['layers']) > 1 ? `Layer ${String(data['layer'])}` : 'This pour';
      return (
        `${where} is ${sayMm(Number(data['depthMm']))} deep; ${String(data['name'])} wants ` +
        `${sayMm(Number(data['leastDepthMm']))} at the least to warm itself. It may stay soft. ` +
        'Choose fewer layers or a resin for thin pours.'
      );
    }
    case 'over-pot-life':
      return (
        `Mixing and pouring a batch takes ${sayTime(Number(data['workingMin']))}; it is pourable for ` +
        `${sayTime(Number(data['potLifeMin']))} in this room. Mix smaller batches.`
      );
    case 'under-least-batch':
      return (
        `A batch is ${sayMl(Number(data['batchMl']))}; the maker of ${String(data['name'])} asks for ` +
        `${sayMl(Number(data['leastMl']))} at the least. It may stay soft. Mix fewer, larger batches.`
      );
    case 'cup-too-coarse':
      return (
        `Marks of ${sayMl(Number(data['stepMl']))} put B ${sayPercent(Math.abs(Number(data['ratioError'])))} off. ` +
        'The casting may stay soft. Weigh it, or use a finer cup.'
      );
    case 'pump-off-ratio':
      return (
        `${String(data['a'])} strokes of A to ${String(data['b'])} of B are ` +
        `${sayPercent(Math.abs(Number(data['ratioError'])))} off the ratio. Weigh it, or calibrate the pumps again.`
      );
    case 'strokes-missing':
      return 'To count strokes, say what one stroke of each pump gives: catch ten of them and weigh.';
    case 'tint-depth-not-for-opaque':
      return (
        `Opaque colour looks the same at any depth, so the dose of the test cup stands as it was at ` +
        `${sayMm(Number(data['testedAtMm']))}.`
      );
    case 'lots-expired':
      return (
        `${sayMl(Number(data['ml']))} of ${String(data['name'])} on the shelf is past its best-before, ` +
        `${String(data['bestBefore'])}. It is not counted. Try a small cup before you trust it.`
      );
    case 'fills-gap':
      return (
        `Nothing is poured between ${sayMm(Number(data['fromMm']))} and ${sayMm(Number(data['toMm']))}. ` +
        'The next pour would run down into it. Let one of the two pours reach the other.'
      );
    case 'filler-spoils-family':
      return (
        `${(data['names'] as readonly string[]).join(', ')} in ${familyOf(data['family'] as ResinFamily).name.toLowerCase()}: ` +
        'light does not get through it, or a mould tears there. Leave it out, or take a resin of another family.'
      );
    case 'filler-against-detail':
      return (
        `${(data['names'] as readonly string[]).join(', ')} keeps the resin out of fine detail. ` +
        'Pour a thin clear layer against the detail first, the filled one behind it.'
      );
    case 'filler-density-assumed':
      return (
        `The grain of ${String(data['name']).toLowerCase()} is taken as ${formatPlain(Number(data['grainGPerMl']), 2)} g/ml, as is usual. ` +
        'Weigh what you stir in, and what the pot weighs before and after.'
      );
    case 'layers-need-a-form':
      return 'Nothing here has a depth, so it is poured in one go. Measure a form to cut it into layers.';
    case 'ratios-impossible':
      return (
        `Both ratios of ${String(data['name'])} would make B ${formatPlain(Number(data['densityRatio']), 2)} times as ` +
        `dense as A; parts of a resin lie between ${String(data['least'])} and ${String(data['greatest'])}. ` +
        'Read the label again: one of the two is something else.'
      );
    case 'ratios-against-densities':
      return (
        `Both ratios of ${String(data['name'])} make B ${formatPlain(Number(data['densityRatio']), 3)} times as dense as A, ` +
        `the densities ${formatPlain(Number(data['typedRatio']), 3)} times. The stated ratio rules. Weigh a known volume of each part.`
      );
    case 'density-assumed':
      return (
        `The card of ${String(data['name'])} gives no densities; ` +
        (data['onePart'] === true
          ? `${formatPlain(Number(data['densityAGPerMl']), 3)} g/ml is assumed. `
          : `A ${formatPlain(Number(data['densityAGPerMl']), 3)} and B ${formatPlain(Number(data['densityBGPerMl']), 3)} g/ml are assumed. `) +
        'Weigh a known volume of each part to be sure.'
      );
    case 'depths-crossed':
      return (
        `The least depth of ${String(data['name'])}, ${sayMm(Number(data['leastDepthMm']))}, is over its greatest, ` +
        `${sayMm(Number(data['greatestDepthMm']))}. Read the label again.`
      );
    case 'recoat-crossed':
      return (
        `The recoat window of ${String(data['name'])} would close at ${sayTime(Number(data['toMin']))}, before it opens at ` +
        `${sayTime(Number(data['fromMin']))}. Read the label again.`
      );
    case 'times-crossed':
      return (
        `Times of ${String(data['name'])} are out of order: ${sayTime(Number(data['earlierMin']))} should come before ` +
        `${sayTime(Number(data['laterMin']))}. Read the label again.`
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
