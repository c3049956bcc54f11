/** Outside of a mould, mm. */
export interface Outside {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Inside of a pot, mm. */
export interface PotInside {
  readonly diameterMm: number;
  readonly heightMm: number;
}

/** How moulds stand in a pot. */
export interface Fit {
  /** In rows of so many, so many rows, and so many on top of one another on shelves. */
  readonly along: number;
  readonly across: number;
  readonly storeys: number;
  readonly count: number;
}

/** A shelf between two storeys takes this, mm. */
const shelfMm = 10;

const none: Fit = { along: 0, across: 0, storeys: 0, count: 0 };

/**
 * How many equal moulds stand upright in a round pot, in rows on each storey: rows of `along` by `across` fit where their diagonal
 * does. Not every way to pack boxes into a circle is tried, so that at least so many fit.
 */
export function fitInPot(
  { lengthMm, widthMm, heightMm }: Outside,
  { diameterMm, heightMm: potMm }: PotInside,
): Fit {
  const storeys = Math.floor((potMm + shelfMm + 1e-9) / (heightMm + shelfMm));
  let best = none;
  for (let along = 1; along * lengthMm <= diameterMm + 1e-9; along += 1) {
    const acrossMm = Math.sqrt(Math.max(0, diameterMm ** 2 - (along * lengthMm) ** 2));
    const across = Math.floor((acrossMm + 1e-9) / widthMm);
    const count = along * across * storeys;
    if (count > best.count) best = { along, across, storeys, count };
  }
  return best;
}

/** The narrowest pot that takes one of them, mm inside. */
export const leastPotMm = ({ lengthMm, widthMm }: Outside): number => Math.hypot(lengthMm, widthMm);
