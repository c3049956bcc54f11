import type { Kind } from './kinds';

/** What a field takes: kinds, and limits in base units with the words a person would use for them. */
export interface QuantityRule<K extends Kind = Kind> {
  readonly kinds: readonly K[];
  /** What a good entry looks like here; shown with every refusal. */
  readonly example: string;
  /** Smallest value, itself allowed unless `aboveLeast`. */
  readonly least: { readonly value: number; readonly text: string; readonly excluded?: boolean };
  /** Greatest value per kind, itself allowed. */
  readonly greatest: Readonly<Record<K, { readonly value: number; readonly text: string }>>;
}

const aboveNothing = { value: 0, text: '0', excluded: true } as const;

/** Nothing a person casts is longer than 10 m; more is a slip of the unit. */
export const lengthRule: QuantityRule<'length'> = {
  kinds: ['length'],
  example: '300 mm',
  least: aboveNothing,
  greatest: { length: { value: 10_000, text: '10 m' } },
};

export const areaRule: QuantityRule<'area'> = {
  kinds: ['area'],
  example: '0.24 m2 or 600 mm x 400 mm',
  least: aboveNothing,
  greatest: { area: { value: 1e8, text: '100 m2' } },
};

export const volumeRule: QuantityRule<'volume'> = {
  kinds: ['volume'],
  example: '1 l',
  least: aboveNothing,
  greatest: { volume: { value: 1e7, text: '10 000 l' } },
};

export const massRule: QuantityRule<'mass'> = {
  kinds: ['mass'],
  example: '1 g',
  least: aboveNothing,
  greatest: { mass: { value: 1e7, text: '10 000 kg' } },
};

/** An amount of mixed resin, told either way. */
export const amountRule: QuantityRule<'volume' | 'mass'> = {
  kinds: ['volume', 'mass'],
  example: '500 ml or 500 g',
  least: aboveNothing,
  greatest: { ...volumeRule.greatest, ...massRule.greatest },
};

/** Unfilled parts lie near 1 g/ml, metal-filled ones below 3; beyond that the unit is wrong. */
export const densityRule: QuantityRule<'density'> = {
  kinds: ['density'],
  example: '1.13 g/ml',
  least: { value: 0.5, text: '0.5 g/ml' },
  greatest: { density: { value: 3, text: '3 g/ml' } },
};

export const roomTemperatureRule: QuantityRule<'temperature'> = {
  kinds: ['temperature'],
  example: '21 °C',
  least: { value: -10, text: '-10 °C' },
  greatest: { temperature: { value: 50, text: '50 °C' } },
};

export const overageRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '10 %',
  least: { value: 0, text: '0 %' },
  greatest: { fraction: { value: 1, text: '100 %' } },
};

export const fillRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '80 %',
  least: aboveNothing,
  greatest: { fraction: { value: 1, text: '100 %' } },
};
