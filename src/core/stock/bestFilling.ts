import { hairMl } from '../quantity/tolerance';
import { InputError } from '../problem';

/** More single cavities than this are past what is searched in full. */
export const mostCavities = 40;

/** Sums of one half of the cavities: every subset, rising by volume, with what is in it. */
interface Sums {
  readonly ml: Float64Array;
  /** Bits of the cavities in it. */
  readonly bits: Uint32Array;
}

/** All subset sums, kept in order by merging the list with itself moved up by each volume. */
function sumsOf(volumesMl: readonly number[], roomMl: number): Sums {
  let ml = new Float64Array([0]);
  let bits = new Uint32Array([0]);
  volumesMl.forEach((volumeMl, index) => {
    const nextMl = new Float64Array(ml.length * 2);
    const nextBits = new Uint32Array(ml.length * 2);
    let plain = 0;
    let moved = 0;
    let at = 0;
    while (plain < ml.length || moved < ml.length) {
      const a = plain < ml.length ? (ml[plain] as number) : Infinity;
      const b = moved < ml.length ? (ml[moved] as number) + volumeMl : Infinity;
      const takesPlain = a <= b;
      const value = takesPlain ? a : b;
      const which = takesPlain
        ? (bits[plain] as number)
        : ((bits[moved] as number) | (2 ** index)) >>> 0;
      if (takesPlain) plain += 1;
      else moved += 1;
      if (value > roomMl) break;
      // Cavities alike make the same sum again and again: one of each is enough.
      if (at > 0 && value - (nextMl[at - 1] as number) <= hairMl) continue;
      nextMl[at] = value;
      nextBits[at] = which;
      at += 1;
    }
    ml = nextMl.slice(0, at);
    bits = nextBits.slice(0, at);
  });
  return { ml, bits };
}

/**
 * The cavities that use a volume best: of all choices the one that holds the most and no more than there is. Exact, by
 * meeting in the middle: every sum of one half against the largest of the other that still fits.
 * @param volumesMl of single cavities, 40 at the most
 * @param roomMl what there is to pour
 * @returns places in the list, and what they hold together
 * @throws InputError `too-many-cavities`
 */
export function bestFilling(
  volumesMl: readonly number[],
  roomMl: number,
): { readonly chosen: readonly number[]; readonly ml: number } {
  if (volumesMl.length > mostCavities) {
    throw new InputError('too-many-cavities', volumesMl.length, { most: mostCavities });
  }
  const room = roomMl + hairMl;
  const half = volumesMl.length >> 1;
  const low = sumsOf(volumesMl.slice(0, half), room);
  const high = sumsOf(volumesMl.slice(half), room);
  let best = { ml: 0, low: 0, high: 0 };
  let other = high.ml.length - 1;
  for (let one = 0; one < low.ml.length; one += 1) {
    const lowMl = low.ml[one] as number;
    while (other > 0 && lowMl + (high.ml[other] as number) > room) other -= 1;
    const ml = lowMl + (high.ml[other] as number);
    if (ml > room) break;
    if (ml > best.ml) best = { ml, low: one, high: other };
  }
  const [lowBits, highBits] = [low.bits[best.low] ?? 0, high.bits[best.high] ?? 0];
  const isIn = (index: number): boolean =>
    index < half ? ((lowBits >>> index) & 1) === 1 : ((highBits >>> (index - half)) & 1) === 1;
  return { chosen: volumesMl.flatMap((_, index) => (isIn(index) ? [index] : [])), ml: best.ml };
}
