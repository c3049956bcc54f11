/** A unit of mass as scales show it. */
export interface DeviceUnit {
  /** As Nipperkin writes it: an ounce on a scale is one of weight. */
  readonly symbol: string;
  readonly g: number;
  /** As scales write it, in lower case. */
  readonly written: readonly string[];
}

const gPerPound = 453.59237;
const gPerGrain = gPerPound / 7000;

/** Exact by definition: 453.59237 g/lb, 7000 grains to the pound, 0.2 g to the carat, 480 grains to the troy ounce. */
export const deviceUnits: readonly DeviceUnit[] = [
  { symbol: 'g', g: 1, written: ['g', 'gr.', 'gram', 'grams'] },
  { symbol: 'kg', g: 1000, written: ['kg', 'kilo'] },
  { symbol: 'mg', g: 0.001, written: ['mg'] },
  { symbol: 'lb', g: gPerPound, written: ['lb', 'lbs'] },
  { symbol: 'oz weight', g: gPerPound / 16, written: ['oz', 'oz wt', 'oz weight'] },
  { symbol: 'ct', g: 0.2, written: ['ct', 'carat'] },
  { symbol: 'gn', g: gPerGrain, written: ['gn', 'grain'] },
  { symbol: 'dwt', g: 24 * gPerGrain, written: ['dwt'] },
  { symbol: 'ozt', g: 480 * gPerGrain, written: ['ozt'] },
  { symbol: 't', g: 1e6, written: ['t'] },
];

/** @param written in whichever case */
export const findUnit = (written: string): DeviceUnit | undefined =>
  deviceUnits.find((unit) => unit.written.includes(written.trim().toLowerCase()));
