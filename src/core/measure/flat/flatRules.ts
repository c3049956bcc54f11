import { circle, ellipse, regularPolygon, roundedRectangle, triangle } from './plans';
import type { FlatPlan } from './flatPlan';
import { InputError } from '../../problem';
import type { FieldsOfShape, ShapeValues } from '../shapes/shapeFields';
import { valueOf } from '../shapes/shapeFields';

/** A flat shape: the fields it needs and the plan they make. */
export interface FlatRule {
  readonly fields: FieldsOfShape;
  /** @throws InputError with the field that is wrong */
  readonly plan: (values: ShapeValues) => FlatPlan;
}

function polygonPlan(values: ShapeValues): FlatPlan {
  const sides = valueOf(values, 'sides');
  if (sides < 3) throw new InputError('too-few-sides', sides, {}, 'sides');
  return regularPolygon(sides, valueOf(values, 'acrossFlats'));
}

/** Every flat shape that plain measures make. */
export const flatRules = {
  rectangle: {
    fields: { length: 'length', width: 'length' },
    plan: (values) => roundedRectangle(valueOf(values, 'length'), valueOf(values, 'width'), 0),
  },
  'rounded-rectangle': {
    fields: { length: 'length', width: 'length', radius: 'length' },
    plan: (values) =>
      roundedRectangle(
        valueOf(values, 'length'),
        valueOf(values, 'width'),
        valueOf(values, 'radius'),
      ),
  },
  circle: {
    fields: { diameter: 'length' },
    plan: (values) => circle(valueOf(values, 'diameter')),
  },
  ellipse: {
    fields: { length: 'length', width: 'length' },
    plan: (values) => ellipse(valueOf(values, 'length'), valueOf(values, 'width')),
  },
  polygon: { fields: { sides: 'sides', acrossFlats: 'length' }, plan: polygonPlan },
  triangle: {
    fields: { sideA: 'length', sideB: 'length', sideC: 'length' },
    plan: (values) =>
      triangle(valueOf(values, 'sideA'), valueOf(values, 'sideB'), valueOf(values, 'sideC')),
  },
} as const satisfies Readonly<Record<string, FlatRule>>;

export type FlatShape = keyof typeof flatRules;
export const flatShapes = Object.keys(flatRules) as readonly FlatShape[];
