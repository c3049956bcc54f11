/** Standard gravity, m/s². */
export const gravityMPerS2 = 9.80665;

/** What holds something down is planned for twice its uplift: loads that look heavy fail. */
export const holdFactor = 2;

/** What a level of resin does to a body that stands in it; below 0 it stays down. */
export interface Uplift {
  /** Mass of the resin that it displaces less its own. */
  readonly netG: number;
  readonly netN: number;
  /** What must lie on it, with the factor; 0 where it does not lift. */
  readonly holdKg: number;
}

/**
 * Archimedes: net = displaced mass − own mass.
 * @param displacedG of the resin whose place it takes
 */
export function upliftOf(displacedG: number, massG: number): Uplift {
  const netG = displacedG - massG;
  return {
    netG,
    netN: (netG / 1000) * gravityMPerS2,
    holdKg: (Math.max(0, netG) / 1000) * holdFactor,
  };
}

/** A stretch of a form that one resin fills. */
export interface ResinStretch {
  readonly fromMm: number;
  readonly toMm: number;
  readonly densityGPerMl: number;
}

/**
 * Mass of the resin that a body displaces up to a level.
 * @param belowMl V(h) of the body over the floor of the form
 * @param stretches rising
 */
export const displacedG = (
  belowMl: (heightMm: number) => number,
  stretches: readonly ResinStretch[],
  levelMm: number,
): number =>
  stretches.reduce((sum, { fromMm, toMm, densityGPerMl }) => {
    const topMm = Math.min(toMm, levelMm);
    return topMm <= fromMm ? sum : sum + (belowMl(topMm) - belowMl(fromMm)) * densityGPerMl;
  }, 0);

/** A level is found to this, mm. */
const levelWithinMm = 1e-6;

/**
 * The level at which a body begins to float.
 * @param displaced mass of resin displaced up to a level, g
 * @param topMm the highest level there is
 * @returns mm over the floor; undefined where it does not float even then
 */
export function floatsAtMm(
  displaced: (levelMm: number) => number,
  massG: number,
  topMm: number,
): number | undefined {
  if (!(displaced(topMm) > massG)) return undefined;
  let [low, high] = [0, topMm];
  while (high - low > levelWithinMm) {
    const middle = (low + high) / 2;
    if (displaced(middle) > massG) high = middle;
    else low = middle;
  }
  return high;
}
