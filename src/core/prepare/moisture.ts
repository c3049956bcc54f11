/** How timber was dried: it decides how much wetter its middle is than what a meter reads. */
export const driedBy = ['kiln', 'air', 'unknown'] as const;
export type DriedBy = (typeof driedBy)[number];

/** Pins of a meter reach so deep; thicker stock is wetter further in. */
const readsMm = 12;

/** Wetter by so much for each 25 mm over that, share of the dry mass: general practice, cautious. */
const wetterPerInch: Readonly<Record<DriedBy, number>> = { kiln: 0.005, air: 0.015, unknown: 0.02 };

/** Dry enough for a heated room; borderline; will move; will spoil the pour. */
export const dryEnough = 0.1;
const borderline = 0.12;
const wet = 0.15;

/** Air-dried timber loses about twenty points in a year for each inch of its thickness. */
const pointsPerInchYear = 0.2;
const weeksPerYear = 52;
const mmPerInch = 25.4;

export type MoistureVerdict = 'dry' | 'borderline' | 'damp' | 'wet';

export interface JudgedMoisture {
  readonly verdict: MoistureVerdict;
  readonly reading: number;
  /** In the middle, by thickness and how it was dried. */
  readonly core: number;
  /** Until its middle is dry, in the open air under cover; undefined where it is. An estimate. */
  readonly waitWeeks: number | undefined;
}

/**
 * What a reading of a moisture meter says of stock.
 * @param reading water by dry mass, share of 1
 */
export function judgeMoisture(
  reading: number,
  thicknessMm: number,
  dried: DriedBy,
): JudgedMoisture {
  const hiddenMm = Math.max(0, thicknessMm / 2 - readsMm);
  const core = reading + (wetterPerInch[dried] * hiddenMm) / mmPerInch;
  const verdict =
    core <= dryEnough ? 'dry' : core <= borderline ? 'borderline' : core <= wet ? 'damp' : 'wet';
  const years = ((core - dryEnough) / pointsPerInchYear) * (thicknessMm / mmPerInch);
  return {
    verdict,
    reading,
    core,
    waitWeeks: core <= dryEnough ? undefined : Math.ceil(years * weeksPerYear),
  };
}
