import type { Part, PartShape } from './partSchema';
import type { Solid, WidthAtHeight } from './solid';
import { solidOfPart } from './solidOfPart';

/** A part of the measure with its figures. */
export interface MeasuredPart {
  readonly shape: PartShape;
  readonly name: string | undefined;
  readonly count: number;
  /** Volume of one. */
  readonly eachMl: number;
  /** Volume of all of them. */
  readonly ml: number;
  readonly depthMm: number | undefined;
  readonly outline: readonly WidthAtHeight[];
}

/** Every part together: they stand on one bench, floors level. */
export interface MeasuredWhole {
  readonly parts: readonly MeasuredPart[];
  readonly cavityMl: number;
  /** Depth of the deepest part; undefined where no part has a form. */
  readonly depthMm: number | undefined;
  /**
   * V(h) of all parts together; a part that ends lower is full from there on.
   * @param heightMm over the common floor
   * @returns ml
   */
  readonly volumeBelowMl: (heightMm: number) => number;
}

/**
 * Measures all parts of a job.
 * @param parts as checked by `partSchema`
 * @param mixedDensityGPerMl turns known masses into volumes
 */
export function measureParts(parts: readonly Part[], mixedDensityGPerMl: number): MeasuredWhole {
  const solids = parts.map((part) => ({ part, solid: solidOfPart(part, mixedDensityGPerMl) }));
  const measured = solids.map(({ part, solid }): MeasuredPart => ({
    shape: part.shape,
    name: part.name === undefined || part.name.trim() === '' ? undefined : part.name.trim(),
    count: part.count,
    eachMl: solid.volumeMl,
    ml: solid.volumeMl * part.count,
    depthMm: solid.depthMm,
    outline: solid.outline,
  }));
  const depths = measured.flatMap(({ depthMm }) => (depthMm === undefined ? [] : [depthMm]));
  const below = (solid: Solid, heightMm: number): number =>
    heightMm >= (solid.depthMm ?? 0) ? solid.volumeMl : solid.volumeBelowMl(heightMm);
  return {
    parts: measured,
    cavityMl: measured.reduce((sum, { ml }) => sum + ml, 0),
    depthMm: depths.length === 0 ? undefined : Math.max(...depths),
    volumeBelowMl: (heightMm) =>
      solids.reduce((sum, { part, solid }) => sum + part.count * below(solid, heightMm), 0),
  };
}
