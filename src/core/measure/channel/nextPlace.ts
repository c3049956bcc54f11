import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { positionRule } from '../../quantity/rules';

/**
 * Where the next station is likely to be: as far on as the last two lie apart, or nowhere yet.
 * @param places as typed so far
 * @returns a text with its unit, empty where it cannot be told
 */
export function nextPlace(places: readonly string[]): string {
  try {
    const [before, last] = places.slice(-2).map((place) => readQuantity(place, positionRule).value);
    if (before === undefined) return '0 mm';
    if (last === undefined || last <= before) return '';
    return `${Math.round(10 * (2 * last - before)) / 10} mm`;
  } catch (error) {
    if (error instanceof InputError) return '';
    throw error;
  }
}
