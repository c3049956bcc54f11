import { hoursOf, nightOf } from '../core/person/hoursSchema';
import { seasonOf } from '../core/person/person';
import type { PersonTyped, Season } from '../core/person/personSchema';
import { localTextOf } from './moments';

export const weekDayNames = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

export const seasonNames: Readonly<Record<Season, string>> = {
  winter: 'Winter',
  spring: 'Spring',
  summer: 'Summer',
  autumn: 'Autumn',
};

export const usualHoursText = '8:00-20:00';
export const usualNightText = '22:00-7:00';

const clock = (minutes: number): string =>
  `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;

/** Hours as people say them: 8:00 to 12:00, 13:00 to 17:00. */
export function sayHours(text: string): string {
  const spans = hoursOf(text);
  if (spans === undefined) return text;
  if (spans.length === 0) return 'off';
  return spans.map(({ fromMin, toMin }) => `${clock(fromMin)} to ${clock(toMin)}`).join(', ');
}

export function sayNight(text: string): string {
  const night = nightOf(text);
  return night === undefined ? text : `${clock(night.fromMin)} to ${clock(night.toMin)}`;
}

const dayMs = 24 * 60 * 60 * 1000;

/** What is set for one day: the room of its season, and the person's hours. */
export function sayHoursOn(person: PersonTyped | undefined, now: number, zone: string): string {
  const day = localTextOf(now, zone).slice(0, 10);
  const isAway = (person?.away ?? []).some(
    ({ from, to }) => from !== undefined && to !== undefined && from <= day && day <= to,
  );
  // 1970 began on a Thursday.
  const weekDay = (Math.floor(Date.parse(`${day}T00:00:00Z`) / dayMs) + 3) % 7;
  const hours = sayHours(person?.hours?.[weekDay] ?? usualHoursText);
  const room = person?.rooms?.[seasonOf(day)];
  const told = isAway
    ? 'You are away today'
    : hours === 'off'
      ? 'A day off'
      : `You are in from ${hours}`;
  return room === undefined
    ? told
    : `Shop ${room} · ${told.charAt(0).toLowerCase()}${told.slice(1)}`;
}
