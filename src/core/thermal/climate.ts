/**
 * What a face of the pour looks out on: one temperature, or a day that goes round as a cosine,
 * T(t) = mean + swing · cos(2π (t − warmest)/24 h).
 */
export interface Climate {
  readonly meanC: number;
  /** Half of the difference between the warmest and the coldest hour; 0 for a constant room. */
  readonly swingC: number;
  /** When it is warmest, seconds after the run's beginning. */
  readonly warmestS: number;
}

const dayS = 24 * 3600;
const perSecond = (2 * Math.PI) / dayS;

/** A room that keeps its temperature. */
export const constantRoom = (temperatureC: number): Climate => ({
  meanC: temperatureC,
  swingC: 0,
  warmestS: 0,
});

/** Temperature at a time, °C. */
export const climateAtC = ({ meanC, swingC, warmestS }: Climate, timeS: number): number =>
  swingC === 0 ? meanC : meanC + swingC * Math.cos((timeS - warmestS) * perSecond);

/** Its change in time, K/s: without this term a solver of third order falls back to the second. */
export const climateSlope = ({ swingC, warmestS }: Climate, timeS: number): number =>
  swingC === 0 ? 0 : -swingC * perSecond * Math.sin((timeS - warmestS) * perSecond);

/** The same room, degrees warmer or cooler. */
export const warmerRoom = (climate: Climate, byC: number): Climate => ({
  ...climate,
  meanC: climate.meanC + byC,
});
