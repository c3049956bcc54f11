import { InputError } from '../../problem';
import type { FlatPlan } from './flatPlan';

/** A plan that is cut by no change of form as its edge moves inwards. */
function plan(
  areaMm2: number,
  perimeterMm: number,
  widthMm: number,
  inradiusMm: number,
  insetAreaMm2: readonly [number, number, number],
): FlatPlan {
  return {
    areaMm2,
    perimeterMm,
    widthMm,
    inradiusMm,
    insets: [{ upToMm: inradiusMm, areaMm2: insetAreaMm2 }],
  };
}

/**
 * A rectangle with rounded corners; a radius of 0 leaves them square.
 * Inset by i, the corners keep their centres until the radius is used up:
 * A(i) = (l − 2i)(w − 2i) − (4 − π)(r − i)², and without the last term from i = r on.
 * @throws InputError `corner-too-round` where the radius is more than half the shorter side
 */
export function roundedRectangle(lengthMm: number, widthMm: number, radiusMm: number): FlatPlan {
  const inradiusMm = Math.min(lengthMm, widthMm) / 2;
  if (radiusMm > inradiusMm) {
    throw new InputError('corner-too-round', radiusMm, { greatestMm: inradiusMm }, 'radius');
  }
  const missing = 4 - Math.PI;
  const square = [lengthMm * widthMm, -2 * (lengthMm + widthMm), 4] as const;
  const rounded = [
    square[0] - missing * radiusMm ** 2,
    square[1] + 2 * missing * radiusMm,
    square[2] - missing,
  ] as const;
  const corners = { upToMm: Math.min(radiusMm, inradiusMm), areaMm2: rounded };
  const straight = { upToMm: inradiusMm, areaMm2: square };
  return {
    areaMm2: rounded[0],
    perimeterMm: 2 * (lengthMm + widthMm) - (8 - 2 * Math.PI) * radiusMm,
    widthMm: lengthMm,
    inradiusMm,
    insets: radiusMm > 0 ? [corners, straight] : [straight],
  };
}

/** A circle. A(i) = π(r − i)². */
export function circle(diameterMm: number): FlatPlan {
  const radiusMm = diameterMm / 2;
  return plan(Math.PI * radiusMm ** 2, Math.PI * diameterMm, diameterMm, radiusMm, [
    Math.PI * radiusMm ** 2,
    -2 * Math.PI * radiusMm,
    Math.PI,
  ]);
}

/** Both means meet to the last digit after five rounds or so, whatever the ratio. */
function ellipsePerimeterMm(longMm: number, shortMm: number): number {
  let [a, b] = [longMm, shortMm];
  let weight = 0.5;
  let sum = weight * (a * a - b * b);
  while (a - b > 1e-15 * a) {
    const c = (a - b) / 2;
    weight *= 2;
    sum += weight * c * c;
    [a, b] = [(a + b) / 2, Math.sqrt(a * b)];
  }
  return (2 * Math.PI * (longMm * longMm - sum)) / ((a + b) / 2);
}

/**
 * An ellipse. Moved inwards it is taken to stay an ellipse, both axes shorter by 2i:
 * A(i) = π(a − i)(b − i). Perimeter by the arithmetic-geometric mean (Gauss): 2π (a² − Σ 2ⁿ⁻¹ cₙ²) / M(a, b), exact.
 */
export function ellipse(lengthMm: number, widthMm: number): FlatPlan {
  const a = lengthMm / 2;
  const b = widthMm / 2;
  const perimeterMm = ellipsePerimeterMm(Math.max(a, b), Math.min(a, b));
  return plan(Math.PI * a * b, perimeterMm, lengthMm, Math.min(a, b), [
    Math.PI * a * b,
    -Math.PI * (a + b),
    Math.PI,
  ]);
}

/** A polygon whose sides all touch one circle: A = ½ P r, and inset it stays similar, A(i) = A(1 − i/r)². */
function aroundCircle(perimeterMm: number, inradiusMm: number, widthMm: number): FlatPlan {
  const areaMm2 = (perimeterMm * inradiusMm) / 2;
  return plan(areaMm2, perimeterMm, widthMm, inradiusMm, [
    areaMm2,
    -perimeterMm,
    areaMm2 / inradiusMm ** 2,
  ]);
}

/**
 * A regular polygon.
 * @param sides 3 or more
 * @param acrossFlatsMm diameter of the circle that all its sides touch
 */
export function regularPolygon(sides: number, acrossFlatsMm: number): FlatPlan {
  const inradiusMm = acrossFlatsMm / 2;
  const perimeterMm = sides * acrossFlatsMm * Math.tan(Math.PI / sides);
  return aroundCircle(perimeterMm, inradiusMm, acrossFlatsMm / Math.cos(Math.PI / sides));
}

/**
 * A triangle by its three sides (Heron).
 * @throws InputError `no-triangle` where one side is as long as the two others together, or longer
 */
export function triangle(aMm: number, bMm: number, cMm: number): FlatPlan {
  const half = (aMm + bMm + cMm) / 2;
  const product = half * (half - aMm) * (half - bMm) * (half - cMm);
  const longest = Math.max(aMm, bMm, cMm);
  if (2 * longest >= 2 * half || product <= 0) {
    const field = longest === cMm ? 'sideC' : longest === bMm ? 'sideB' : 'sideA';
    throw new InputError('no-triangle', longest, { othersMm: 2 * half - longest }, field);
  }
  return aroundCircle(2 * half, Math.sqrt(product) / half, longest);
}
