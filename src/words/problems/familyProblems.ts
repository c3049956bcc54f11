import type { FamilyProblems } from '../../core/codes/problems/familyProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayFineMm, sayMm } from '../figures';
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
};
