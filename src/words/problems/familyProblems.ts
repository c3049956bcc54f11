import type { FamilyProblems } from '../../core/codes/problems/familyProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayFineMm, sayMm } from '../figures';
import { sayGauge, sayMbar } from '../pressures';
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
  'vacuum-said-twice': () => 'Say the vacuum once: what the dial shows, or what the pump leaves.',
  'dome-said-twice': () => 'Say the dome once: its height in the middle, or the angle at its edge.',
  'vacuum-over-air': ({ airKPa, altitudeM }) =>
    `The air ${altitudeM > 0 ? `at ${formatPlain(altitudeM, 0)} m ` : ''}is ${sayMbar(airKPa)}: a dial shows less than that, and a pump leaves less. Check the figure and its unit.`,
};
