/**
 * What a quantity measures. Inside the core each kind has one base unit:
 * length mm, area mm², volume ml, mass g, density g/ml, temperature °C, fraction 1, angle degrees, time min,
 * flow ml/min, viscosity mPa·s, pressure kPa, irradiance mW/cm², exposure mJ/cm².
 */
export type Kind =
  | 'length'
  | 'area'
  | 'volume'
  | 'mass'
  | 'density'
  | 'temperature'
  | 'fraction'
  | 'angle'
  | 'time'
  | 'flow'
  | 'viscosity'
  | 'pressure'
  | 'irradiance'
  | 'exposure';

const powers = [
  'length',
  'mass',
  'percent',
  'angle',
  'time',
  'viscosity',
  'pressure',
  'irradiance',
  'exposure',
] as const;

/** Powers of what arithmetic on quantities must keep right; the last four take part in no sum with others. */
export type Dimension = Readonly<Record<(typeof powers)[number], number>>;

const dimension = (some: Partial<Dimension>): Dimension => ({
  length: 0,
  mass: 0,
  percent: 0,
  angle: 0,
  time: 0,
  viscosity: 0,
  pressure: 0,
  irradiance: 0,
  exposure: 0,
  ...some,
});

/** A number without a unit. */
export const plainNumber = dimension({});

/** The dimension of each kind that can take part in a sum; temperature cannot. */
export const dimensionOfKind: Readonly<Record<Exclude<Kind, 'temperature'>, Dimension>> = {
  length: dimension({ length: 1 }),
  area: dimension({ length: 2 }),
  volume: dimension({ length: 3 }),
  mass: dimension({ mass: 1 }),
  density: dimension({ length: -3, mass: 1 }),
  fraction: dimension({ percent: 1 }),
  angle: dimension({ angle: 1 }),
  time: dimension({ time: 1 }),
  flow: dimension({ length: 3, time: -1 }),
  viscosity: dimension({ viscosity: 1 }),
  pressure: dimension({ pressure: 1 }),
  irradiance: dimension({ irradiance: 1 }),
  exposure: dimension({ exposure: 1 }),
};

export const sameDimension = (a: Dimension, b: Dimension): boolean =>
  powers.every((each) => a[each] === b[each]);

/** The dimension of a product, or of a quotient where the power is −1. */
export function dimensionOfProduct(a: Dimension, b: Dimension, power: 1 | -1): Dimension {
  return {
    length: a.length + power * b.length,
    mass: a.mass + power * b.mass,
    percent: a.percent + power * b.percent,
    angle: a.angle + power * b.angle,
    time: a.time + power * b.time,
    viscosity: a.viscosity + power * b.viscosity,
    pressure: a.pressure + power * b.pressure,
    irradiance: a.irradiance + power * b.irradiance,
    exposure: a.exposure + power * b.exposure,
  };
}

/** The kind that has this dimension, if there is one. */
export function kindOfDimension(wanted: Dimension): Kind | undefined {
  const kinds = Object.keys(dimensionOfKind) as (keyof typeof dimensionOfKind)[];
  return kinds.find((kind) => sameDimension(dimensionOfKind[kind], wanted));
}
