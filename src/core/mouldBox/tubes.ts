import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';

/**
 * The diameters of a list such as `40, 50, 63 mm`: a unit at the very end is that of all that have none.
 * @returns mm, rising, each once
 * @throws InputError those of `readQuantity`, with all that was typed
 */
export function tubeDiameters(typed: string): readonly number[] {
  const texts = typed
    .split(/[,;]/)
    .map((text) => text.trim())
    .filter((text) => text !== '');
  const unit = /[a-zµ"']+$/i.exec(texts.at(-1) ?? '')?.[0] ?? '';
  const read = texts.map((text) => {
    const whole = /[a-zµ"']$/i.test(text) ? text : `${text} ${unit}`;
    try {
      return readQuantity(whole, lengthRule).value;
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      throw InputError.of({ ...error.asProblem(), value: typed });
    }
  });
  return [...new Set(read)].sort((a, b) => a - b);
}
