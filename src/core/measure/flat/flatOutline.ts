import type { Outline } from '../outline/polygon';
import { valueOf, type ShapeValues } from '../shapes/shapeFields';
import type { FlatShape } from './flatRules';

/** Points of a quarter turn. */
const quarter = 16;

const arc = (
  [x, y]: readonly [number, number],
  [rx, ry]: readonly [number, number],
  fromRad: number,
): number[] =>
  Array.from({ length: quarter + 1 }, (_, at) => fromRad + ((at / quarter) * Math.PI) / 2).flatMap(
    (angle) => [x + rx * Math.cos(angle), y + ry * Math.sin(angle)],
  );

/** Four arcs round four centres, anticlockwise from the right. */
const rounded = (halfX: number, halfY: number, rx: number, ry: number): Outline => [
  ...arc([halfX - rx, halfY - ry], [rx, ry], 0),
  ...arc([rx - halfX, halfY - ry], [rx, ry], Math.PI / 2),
  ...arc([rx - halfX, ry - halfY], [rx, ry], Math.PI),
  ...arc([halfX - rx, ry - halfY], [rx, ry], (3 * Math.PI) / 2),
];

const rectangle = (length: number, width: number): Outline => [
  length / 2,
  width / 2,
  -length / 2,
  width / 2,
  -length / 2,
  -width / 2,
  length / 2,
  -width / 2,
];

function triangle(a: number, b: number, c: number): Outline {
  // Side a lies along x; b leaves its end, c its beginning.
  const x = (a * a + c * c - b * b) / (2 * a);
  return [0, 0, a, 0, x, Math.sqrt(Math.max(0, c * c - x * x))];
}

function polygon(sides: number, acrossFlatsMm: number): Outline {
  const radius = acrossFlatsMm / 2 / Math.cos(Math.PI / sides);
  return Array.from({ length: sides }, (_, at) => (at * 2 * Math.PI) / sides).flatMap((angle) => [
    radius * Math.cos(angle),
    radius * Math.sin(angle),
  ]);
}

/**
 * A flat shape as a closed outline in mm; what is round has 64 points.
 * @param values as checked by its rule
 */
export function flatOutline(shape: FlatShape, values: ShapeValues): Outline {
  const of = (key: string): number => valueOf(values, key);
  switch (shape) {
    case 'rectangle':
      return rectangle(of('length'), of('width'));
    case 'rounded-rectangle':
      return rounded(of('length') / 2, of('width') / 2, of('radius'), of('radius'));
    case 'circle':
      return rounded(
        of('diameter') / 2,
        of('diameter') / 2,
        of('diameter') / 2,
        of('diameter') / 2,
      );
    case 'ellipse':
      return rounded(of('length') / 2, of('width') / 2, of('length') / 2, of('width') / 2);
    case 'polygon':
      return polygon(of('sides'), of('acrossFlats'));
    case 'triangle':
      return triangle(of('sideA'), of('sideB'), of('sideC'));
  }
}
