/** Moments as people say them, in the zone that they live in. Minutes since 1970. */

const msPerMin = 60_000;

interface Zoned {
  readonly day: Intl.DateTimeFormat;
  readonly longDay: Intl.DateTimeFormat;
  readonly clock: Intl.DateTimeFormat;
  readonly key: Intl.DateTimeFormat;
}

/** Making a format takes longer than using it. */
const formats = new Map<string, Zoned>();

function formatsOf(zone: string): Zoned {
  const known = formats.get(zone);
  if (known !== undefined) return known;
  const of = (options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat =>
    new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone });
  const made = {
    day: of({ weekday: 'short', day: 'numeric', month: 'short' }),
    longDay: of({ weekday: 'long', day: 'numeric', month: 'long' }),
    clock: of({ hour: 'numeric', minute: '2-digit', hourCycle: 'h23' }),
    key: of({ year: 'numeric', month: '2-digit', day: '2-digit' }),
  };
  formats.set(zone, made);
  return made;
}

const date = (moment: number): Date => new Date(moment * msPerMin);

/** `9:00` */
export const sayClockAt = (moment: number, zone: string): string =>
  formatsOf(zone)
    .clock.format(date(moment))
    .replace(/^0(?=\d)/, '');

/** `Tue 6 Oct` */
export const sayDayAt = (moment: number, zone: string): string =>
  formatsOf(zone).day.format(date(moment)).replace(',', '');

/** `Tuesday 6 October` */
export const sayLongDayAt = (moment: number, zone: string): string =>
  formatsOf(zone).longDay.format(date(moment)).replace(',', '');

/** The day that a moment is on, to tell two apart. */
export const dayKeyAt = (moment: number, zone: string): string =>
  formatsOf(zone).key.format(date(moment));

const dayMin = 24 * 60;

/** Minutes after midnight there. */
function clockMin(moment: number, zone: string): number {
  const [hours = 0, minutes = 0] = formatsOf(zone)
    .clock.format(date(moment))
    .split(':')
    .map(Number);
  return hours * 60 + minutes;
}

/** The midnight that a day there begins with; on a day of a clock change too. */
export function midnightOf(moment: number, zone: string): number {
  const near = moment - clockMin(moment, zone);
  const off = clockMin(near, zone);
  return off === 0 ? near : off < dayMin / 2 ? near - off : near + dayMin - off;
}

/** Midnights of so many days, from the one that a moment is on. */
export function midnightsFrom(moment: number, days: number, zone: string): readonly number[] {
  const first = midnightOf(moment, zone);
  // From the middle of each day, whatever a change of clocks does to its ends.
  return Array.from({ length: days }, (_, day) =>
    midnightOf(first + day * dayMin + dayMin / 2, zone),
  );
}

/** A moment as a form writes it: `2026-05-04T08:00`. */
export function localTextOf(moment: number, zone: string): string {
  const [day = '', month = '', year = ''] = dayKeyAt(moment, zone).split('/');
  const clock = formatsOf(zone).clock.format(date(moment)).padStart('00:00'.length, '0');
  return `${year}-${month}-${day}T${clock}`;
}

/** A day as one says it from another: today, tomorrow, `Tue 6 Oct`. */
export function sayDayFrom(moment: number, now: number, zone: string): string {
  const key = dayKeyAt(moment, zone);
  if (key === dayKeyAt(now, zone)) return 'today';
  if (key === dayKeyAt(now + dayMin, zone)) return 'tomorrow';
  if (key === dayKeyAt(now - dayMin, zone)) return 'yesterday';
  return sayDayAt(moment, zone);
}

/** `today 14:00`, `tomorrow 9:00`, `Tue 6 Oct 9:00` */
export const sayMoment = (moment: number, now: number, zone: string): string =>
  `${sayDayFrom(moment, now, zone)} ${sayClockAt(moment, zone)}`;

/** The clock of what is further off says nothing. */
const soonDays = 3;

/** When something comes that is only about known: `tomorrow 9:00`, and what is days away by its day. */
export const sayAhead = (moment: number, now: number, zone: string): string =>
  moment - now < soonDays * dayMin ? sayMoment(moment, now, zone) : sayDayFrom(moment, now, zone);

/** From one moment to another, the day once where it is the same: `tomorrow 9:00 to 15:00`. */
export function sayBetween(from: number, to: number, now: number, zone: string): string {
  const end =
    dayKeyAt(from, zone) === dayKeyAt(to, zone) ? sayClockAt(to, zone) : sayMoment(to, now, zone);
  return from === to ? sayMoment(from, now, zone) : `${sayMoment(from, now, zone)} to ${end}`;
}
