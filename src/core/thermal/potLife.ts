import { constantRoom } from './climate';
import type { Curing } from './curing';
import { crossedAtS } from './followCore';
import { planeOf, type Plane } from './plane';
import { films, wallOf } from './solids';
import { solvePlane } from './solvePlane';
import { stepRules } from './stepping';

/** Pot life is over when the middle of the cup is this far cured, or this hot. */
export const thickAlpha = 0.25;
export const hotC = 50;
/** Cells of the cup: radius by height. */
const cupColumns = 8;
const cupRows = 12;
/** A polypropylene cup's wall. */
const cupWallM = 0.001;

/** A batch standing in its cup. */
export interface CupBatch {
  readonly cup: Plane;
  readonly resinC: number;
  readonly roomC: number;
}

/** When a batch is over, and by what. */
export interface PotLife {
  readonly potLifeS: number;
  readonly by: 'thick' | 'hot';
}

/** Radius of a vessel as high as it is wide that holds a volume, m: 2πR³ = V. */
const squareRadiusM = (volumeM3: number): number => Math.cbrt(volumeM3 / (2 * Math.PI));

/**
 * A batch in a round vessel as the solver sees it.
 * @param curing only its substance counts, not how fast it cures
 * @param holdsMl what the vessel holds, as high as wide when it is full; the batch itself stands as high as wide without it
 */
export function vesselOf(curing: Curing, volumeMl: number, holdsMl = volumeMl): Plane {
  const radiusM = squareRadiusM(holdsMl / 1e6);
  const heightM = volumeMl / 1e6 / (Math.PI * radiusM * radiusM);
  return planeOf(curing, true, radiusM, cupColumns, [heightM], [cupRows], {
    topU: films.topStill,
    bottomU: wallOf('polypropylene', cupWallM, films.cupBottom, 1).outerU,
    sideU: wallOf('polypropylene', cupWallM, films.cupSide, 1).outerU,
  });
}

/** The cup of a label: full, and as high as it is wide. */
export const cupOf = (curing: Curing, massG: number): Plane =>
  vesselOf(curing, (massG / curing.densityKgPerM3) * 1000);

/**
 * How long a batch can be poured: the label's own test, a full cup as high as wide.
 * @param atMostS given up after this
 * @returns undefined where it lasts longer
 */
export function potLifeOf(
  curing: Curing,
  { cup, resinC, roomC }: CupBatch,
  atMostS: number,
): PotLife | undefined {
  const middle = cup.columns * (cupRows / 2);
  const cells = cup.columns * cup.rows;
  const room = constantRoom(roomC);
  let found: PotLife | undefined;
  solvePlane(
    cup,
    curing,
    { above: room, below: room, beside: room },
    {
      temperaturesC: new Float64Array(cells).fill(resinC),
      alphas: new Float64Array(cells),
    },
    0,
    atMostS,
    stepRules(atMostS, 0.5),
    (before, after) => {
      const thick = after.alphas[middle]! >= thickAlpha;
      const hot = after.temperaturesC[middle]! >= hotC;
      if (!thick && !hot) return false;
      const thickS = thick ? crossedAtS(before, after, 'alphas', middle, thickAlpha) : Infinity;
      const hotS = hot ? crossedAtS(before, after, 'temperaturesC', middle, hotC) : Infinity;
      found = { potLifeS: Math.min(thickS, hotS), by: thickS <= hotS ? 'thick' : 'hot' };
      return true;
    },
  );
  return found;
}
