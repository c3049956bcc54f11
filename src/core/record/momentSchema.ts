import { string } from 'yup';
import { InputError } from '../problem';
import { refusal } from '../schema/refusal';
import { momentOf } from '../timetable/calendar';

const minPerDay = 24 * 60;

/** A day and a time as somebody's clock shows it, `2026-05-04T08:00`; it may be left empty or out. */
export const momentSchema = string()
  .transform((typed: unknown) =>
    typeof typed === 'string' && typed.trim() === '' ? undefined : typed,
  )
  .test('moment', (typed, context) => {
    if (typed === undefined) return true;
    try {
      // Moments count from 1970, wherever one is.
      if (momentOf(typed, 'UTC') > minPerDay) return true;
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
    }
    return refusal(context, 'not-a-moment', { example: '2026-05-04T08:00' });
  });
