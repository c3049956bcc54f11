import type { FamilyProblems } from '../../core/codes/problems/familyProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayFineMm, sayMl, sayMm } from '../figures';
import { sayGauge, sayMbar } from '../pressures';
import { sayRoughly } from '../rough';
import type { ProblemSentences } from './sentence';

/** What goes wrong with inclusions, lamps, pots, domes. */
export const familyProblems: ProblemSentences<FamilyProblems> = {
  'thicker-than-wide': ({ sizeMm, thicknessMm }) =>
    `A disc ${sayFineMm(thicknessMm)} thick cannot be ${sayFineMm(sizeMm)} across. Check the units: 20 µm is 0.02 mm.`,
  'lamp-said-twice': () => 'Say the lamp once: its intensity, or its time for a known depth.',
  'pressure-over-rating': ({ gaugeKPa, ratingKPa, mostKPa }) =>
    `${sayGauge(gaugeKPa)} is too much for a pot rated at ${sayGauge(ratingKPa)}: stay under ${sayGauge(mostKPa)}, four fifths of it. ` +
    'A lid that lets go kills.',
  'pot-too-small': ({ diameterMm, heightMm, leastDiameterMm, leastHeightMm }) =>
    `The mould does not go into a pot ${sayMm(diameterMm)} wide and ${sayMm(heightMm)} high inside: ` +
    `it takes ${sayMm(Math.ceil(leastDiameterMm))} by ${sayMm(Math.ceil(leastHeightMm))} at the least. A larger pot, or a smaller box.`,
  'pot-life-under-mould': ({ potLifeMin, mixMin, pourMin }) =>
    `It stays pourable for ${sayRoughly(potLifeMin)} here; stirring takes ${sayRoughly(mixMin)} and filling one mould ${sayRoughly(pourMin)}. ` +
    'Take a slower resin, a cooler room, or a mould with fewer cavities.',
  'pot-life-under-mix': ({ potLifeMin, perMix, mostPerMix }) =>
    `One mix does not fill ${perMix} moulds in its ${sayRoughly(potLifeMin)}: ${mostPerMix} at the most.`,
  'more-than-moulds': ({ moulds }) =>
    `There ${moulds === 1 ? 'is one mould' : `are ${moulds} moulds`}: one mix fills no more than that.`,
  'all-rejects': () => 'If all of them are thrown away, none is ever good. Say less than 100 %.',
  'run-needs-one-mould': ({ parts }) =>
    parts === 0
      ? 'A run goes round with one kind of mould: measure it, or take it from the library, in this pour.'
      : `A run goes round with one kind of mould; here are ${parts}. Give each its own pour.`,
  'vacuum-said-twice': () => 'Say the vacuum once: what the dial shows, or what the pump leaves.',
  'dome-said-twice': () => 'Say the dome once: its height in the middle, or the angle at its edge.',
  'vacuum-over-air': ({ airKPa, altitudeM }) =>
    `The air ${altitudeM > 0 ? `at ${formatPlain(altitudeM, 0)} m ` : ''}is ${sayMbar(airKPa)}: a dial shows less than that, and a pump leaves less. Check the figure and its unit.`,
  'wall-under-least': ({ wallMm, leastMm }) =>
    `Walls of ${sayMm(wallMm)} tear: ${sayMm(leastMm)} at the least, 12 mm as usual, more round large pieces.`,
  'piece-outside-box': ({ leastLengthMm, leastWidthMm, leastHeightMm, pieceMl, boxMl }) =>
    pieceMl >= boxMl
      ? `A box of ${sayMl(boxMl)} does not hold a piece of ${sayMl(pieceMl)} and rubber round it. Take a larger one.`
      : `The piece does not go into that box: without any wall it takes ${sayMm(Math.ceil(leastLengthMm))} × ${sayMm(Math.ceil(leastWidthMm))} × ${sayMm(Math.ceil(leastHeightMm))} inside. A wall of 12 mm on every side is usual.`,
  'larger-than-its-size': ({ pieceMl, boxMl }) =>
    `A piece of ${sayMl(pieceMl)} is larger than ${sayMl(boxMl)}, which is all of the size that is typed. Check the sides and their unit.`,
  'no-tube-wide-enough': ({ neededMm, widestMm }) =>
    `No tube is wide enough: ${sayMm(Math.ceil(neededMm * 10) / 10)} inside keeps the wall, and the widest has ${sayMm(widestMm)}.`,
  'box-not-at-hand': ({ kind }) =>
    ({
      boards: 'Say how large the piece is: boards are cut to it.',
      tube: 'Say which tubes there are, by their inner diameters: 40, 50, 63 mm. One piece stands in a tube.',
      bricks: 'Say the step of the bricks: the sides are so many of it.',
      sizes: 'Say how large the box is inside: length, width and height.',
    })[kind],
  'box-needs-size': () =>
    'Only the volume of the piece is known: say its length, width and height, or the inside of a box that is there.',
  'box-needs-one-part': ({ parts }) =>
    `A box goes round one kind of piece; here are ${parts}. Say how many of one kind stand in it, or give each its own mould.`,
  'rod-too-wide': ({ what, mostMm }) =>
    `There is no room for a ${what} so wide: ${sayMm(Math.floor(mostMm * 10) / 10)} across at the most here. ${what === 'key' ? 'It must stay inside of the wall.' : 'A spout of 8 to 12 mm and vents of 2 to 3 mm are usual.'}`,
  'rods-fill-box': () =>
    'Spouts, vents and keys take more than there is of rubber somewhere. Fewer of them, or thinner ones.',
  'parting-outside-piece': ({ pieceHeightMm }) =>
    `It parts somewhere on the piece, which is ${sayMm(Math.round(pieceHeightMm * 10) / 10)} high.`,
  'parting-needs-height': () => 'Say how high the piece is: two halves part at a height of it.',
  'master-in-two-boxes': () =>
    'The mesh is measured as a master in a box of its own. Take it as the piece to cast: the mould box goes round that.',
  'halves-are-layers': () =>
    'A mould of two halves is poured in two layers that part where it parts. Pour each half in one, or make the mould of one part.',
};
