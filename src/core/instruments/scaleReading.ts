import { findUnit } from './deviceUnits';

/** What a scale tells when it has no figure to give. */
export type ScaleTrouble = 'overload' | 'underload' | 'fault' | 'not-calibrated';

/** One thing that a scale said. */
export interface ScaleReading {
  /** Word for word; bytes of a report as hexadecimal figures. */
  readonly raw: string;
  /** Undefined where it gave no figure. */
  readonly g: number | undefined;
  /** What it shows on its own display; undefined where it does not say. */
  readonly unit: string | undefined;
  /** Whether the scale itself calls it stable; undefined where it does not say. */
  readonly stable: boolean | undefined;
  readonly trouble: ScaleTrouble | undefined;
  /** The last place of the figure, g: what it can tell apart. */
  readonly resolutionG: number | undefined;
}

/** A reading without a figure. */
export const troubled = (raw: string, trouble: ScaleTrouble): ScaleReading => ({
  raw,
  g: undefined,
  unit: undefined,
  stable: undefined,
  trouble,
  resolutionG: undefined,
});

/**
 * A figure in the unit that the scale shows, as a reading in grams.
 * @param symbol as the scale writes it
 * @param decimals of the figure; below 0 for tens
 * @returns undefined for a unit that no scale has
 */
export function readingIn(
  raw: string,
  value: number,
  symbol: string,
  stable: boolean | undefined,
  decimals: number,
): ScaleReading | undefined {
  const unit = findUnit(symbol);
  if (unit === undefined || !Number.isFinite(value)) return undefined;
  return {
    raw,
    g: value * unit.g,
    unit: unit.symbol,
    stable,
    trouble: undefined,
    resolutionG: unit.g * 10 ** -decimals,
  };
}
