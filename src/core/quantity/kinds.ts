/**
 * What a quantity measures. Inside the core each kind has one base unit:
 * length mm, area mm², volume ml, mass g, density g/ml, temperature °C, fraction 1, angle degrees.
 */
export type Kind =
  'length' | 'area' | 'volume' | 'mass' | 'density' | 'temperature' | 'fraction' | 'angle';

/** Powers of length, mass, percent and angle: what arithmetic on quantities must keep right. */
export interface Dimension {
  readonly length: number;
  readonly mass: number;
  readonly percent: number;
  readonly angle: number;
}

const dimension = (length: number, mass: number, percent: number, angle = 0): Dimension => ({
  length,
  mass,
  percent,
  angle,
});

/** A number without a unit. */
export const plainNumber = dimension(0, 0, 0);

/** The dimension of each kind that can take part in a sum; temperature cannot. */
export const dimensionOfKind: Readonly<Record<Exclude<Kind, 'temperature'>, Dimension>> = {
  length: dimension(1, 0, 0),
  area: dimension(2, 0, 0),
  volume: dimension(3, 0, 0),
  mass: dimension(0, 1, 0),
  density: dimension(-3, 1, 0),
  fraction: dimension(0, 0, 1),
  angle: dimension(0, 0, 0, 1),
};

export function sameDimension(a: Dimension, b: Dimension): boolean {
  return (
    a.length === b.length && a.mass === b.mass && a.percent === b.percent && a.angle === b.angle
  );
}

/** The kind that has this dimension, if there is one. */
export function kindOfDimension(wanted: Dimension): Kind | undefined {
  const kinds = Object.keys(dimensionOfKind) as (keyof typeof dimensionOfKind)[];
  return kinds.find((kind) => sameDimension(dimensionOfKind[kind], wanted));
}
