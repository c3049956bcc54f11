/** What a measurement is read with. */
export interface Reading {
  /** What the tape is read to, mm. */
  readonly tapeStepMm: number;
  /** What the scale shows, g. */
  readonly scaleStepG: number;
  /** Turns a known mass of mixed resin into a volume. */
  readonly mixedDensityGPerMl: number;
}
