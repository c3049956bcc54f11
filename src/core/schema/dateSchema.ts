import { string } from 'yup';
import { isDate } from './isDate';
import { refusal } from './refusal';

/** A day of the calendar, `2026-11-23`, that may be left empty or out. */
export const dateSchema = string()
  .transform((typed: string | undefined) => (typed?.trim() === '' ? undefined : typed))
  .test('date', (typed, context) =>
    typed === undefined || isDate(typed) ? true : refusal(context, 'not-a-date'),
  );
