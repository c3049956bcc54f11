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

/** What lies about in resin: from pearl powder to what fills a hand. */
export const grainSizeRule: QuantityRule<'length'> = {
  kinds: ['length'],
  example: '0.3 mm',
  least: aboveNothing,
  greatest: { length: { value: 300, text: '300 mm' } },
};

/** A place along something, told from one end: the end itself is 0. */
export const positionRule: QuantityRule<'length'> = {
  kinds: ['length'],
  example: '250 mm',
  least: { value: 0, text: '0' },
  greatest: { length: { value: 10_000, text: '10 m' } },
};

/** Draft of a wall from upright; past 60° it is a slope, and a frustum says it better. */
export const draftRule: QuantityRule<'angle'> = {
  kinds: ['angle'],
  example: '3°',
  least: { value: 0, text: '0°' },
  greatest: { angle: { value: 60, text: '60°' } },
};

/** Between a face and the liquid on it, at its edge. */
export const contactAngleRule: QuantityRule<'angle'> = {
  kinds: ['angle'],
  example: '25°',
  least: aboveNothing,
  greatest: { angle: { value: 150, text: '150°' } },
};

/** How far a body is turned about an axis. */
export const turnRule: QuantityRule<'angle'> = {
  kinds: ['angle'],
  example: '15°',
  least: { value: -360, text: '-360°' },
  greatest: { angle: { value: 360, text: '360°' } },
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

/** What is put into a pour, or weighed: balsa to lead. */
export const bodyDensityRule: QuantityRule<'density'> = {
  kinds: ['density'],
  example: '8.5 g/ml',
  least: { value: 0.05, text: '0.05 g/ml' },
  greatest: { density: { value: 23, text: '23 g/ml' } },
};

/** Grain as it lies, air between: from expanded beads to steel shot. */
export const bulkDensityRule: QuantityRule<'density'> = {
  kinds: ['density'],
  example: '0.81 g/ml',
  least: { value: 0.01, text: '0.01 g/ml' },
  greatest: { density: { value: 8, text: '8 g/ml' } },
};

/** Water that is poured, not frozen and not boiling. */
export const waterTemperatureRule: QuantityRule<'temperature'> = {
  kinds: ['temperature'],
  example: '18 °C',
  least: { value: 0.1, text: '0.1 °C' },
  greatest: { temperature: { value: 60, text: '60 °C' } },
};

export const roomTemperatureRule: QuantityRule<'temperature'> = {
  kinds: ['temperature'],
  example: '21 °C',
  least: { value: -10, text: '-10 °C' },
  greatest: { temperature: { value: 50, text: '50 °C' } },
};

/** The heat that a mould bears: silicone is far below its top. */
export const temperatureLimitRule: QuantityRule<'temperature'> = {
  kinds: ['temperature'],
  example: '200 °C',
  least: { value: 20, text: '20 °C' },
  greatest: { temperature: { value: 600, text: '600 °C' } },
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

/** A share of the pot life that is not planned into: some of it must be left to work in. */
export const keptBackRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '33 %',
  least: { value: 0, text: '0 %' },
  greatest: { fraction: { value: 0.8, text: '80 %' } },
};

/** Relative humidity of a room; no hygrometer shows less than a few per cent. */
export const humidityRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '55 %',
  least: { value: 0.05, text: '5 %' },
  greatest: { fraction: { value: 1, text: '100 %' } },
};

/** Water in timber by its dry mass, as a meter shows it: from an oven to a sawmill's pond. */
export const moistureRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '10 %',
  least: { value: 0, text: '0 %' },
  greatest: { fraction: { value: 1.5, text: '150 %' } },
};

/** A share of pigment in the mixed mass; what the resin bears is told by kind. */
export const doseRule: QuantityRule<'fraction'> = {
  kinds: ['fraction'],
  example: '0.5 %',
  least: aboveNothing,
  greatest: { fraction: { value: 1, text: '100 %' } },
};

/** How long something takes: from seconds under a lamp to months of full cure. */
export const timeRule: QuantityRule<'time'> = {
  kinds: ['time'],
  example: '45 min or 12 h',
  least: aboveNothing,
  greatest: { time: { value: 525_600, text: '365 days' } },
};

/** How fast mixed resin goes from the cup into the mould. */
export const flowRule: QuantityRule<'flow'> = {
  kinds: ['flow'],
  example: '500 ml/min',
  least: aboveNothing,
  greatest: { flow: { value: 100_000, text: '100 l/min' } },
};

/** Over the air outside, as the dial of a pot shows it: pots of a shop bear some 6 bar. */
export const gaugeRule: QuantityRule<'pressure'> = {
  kinds: ['pressure'],
  example: '40 psi or 2.7 bar',
  least: aboveNothing,
  greatest: { pressure: { value: 3000, text: '30 bar' } },
};

/** What a pump leaves, from nothing counted. */
export const vacuumRule: QuantityRule<'pressure'> = {
  kinds: ['pressure'],
  example: '30 mbar',
  least: aboveNothing,
  greatest: { pressure: { value: 100, text: '1000 mbar' } },
};

/** A workshop over the sea: below it counts as at it. */
export const altitudeRule: QuantityRule<'length'> = {
  kinds: ['length'],
  example: '350 m',
  least: { value: 0, text: '0 m' },
  greatest: { length: { value: 5_000_000, text: '5000 m' } },
};

/** From a lamp for nails to a curing station. */
export const irradianceRule: QuantityRule<'irradiance'> = {
  kinds: ['irradiance'],
  example: '5 mW/cm2',
  least: aboveNothing,
  greatest: { irradiance: { value: 20_000, text: '20 W/cm2' } },
};

export const exposureRule: QuantityRule<'exposure'> = {
  kinds: ['exposure'],
  example: '15 mJ/cm2',
  least: aboveNothing,
  greatest: { exposure: { value: 100_000, text: '100 J/cm2' } },
};

/** From water to honey and stiff putty. */
export const viscosityRule: QuantityRule<'viscosity'> = {
  kinds: ['viscosity'],
  example: '350 mPa·s',
  least: aboveNothing,
  greatest: { viscosity: { value: 1e7, text: '10 000 Pa·s' } },
};
