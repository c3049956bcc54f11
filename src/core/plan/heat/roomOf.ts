import type { JobPour } from '../../job/jobPour';
import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { humidityRule, roomTemperatureRule } from '../../quantity/rules';
import { minutesOfClock } from '../../schema/clockSchema';
import { constantRoom, type Climate } from '../../thermal/climate';
import { dewPointC } from '../../thermal/dewPoint';

/** The room that a pour stands in, its time running from the first layer. */
export interface PourRoom {
  readonly climate: Climate;
  /** Minutes after midnight of the first layer; undefined where nobody said. */
  readonly pouredAtMin: number | undefined;
}

const dayMin = 24 * 60;
/** Warmest at three in the afternoon. */
const usualWarmestMin = 15 * 60;
const usualPouredMin = 12 * 60;

const celsius = (typed: string): number => readQuantity(typed, roomTemperatureRule).value;

/**
 * One temperature, or a day that goes round.
 * @throws InputError `day-upside-down`
 */
export function roomOf({ heat, room }: Pick<JobPour, 'heat' | 'room'>): PourRoom {
  const pouredAtMin = minutesOfClock(heat?.pouredAt ?? '');
  const day = heat?.day;
  if (day === undefined) return { climate: constantRoom(celsius(room.temperature)), pouredAtMin };
  const [lowC, highC] = [celsius(day.lowest), celsius(day.highest)];
  if (lowC > highC) {
    const data = { highest: day.highest };
    throw new InputError('day-upside-down', day.lowest, data, 'heat.day.lowest');
  }
  const warmestMin = minutesOfClock(day.warmestAt ?? '') ?? usualWarmestMin;
  const sinceMin = warmestMin - (pouredAtMin ?? usualPouredMin);
  const climate = {
    meanC: (lowC + highC) / 2,
    swingC: (highC - lowC) / 2,
    warmestS: (((sinceMin % dayMin) + dayMin) % dayMin) * 60,
  };
  return { climate, pouredAtMin };
}

/** Air whose humidity somebody has read, and when water settles out of it. */
export interface DampAir {
  readonly humidity: number;
  /** Where that was read, °C. */
  readonly airC: number;
  readonly dewC: number;
}

/** The air of a room; undefined where nobody said how damp it is. */
export function dampAirOf(pour: Pick<JobPour, 'heat' | 'room'>): DampAir | undefined {
  const typed = pour.room.humidity;
  if (typed === undefined) return undefined;
  const humidity = readQuantity(typed, humidityRule).value;
  const airC = roomOf(pour).climate.meanC;
  return { humidity, airC, dewC: dewPointC(airC, humidity) };
}

/** How warm the mix is when its parts meet, where that is said: out of a warm bath, or by itself. */
export function resinTypedC({ heat }: Pick<JobPour, 'heat'>): number | undefined {
  const typed = heat?.bath ?? heat?.resinTemperature;
  return typed === undefined ? undefined : celsius(typed);
}
