import { string } from 'yup';
import { isDate } from './isDate';
import { inJson } from './inJson';
import { refusal } from './refusal';

/** A day of the calendar, `2026-11-23`, that may be left empty or out. */
export const dateSchema = string()
  .meta(inJson({ type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}$' }))
  .transform((typed: unknown) =>
    typeof typed === 'string' && typed.trim() === '' ? undefined : typed,
  )
  .test('date', (typed, context) =>
    typed === undefined || isDate(typed) ? true : refusal(context, 'not-a-date'),
  );
