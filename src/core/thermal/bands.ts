import { heatKindOf, type HeatFamily, type HeatKind } from '../resin/families';

/** How hot a pour gets, in the trade's terms. */
export const heatBands = ['easy', 'warm', 'high', 'runaway'] as const;
export type HeatBand = (typeof heatBands)[number];

/** Upper ends of easy, warm and high, °C. Polyurethanes bear more: their glass transition is higher when they peak. */
const endsC: Readonly<Record<HeatKind, readonly [easyC: number, warmC: number, highC: number]>> = {
  epoxy: [45, 65, 90],
  polyurethane: [70, 90, 115],
};

/** Up to here stress sets in and no more, °C: what a pour should keep under. */
export const warmEndC = (family: HeatFamily): number => endsC[heatKindOf(family)][1];

/** A core that warms faster than this after it has gelled runs away, K/s: half a kelvin a minute. */
const runawayKPerS = 0.5 / 60;

/** Above this a pour runs away, °C. */
export const runawayC = (family: HeatFamily): number => endsC[heatKindOf(family)][2];

/**
 * Band of a peak.
 * @param fastestAfterGel K/s; an epoxy that climbs steeply once it is solid is lost whatever its peak
 */
export function bandOf(family: HeatFamily, peakC: number, fastestAfterGel = 0): HeatBand {
  const kind = heatKindOf(family);
  const [easyC, warmC, highC] = endsC[kind];
  if (peakC > highC || (kind === 'epoxy' && peakC > warmC && fastestAfterGel > runawayKPerS))
    return 'runaway';
  if (peakC > warmC) return 'high';
  return peakC > easyC ? 'warm' : 'easy';
}

/** A pour whose range is wider than this stands on the edge, K. */
export const edgeK = 15;

/** Rises under this are too flat to say when they are highest, K. */
export const flatK = 5;

/** A form should stay this far under what it bears, K. */
export const formMarginK = 10;
