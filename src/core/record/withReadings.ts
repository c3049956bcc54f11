import { InputError } from '../problem';
import { together } from './withPour';
import { mostReadings, type PourRecord } from './recordSchema';

type Readings = PourRecord['readings'];

/**
 * Readings of a record with more of them, in the order of time; one of a moment that is known already is not taken again.
 * @throws InputError `too-many-readings`
 */
export function withReadings(before: Readings, more: Readings): Readings {
  const all = together(before, more);
  if (all.length > mostReadings) {
    const data = { count: all.length, most: mostReadings };
    throw new InputError('too-many-readings', all.length, data);
  }
  return all;
}
