import { Temporal } from 'temporal-polyfill';

const epoch = Temporal.PlainDate.from('1970-01-01');

/** Days from the first of 1970 to a day of the calendar. @param day `2026-05-04`, as its schema let it in */
export const dayNumber = (day: string): number =>
  epoch.until(Temporal.PlainDate.from(day), { largestUnit: 'day' }).days;
