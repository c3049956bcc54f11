import { memory } from '../memory';
import { bucketHeat, type BucketHeat, type BucketPlace } from './bucket';

/** Batches are followed at volumes this many to the octave; between two of them times are read off a straight line of logarithms. */
const perOctave = 3;
const volumeAt = (knot: number): number => 2 ** (knot / perOctave);

/** A third of an octave shortens no time by more than about a sixth, but for where running away begins. */
const steepLn = 0.2;

/** Batches from 4 ml to 65 l are tried. */
const leastKnot = 2 * perOctave;
const greatestKnot = 16 * perOctave;

/** Followed so far: the same resin in the same vessel and room is asked for at every keystroke. */
const followed = memory<BucketHeat>(4000);

/** How batches of any size fare in one place. */
export interface BucketCurve {
  /** @param volumeMl above 0 */
  readonly at: (volumeMl: number) => BucketHeat;
  /**
   * The largest batch that is pourable as long as it needs: pot life falls as a batch grows.
   * @param neededMin minutes that a batch of so many ml needs; never falling
   * @returns ml; Infinity where even 65 l last, undefined where not even 4 ml do
   */
  readonly greatestMl: (neededMin: (volumeMl: number) => number) => number | undefined;
}

/** Between two times on a line of logarithms; what does not happen at one of the two does not happen. */
function between(low: number | undefined, high: number | undefined, share: number) {
  if (low === undefined || high === undefined) return undefined;
  return Math.exp(Math.log(low) + (Math.log(high) - Math.log(low)) * share);
}

/**
 * Whether a line between two times is true between them. It is not where only the larger batch comes to
 * it, nor just beyond that, where a little more runs away much sooner: those are followed by themselves.
 */
function isStraight(low: number | undefined, high: number | undefined): boolean {
  if (low === undefined || high === undefined) return low === high;
  return Math.abs(Math.log(high / low)) < steepLn;
}

export function bucketCurve(place: BucketPlace): BucketCurve {
  const key = JSON.stringify(place);
  const follow = (knot: number): BucketHeat =>
    followed(`${key}/${knot}`, () => bucketHeat(place, volumeAt(knot)));
  const at = (volumeMl: number): BucketHeat => {
    const exact = Math.log2(volumeMl) * perOctave;
    const knot = Math.floor(exact);
    const share = exact - knot;
    if (share === 0) return follow(knot);
    const [low, high] = [follow(knot), follow(knot + 1)];
    const alike = (['pourableMin', 'warmMin', 'hotMin'] as const).every((each) =>
      isStraight(low[each], high[each]),
    );
    if (!alike) return followed(`${key}/${volumeMl} ml`, () => bucketHeat(place, volumeMl));
    return {
      pourableMin: between(low.pourableMin, high.pourableMin, share),
      by: share < 0.5 ? low.by : high.by,
      warmMin: between(low.warmMin, high.warmMin, share),
      hotMin: between(low.hotMin, high.hotMin, share),
    };
  };
  const greatestMl = (neededMin: (volumeMl: number) => number): number | undefined => {
    const lasts = (volumeMl: number): boolean =>
      (at(volumeMl).pourableMin ?? Infinity) >= neededMin(volumeMl);
    if (lasts(volumeAt(greatestKnot))) return Infinity;
    if (!lasts(volumeAt(leastKnot))) return undefined;
    let [low, high] = [leastKnot, greatestKnot];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (lasts(volumeAt(middle))) low = middle;
      else high = middle;
    }
    let [least, most] = [volumeAt(low), volumeAt(high)];
    while (most / least > 1.001) {
      const middle = Math.sqrt(least * most);
      if (lasts(middle)) least = middle;
      else most = middle;
    }
    return least;
  };
  return { at, greatestMl };
}
