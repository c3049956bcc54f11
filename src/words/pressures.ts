import type { PressureSection, VacuumSection } from '../core/plan/familySections';
import { formatPlain } from '../core/quantity/format';
import { sayFineMm, sayMl, sayPercent } from './figures';
import { sayRoughly } from './rough';

const tie = '\u00a0';
const kPaPerPsi = 4.4482216152605 / 0.64516;

/** A pressure over the air as dials have it: 2.76 bar (40 psi). */
export const sayGauge = (kPa: number): string =>
  `${formatPlain(kPa / 100, 2)}${tie}bar (${formatPlain(kPa / kPaPerPsi, 0)}${tie}psi)`;

/** A pot in a few words: 2.76 bar (40 psi), held 20 min. */
export const sayPot = ({ gaugeKPa, holdMin }: PressureSection): string =>
  `${sayGauge(gaugeKPa)}${holdMin === undefined ? '' : `, held ${sayRoughly(holdMin)}`}`;

/** What a pot does, and what it asks for. */
export function sayPressure({
  diameterRatio,
  volumeRatio,
  goneUpToMm,
  gelMin,
  holdMin,
  holdLeastMin,
  holdTyped,
  closedMin,
  potLifeMin,
  fit,
  ofRating,
  ratingKPa,
}: PressureSection): readonly string[] {
  return [
    `Bubbles shrink to ${sayPercent(diameterRatio)} of their width, ${sayPercent(volumeRatio)} of their volume.`,
    goneUpToMm === undefined || gelMin === undefined
      ? 'Nothing tells when it gels, so nothing tells which of them dissolve.'
      : `Up to ${sayFineMm(goneUpToMm)} across they dissolve before it gels, about ${sayRoughly(gelMin)} after the pour; larger ones only shrink.`,
    ...(holdMin === undefined || holdLeastMin === undefined
      ? []
      : [
          `Hold it ${sayRoughly(holdMin)}${holdTyped ? '' : ', until it may leave its mould'}: ${sayRoughly(holdLeastMin)} at the very least, or bubbles grow back.`,
        ]),
    `The pot is closed about ${sayRoughly(closedMin)} after the parts met${potLifeMin === undefined ? '' : `; it stays pourable for ${sayRoughly(potLifeMin)}`}.`,
    ...(fit === undefined
      ? []
      : [
          `${fit.count} ${fit.count === 1 ? 'mould goes' : 'moulds go'} in at once${fit.storeys > 1 ? `, on ${fit.storeys} shelves` : ''}.`,
        ]),
    ...(ofRating === undefined || ratingKPa === undefined
      ? []
      : [`${sayPercent(ofRating)} of the ${sayGauge(ratingKPa)} that it is rated at.`]),
  ];
}

/** What pots under pressure do when they fail. */
export const potCaution =
  'Even clamps, a relief valve that was tried, nobody over the lid. Never open it with pressure on.';

/** A vacuum in a few words: 51 mbar left. */
export const sayVacuumShort = ({ leavesKPa }: VacuumSection): string =>
  `${sayMbar(leavesKPa)} left`;

/** What a vacuum does to a mix. */
export function sayVacuum({
  airKPa,
  leavesKPa,
  dialKPa,
  risesTimes,
  foamTimes,
  potNeededMl,
  boilsUnderKPa,
}: VacuumSection): readonly string[] {
  return [
    `The air here is ${sayMbar(airKPa)}: the dial shows ${sayMbar(dialKPa)} under it, and ${sayMbar(leavesKPa)} are left.`,
    `It swells to ${formatPlain(risesTimes, 1)} times its volume by its air alone, and foams up to about ${formatPlain(foamTimes, 0)} times for a while: a third full, a pot of ${sayMl(potNeededMl)} for the largest batch.`,
    ...(boilsUnderKPa === undefined
      ? []
      : [
          `Under about ${sayMbar(boilsUnderKPa)} its lightest part boils, which looks like air and never ends.`,
        ]),
  ];
}

/** What is left in a vacuum: 51 mbar. */
export const sayMbar = (kPa: number): string =>
  `${formatPlain(kPa * 10, kPa < 1 ? 1 : 0)}${tie}mbar`;
