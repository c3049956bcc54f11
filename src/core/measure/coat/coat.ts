import type { CoveredFace } from '../../job/pourChoices';
import { InputError } from '../../problem';
import { prism } from '../form/prism';
import type { Solid } from '../form/solid';

/** One face that the coat covers. */
export interface CoatFace {
  readonly face: 'top' | 'edges' | 'underside' | CoveredFace;
  readonly areaMm2: number;
  readonly thicknessMm: number;
  readonly ml: number;
}

/** The flat face to be coated; its perimeter is unknown where only its area was told. */
export interface CoatedFlat {
  readonly areaMm2: number;
  readonly perimeterMm: number | undefined;
  readonly widthMm: number;
  /** Area of a band of this width inside the edge. */
  readonly bandAreaMm2: (bandMm: number) => number;
}

export interface CoatMeasures {
  readonly thicknessMm: number;
  readonly edges: { readonly heightMm: number; readonly thicknessMm: number } | undefined;
  /** Resin that runs round the edge and wets a band of the underside. */
  readonly underside: { readonly bandMm: number; readonly thicknessMm: number } | undefined;
}

/**
 * A coat: each face by itself, area × thickness. For V(h) all of it stands on the top face.
 * @throws InputError `perimeter-unknown` (field `edges` or `underside`) where only an area is known
 */
export function coat(
  flat: CoatedFlat,
  { thicknessMm, edges, underside }: CoatMeasures,
): { readonly solid: Solid; readonly faces: readonly CoatFace[] } {
  const face = (name: CoatFace['face'], areaMm2: number, thickMm: number): CoatFace => ({
    face: name,
    areaMm2,
    thicknessMm: thickMm,
    ml: (areaMm2 * thickMm) / 1000,
  });
  const faces = [face('top', flat.areaMm2, thicknessMm)];
  if (edges !== undefined) {
    if (flat.perimeterMm === undefined) {
      throw new InputError('perimeter-unknown', undefined, {}, 'edges');
    }
    faces.push(face('edges', flat.perimeterMm * edges.heightMm, edges.thicknessMm));
  }
  if (underside !== undefined) {
    if (flat.perimeterMm === undefined) {
      throw new InputError('perimeter-unknown', undefined, {}, 'underside');
    }
    faces.push(face('underside', flat.bandAreaMm2(underside.bandMm), underside.thicknessMm));
  }
  const ml = faces.reduce((sum, each) => sum + each.ml, 0);
  return { solid: prism((ml * 1000) / thicknessMm, flat.widthMm, thicknessMm), faces };
}
