import { InputError } from '../problem';

/** @throws InputError `not-json` */
export function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new InputError('not-json', text.slice(0, 40));
  }
}
