import { gravityMPerS2 } from '../../holdDown/uplift';
import type { Slab } from '../form/slab';
import type { Outline } from '../outline/polygon';
import { membraneOver, type Membrane } from './membrane';

/** A face that resin stands on, held by its edge. */
export interface DomedFace {
  readonly areaMm2: number;
  readonly perimeterMm: number;
  readonly widthMm: number;
  readonly outlinesMm: readonly Outline[];
  /** Half the axes of a circle or an ellipse, of which all is known exactly. */
  readonly halfAxesMm: readonly [number, number] | undefined;
}

/** How the rim is made: a sharp one holds more. */
export const rims = ['sharp', 'rounded'] as const;
export type Rim = (typeof rims)[number];

/** A dome on a face. */
export interface Dome {
  readonly heightMm: number;
  /** Between the face and the surface at its edge, on an average of the edge, degrees. */
  readonly edgeDeg: number;
  readonly capMl: number;
  /** More than that where its weight flattens it to fuller shoulders, ml. */
  readonly fullerByMl: number;
  /** The highest that the edge holds, mm. */
  readonly mostMm: number;
}

/** Surface tension of uncured epoxies and acrylates, N/m; and the angle at which they begin to wet what is beside. Assumed. */
const tensionNPerM = 0.035;
const wettingDeg = 35;
/** At a sharp edge the surface may turn by the right angle of the edge more before it runs over. */
const mostDegAt: Readonly<Record<Rim, number>> = { sharp: wettingDeg + 90, rounded: wettingDeg };

/** ℓ = √(γ/ρg): where weight and surface tension are as strong, mm. */
export const capillaryMm = (densityGPerMl: number): number =>
  Math.sqrt(tensionNPerM / (densityGPerMl * 1000 * gravityMPerS2)) * 1000;

const degrees = (radians: number): number => (radians * 180) / Math.PI;
const radians = (deg: number): number => (deg * Math.PI) / 180;

/** Under an even pressure: over a circle and an ellipse u = ½ (1 − x²/a² − y²/b²)/(1/a² + 1/b²). */
function weightless({ outlinesMm, halfAxesMm }: DomedFace): Membrane {
  if (halfAxesMm === undefined) return membraneOver(outlinesMm, Infinity);
  const [a, b] = halfAxesMm;
  const highest = 1 / (2 * (1 / a ** 2 + 1 / b ** 2));
  return { highest, mean: highest / 2 };
}

/**
 * Twice the height for each unit of the tangent of half the edge's angle: h = s tan(θ/2), which is exact over a circle of radius s
 * and right for low domes over any outline (mean slope at the edge = pressure × area / perimeter).
 */
const spanMm = ({ areaMm2, perimeterMm }: DomedFace, { highest }: Membrane): number =>
  (2 * highest * perimeterMm) / areaMm2;

/** The height of a dome by the angle at its edge, mm. */
export const heightByAngleMm = (face: DomedFace, edgeDeg: number): number =>
  spanMm(face, weightless(face)) * Math.tan(radians(edgeDeg) / 2);

/**
 * A dome of a height. Over a circle it is a spherical cap, V = πh (3a² + h²)/6; over another outline the cap of an even pressure,
 * V = κAh (1 + h²/(3a²)) with κ its mean over its greatest height and a the radius of a circle of the same area.
 * @param rim how the edge of the face is made
 */
export function domeOf(face: DomedFace, heightMm: number, densityGPerMl: number, rim: Rim): Dome {
  const membrane = weightless(face);
  const bulge = 1 + heightMm ** 2 / ((3 * face.areaMm2) / Math.PI);
  const mlOf = ({ mean, highest }: Membrane): number =>
    ((mean / highest) * face.areaMm2 * heightMm * bulge) / 1000;
  const lengthMm = capillaryMm(densityGPerMl);
  const capMl = mlOf(membrane);
  const mostDeg = mostDegAt[rim];
  return {
    heightMm,
    edgeDeg: degrees(2 * Math.atan(heightMm / spanMm(face, membrane))),
    capMl,
    fullerByMl: Math.max(0, mlOf(membraneOver(face.outlinesMm, lengthMm)) - capMl),
    // A puddle of any width stands no higher than 2ℓ sin(θ/2); a small one no steeper than its angle.
    mostMm: Math.min(
      spanMm(face, membrane) * Math.tan(radians(mostDeg) / 2),
      2 * lengthMm * Math.sin(radians(mostDeg) / 2),
    ),
  };
}

/**
 * Level areas of a dome from its face up: the quadratic that begins with the face, ends with nothing and holds its volume. Exact over
 * a circle.
 */
export function domeSlab(areaMm2: number, { heightMm, capMl }: Dome, fromMm: number): Slab {
  const c2 = (6 * ((areaMm2 * heightMm) / 2 - capMl * 1000)) / heightMm ** 3;
  const c1 = -areaMm2 / heightMm - c2 * heightMm;
  return { fromMm, toMm: fromMm + heightMm, areaMm2: [areaMm2, c1, c2] };
}
