import { string, type StringSchema, type TestContext, type ValidationError } from 'yup';
import { isKept } from './asKept';
import { inJson } from './inJson';
import { oddSignIn } from './oddSigns';
import { refusal } from './refusal';

/** Refuses signs that hide what a text says. */
function readable(text: string, context: TestContext): true | ValidationError {
  const odd = isKept(context.options) ? undefined : oddSignIn(text);
  return odd === undefined || refusal(context, 'odd-sign', odd);
}

/** A name: some text, but not a page of it. */
export function nameSchema(longest: number): StringSchema<string> {
  return string()
    .meta(inJson({ type: 'string', minLength: 1, maxLength: longest }))
    .test('name', (text, context) => {
      if (text === undefined || text.trim() === '') return refusal(context, 'no-name');
      if (text.length > longest) return refusal(context, 'too-long', { longest });
      return readable(text, context);
    }) as StringSchema<string>;
}

/** A text that may be left out, limited in length. */
export function noteSchema(longest: number): StringSchema<string | undefined> {
  return string()
    .meta(inJson({ type: 'string', maxLength: longest }))
    .test('note', (text = '', context) =>
      text.length > longest ? refusal(context, 'too-long', { longest }) : readable(text, context),
    );
}
