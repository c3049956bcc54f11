import { Temporal } from 'temporal-polyfill';
import type { DaySpan } from '../person/hoursSchema';
import type { Person } from '../person/person';
import { InputError } from '../problem';
import { both, merged, without, type Span, type Spans } from './spans';

/** When hands are free and when somebody is awake, between two moments. */
export interface Calendar {
  readonly zone: string;
  readonly from: number;
  readonly to: number;
  /** Hands are free. */
  readonly work: Spans;
  readonly awake: Spans;
}

const msPerMin = 60_000;
const minPerDay = 24 * 60;

/** @throws InputError `no-such-zone` */
function checkedZone(zone: string): string {
  try {
    return Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(zone).timeZoneId;
  } catch {
    throw new InputError('no-such-zone', zone, { example: 'Europe/London' }, 'zone');
  }
}

const zoned = (moment: number, zone: string): Temporal.ZonedDateTime =>
  Temporal.Instant.fromEpochMilliseconds(moment * msPerMin).toZonedDateTimeISO(zone);

/**
 * The moment of a day and a time in a zone; an hour that a clock change leaves out counts as the one after it, and of one that
 * comes twice the first is meant.
 * @param text `2026-05-04T08:00`, or a day alone, which begins at midnight
 * @throws InputError `not-a-moment`, `no-such-zone`
 */
export function momentOf(text: string, zone: string, field = ''): number {
  const checked = checkedZone(zone);
  try {
    const local = Temporal.PlainDateTime.from(text, { overflow: 'reject' });
    return Math.round(local.toZonedDateTime(checked).epochMilliseconds / msPerMin);
  } catch {
    throw new InputError('not-a-moment', text, { example: '2026-05-04T08:00' }, field);
  }
}

/** A moment as a text with its offset: `2026-05-04T08:00:00+01:00`. */
export const momentText = (moment: number, zone: string): string =>
  zoned(moment, zone).toString({ timeZoneName: 'never', smallestUnit: 'second' });

/** A moment as somebody there writes it: `2026-05-04T08:00`. */
export const localText = (moment: number, zone: string): string =>
  zoned(moment, zone).toPlainDateTime().toString({ smallestUnit: 'minute' });

/** A stretch of one day in a zone; one that ends before it begins ends on the next day. */
function spanOf(day: Temporal.PlainDate, { fromMin, toMin }: DaySpan, zone: string): Span {
  const at = (minutes: number): number => {
    const later = Math.floor(minutes / minPerDay);
    const clock = Temporal.PlainTime.from({
      hour: Math.floor((minutes % minPerDay) / 60),
      minute: minutes % 60,
    });
    const plainTime = clock;
    const instant = day.add({ days: later }).toZonedDateTime({ timeZone: zone, plainTime });
    return Math.round(instant.epochMilliseconds / msPerMin);
  };
  return { from: at(fromMin), to: at(toMin > fromMin ? toMin : toMin + minPerDay) };
}

/**
 * The hours of a person between two moments, day by day of their own zone.
 * @throws InputError `no-such-zone`
 */
export function calendarOf(person: Person, zone: string, from: number, to: number): Calendar {
  const checked = checkedZone(zone);
  const work: Span[] = [];
  const asleep: Span[] = [];
  const last = zoned(to, checked).toPlainDate();
  // The night before the first day reaches into it.
  let day = zoned(from, checked).toPlainDate().subtract({ days: 1 });
  while (Temporal.PlainDate.compare(day, last) <= 0) {
    asleep.push(spanOf(day, person.sleep, checked));
    const written = day.toString();
    const isAway = person.away.some((away) => away.from <= written && written <= away.to);
    if (!isAway) {
      for (const hours of person.hours[day.dayOfWeek - 1] ?? []) {
        work.push(spanOf(day, hours, checked));
      }
    }
    day = day.add({ days: 1 });
  }
  const all = [{ from, to }];
  const awake = without(all, merged(asleep));
  return { zone: checked, from, to, awake, work: both(both(merged(work), awake), all) };
}
