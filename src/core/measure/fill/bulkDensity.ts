import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { bulkDensityRule, massRule, volumeRule } from '../../quantity/rules';

/**
 * Bulk density of a grain: what fills a known volume, weighed.
 * @param mass of the grain alone, as typed
 * @param volume that it fills, as typed
 * @returns g/ml, as text for the field that takes it
 * @throws InputError at `mass` or `volume`; `not-a-bulk-density` where no grain weighs that
 */
export function foundBulkDensity(mass: string, volume: string): string {
  const read = <T>(field: string, reader: () => T): T => {
    try {
      return reader();
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      throw error.at(field);
    }
  };
  const massG = read('mass', () => readQuantity(mass, massRule).value);
  const volumeMl = read('volume', () => readQuantity(volume, volumeRule).value);
  const text = `${Number((massG / volumeMl).toPrecision(3))} g/ml`;
  try {
    readQuantity(text, bulkDensityRule);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw new InputError('not-a-bulk-density', text, {}, 'mass');
  }
  return text;
}
