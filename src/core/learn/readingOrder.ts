import { InputError } from '../problem';

/**
 * Readings begin at the pour and go on in time.
 * @param hours after the pour, one for each reading
 * @throws InputError `before-pour`, `readings-out-of-order`
 */
export function refuseOrder(hours: readonly number[]): void {
  hours.forEach((h, at) => {
    if (h < 0) throw new InputError('before-pour', h, { h }, `readings[${at}].h`);
    const before = hours[at - 1];
    if (before !== undefined && h < before) {
      throw new InputError('readings-out-of-order', h, { h, before }, `readings[${at}].h`);
    }
  });
}
