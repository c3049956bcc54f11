import type { Solid } from '../core/measure/form/solid';
import type { Mould } from '../core/measure/mould/mouldSchema';
import { sayMl, sayMm } from './figures';
import { materialNames } from './names';

const sayCount = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/**
 * A mould in two lines.
 * @param filled all its cavities, filled once
 */
export function sayMould(
  { material, cavities, castings = 0, greatestTemperature }: Mould,
  filled: Pick<Solid, 'volumeMl' | 'depthMm'>,
): { readonly holds: string; readonly facts: string } {
  const number = cavities.reduce((sum, { count = 1 }) => sum + count, 0);
  const { depthMm } = filled;
  return {
    holds:
      `${sayMl(filled.volumeMl)} in ${sayCount(number, 'cavity', 'cavities')}` +
      (depthMm === undefined ? '' : ` · to ${sayMm(depthMm)} deep`),
    facts: [
      materialNames[material],
      sayCount(castings, 'casting', 'castings'),
      ...(greatestTemperature === undefined || greatestTemperature === ''
        ? []
        : [`stands ${greatestTemperature}`]),
    ].join(' · '),
  };
}
