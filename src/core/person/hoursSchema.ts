import { string } from 'yup';
import { minutesOfClock } from '../schema/clockSchema';
import { inJson } from '../schema/inJson';
import { refusal } from '../schema/refusal';

/** A stretch of the day in minutes after midnight. One that ends before it begins goes on into the next day. */
export interface DaySpan {
  readonly fromMin: number;
  readonly toMin: number;
}

const dayMin = 24 * 60;

/** `8:00-20:00`; midnight may be written as the end of a day. */
function spanOf(text: string): DaySpan | undefined {
  const [from, to, more] = text.split(/\s*(?:-|–|to)\s*/);
  if (from === undefined || to === undefined || more !== undefined) return undefined;
  const fromMin = minutesOfClock(from);
  const toMin = /^\s*24:00\s*$/.test(to) ? dayMin : minutesOfClock(to);
  if (fromMin === undefined || toMin === undefined || fromMin === toMin) return undefined;
  return { fromMin, toMin: toMin === 0 ? dayMin : toMin };
}

/**
 * The hours of a day as they are written: `8:00-12:00, 13:00-20:00`.
 * @returns in the order of the day, none for an empty text; undefined for what cannot be read, overlaps or goes past midnight
 */
export function hoursOf(text: string): readonly DaySpan[] | undefined {
  if (text.trim() === '') return [];
  const spans = text.split(',').map(spanOf);
  const read = spans.flatMap((span) => span ?? []).sort((a, b) => a.fromMin - b.fromMin);
  const isWhole = read.length === spans.length;
  const inOrder = read.every(
    ({ fromMin, toMin }, at) => fromMin < toMin && fromMin >= (read[at - 1]?.toMin ?? 0),
  );
  return isWhole && inOrder ? read : undefined;
}

/** The hours of a night, `22:30-6:30`; undefined for anything else. */
export const nightOf = (text: string): DaySpan | undefined => spanOf(text);

const spansInJson = inJson({ type: 'string', maxLength: 80 });

/** The hours of one day; empty on a day off. */
export const hoursSchema = string()
  .meta(spansInJson)
  .defined()
  .test('hours', (typed, context) =>
    typed === undefined || hoursOf(typed) !== undefined ? true : refusal(context, 'not-hours'),
  );

/** When somebody sleeps. */
export const nightSchema = string()
  .meta(spansInJson)
  .test('night', (typed, context) =>
    typed === undefined || nightOf(typed) !== undefined ? true : refusal(context, 'not-hours'),
  );
