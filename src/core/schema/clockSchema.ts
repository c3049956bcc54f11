import { string } from 'yup';
import { inJson } from './inJson';
import { refusal } from './refusal';

/** Minutes after midnight of a time of day written as `18:30`; undefined for anything else. */
export function minutesOfClock(text: string): number | undefined {
  const [, hours, minutes] = /^\s*(\d{1,2}):(\d{2})\s*$/.exec(text)?.map(Number) ?? [];
  if (hours === undefined || minutes === undefined || hours > 23 || minutes > 59) return undefined;
  return hours * 60 + minutes;
}

/** A time of day, `18:30`, that may be left empty or out. */
export const clockSchema = string()
  .meta(inJson({ type: 'string', pattern: '^\\s*([01]?\\d|2[0-3]):[0-5]\\d\\s*$' }))
  .transform((typed: unknown) =>
    typeof typed === 'string' && typed.trim() === '' ? undefined : typed,
  )
  .test('clock', (typed, context) =>
    typed === undefined || minutesOfClock(typed) !== undefined
      ? true
      : refusal(context, 'not-a-clock'),
  );
