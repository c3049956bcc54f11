import type { ReadPlace } from '../../core/bench/benchEvents';
import { sayC } from '../../words/figures';
import { unitsTold } from '../../words/unitsTold';

/** Where a thermometer is held. */
export const readPlaceNames: Readonly<Record<ReadPlace, string>> = {
  cup: 'In the cup',
  core: 'In the layer',
  surface: 'On its surface',
  room: 'The room',
};

/** No bench is colder, no resin that is not alight is hotter, °C. */
const [leastC, mostC] = [-20, 300];

/** A figure that was keyed in, in the unit that temperatures are told in. */
export const toC = (value: number): number =>
  unitsTold().temperature === '°F' ? ((value - 32) * 5) / 9 : value;

/** Why a figure is no temperature of a bench, in a sentence. */
export const refuseTemperature = (value: number): string | undefined =>
  toC(value) < leastC || toC(value) > mostC
    ? `A bench is between ${sayC(leastC)} and ${sayC(mostC)}. Is that ${unitsTold().temperature ?? '°C'}?`
    : undefined;
