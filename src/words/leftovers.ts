import type { Leftover } from '../core/plan/planTypes';
import { sayMl } from './figures';

/** Where the rest of a batch goes, in the order to fill. */
export function sayLeftover(leftover: Leftover, batches: number): string {
  const { batch, leftMl, fills, usedMl, unfit } = leftover;
  const when = batches === 1 ? 'About' : `Batch ${batch + 1}: about`;
  const left = `${when} ${sayMl(leftMl)} may be left`;
  const apart =
    unfit === 0
      ? ''
      : ` ${unfit} ${unfit === 1 ? 'cavity is' : 'cavities are'} too deep or too shallow for this resin.`;
  if (fills.length === 0) return `${left}; no cavity that is ready takes it.${apart}`;
  const into = fills.map(
    ({ mould, cavity, count }) =>
      `${count === 1 ? '' : `${count} × `}${cavity === undefined ? mould : `${cavity} of ${mould}`}`,
  );
  return `${left}. Fill ${into.join(', then ')}: ${sayMl(usedMl)}.${apart}`;
}
