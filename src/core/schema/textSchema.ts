import { string, type StringSchema } from 'yup';
import { inJson } from './inJson';
import { refusal } from './refusal';

/** A name: some text, but not a page of it. */
export function nameSchema(longest: number): StringSchema<string> {
  return string()
    .meta(inJson({ type: 'string', minLength: 1, maxLength: longest }))
    .test('name', (text, context) => {
      if (text === undefined || text.trim() === '') return refusal(context, 'no-name');
      return text.length <= longest || refusal(context, 'too-long', { longest });
    }) as StringSchema<string>;
}

/** A text that may be left out, limited in length. */
export function noteSchema(longest: number): StringSchema<string | undefined> {
  return string()
    .meta(inJson({ type: 'string', maxLength: longest }))
    .test(
      'note',
      (text, context) =>
        (text ?? '').length <= longest || refusal(context, 'too-long', { longest }),
    );
}
