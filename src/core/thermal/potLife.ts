import { constantRoom } from './climate';
import type { Curing } from './curing';
import { crossedAtS } from './followCore';
import { planeOf, type Plane } from './plane';
import { films, wallOf } from './solids';
import { solvePlane } from './solvePlane';
import { stepRules } from './stepping';

/** Pot life is over when the middle of the cup is this far cured, or this hot. */
const thickAlpha = 0.25;
const hotC = 50;
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

/**
 * Radius of a cup as high as it is wide that holds a mass, m: 2πR³ = m/ρ.
 */
export const cupRadiusM = (massG: number, densityKgPerM3: number): number =>
  Math.cbrt(massG / 1000 / densityKgPerM3 / (2 * Math.PI));

/**
 * The cup as the solver sees it.
 * @param curing only its substance counts, not how fast it cures
 */
export function cupOf(curing: Curing, massG: number): Plane {
  const radiusM = cupRadiusM(massG, curing.densityKgPerM3);
  return planeOf(curing, true, radiusM, cupColumns, [2 * radiusM], [cupRows], {
    topU: films.topStill,
    bottomU: wallOf('polypropylene', cupWallM, films.cupBottom, 1).outerU,
    sideU: wallOf('polypropylene', cupWallM, films.cupSide, 1).outerU,
  });
}

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
