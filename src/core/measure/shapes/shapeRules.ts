import {
  leaningFaces,
  pyramidFaces,
  sphericalFaces,
  uprightFaces,
  type Faces,
} from '../form/faces';
import { leaningSolid } from '../form/leaning';
import { prism } from '../form/prism';
import type { Solid } from '../form/solid';
import { sphericalSolid } from '../form/sphericalSolid';
import { taperedTray } from '../form/taperedTray';
import { insetAreaMm2 } from '../flat/flatPlan';
import { flatRules, type FlatRule } from '../flat/flatRules';
import { circle } from '../flat/plans';
import { InputError } from '../../problem';
import {
  valueOf as of,
  type FieldsOfShape,
  type OptionalTypedFields,
  type ShapeValues,
  type TypedFields,
} from './shapeFields';

/** A shape: the fields that it needs, those that it may have, and what they make. */
export interface ShapeRule {
  readonly fields: FieldsOfShape;
  readonly optional: FieldsOfShape;
  /**
   * @param wallMm 0 for the shape itself; else the hollow that a shell of this wall leaves
   * @throws InputError with the field that is wrong
   */
  readonly solid: (values: ShapeValues, wallMm: number) => Solid;
  /** Walls and floor of the form itself; the core of a shell stands in it and is not counted. */
  readonly faces: (values: ShapeValues, solid: Solid) => Faces;
}

const quarterPi = Math.PI / 4;

/** A tray of any flat shape: measured at the rim, walls leaning in by the draft. */
function tray<const R extends FlatRule>(flat: R) {
  return {
    fields: { ...flat.fields, depth: 'length' } as R['fields'] & { readonly depth: 'length' },
    optional: { draft: 'angle', wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      taperedTray(
        flat.plan(values),
        of(values, 'depth'),
        (of(values, 'draft') * Math.PI) / 180,
        wallMm,
      ),
    faces: (values: ShapeValues, solid: Solid) => {
      const draftRad = (of(values, 'draft') * Math.PI) / 180;
      const depthMm = of(values, 'depth');
      const plan = flat.plan(values);
      return draftRad === 0
        ? uprightFaces(plan.areaMm2, plan.perimeterMm, depthMm)
        : leaningFaces(solid, insetAreaMm2(plan, depthMm * Math.tan(draftRad)), draftRad);
    },
  } as const;
}

const round = (floorMm: number, rimMm: number, depthMm: number, wallMm: number): Solid =>
  leaningSolid(
    [
      { floorMm, rimMm },
      { floorMm, rimMm },
    ],
    quarterPi,
    depthMm,
    wallMm,
  );

/** Walls of a round form: a cylinder where floor and rim are alike, else part of a cone. */
function roundFaces(solid: Solid, floorMm: number, rimMm: number, depthMm: number): Faces {
  const floor = circle(floorMm);
  return floorMm === rimMm
    ? uprightFaces(floor.areaMm2, floor.perimeterMm, depthMm)
    : leaningFaces(solid, floor.areaMm2, Math.atan((rimMm - floorMm) / 2 / depthMm));
}

/** Radius of the sphere of which a cap with this rim and this depth is cut: (d²/4 + h²) / 2h. */
const sphereRadiusMm = (rimMm: number, depthMm: number): number =>
  (rimMm ** 2 / 4 + depthMm ** 2) / (2 * depthMm);

function ring(outerMm: number, innerMm: number, depthMm: number): Solid {
  if (innerMm >= outerMm) {
    throw new InputError('ring-inside-out', innerMm, { outerMm }, 'innerDiameter');
  }
  const solid = prism(circle(outerMm).areaMm2 - circle(innerMm).areaMm2, outerMm, depthMm);
  return { ...solid, outline: solid.outline.map((each) => ({ ...each, holeMm: innerMm })) };
}

/** Every shape that plain measures make, in the order they are offered. */
export const shapeRules = {
  box: tray(flatRules.rectangle),
  'rounded-rectangle': tray(flatRules['rounded-rectangle']),
  cylinder: tray(flatRules.circle),
  ring: {
    fields: { outerDiameter: 'length', innerDiameter: 'length', depth: 'length' },
    optional: {},
    solid: (values: ShapeValues) =>
      ring(of(values, 'outerDiameter'), of(values, 'innerDiameter'), of(values, 'depth')),
    faces: (values: ShapeValues) => {
      const [outer, inner] = [
        circle(of(values, 'outerDiameter')),
        circle(of(values, 'innerDiameter')),
      ];
      return uprightFaces(
        outer.areaMm2 - inner.areaMm2,
        outer.perimeterMm + inner.perimeterMm,
        of(values, 'depth'),
      );
    },
  },
  frustum: {
    fields: { bottomDiameter: 'length', topDiameter: 'length', depth: 'length' },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      round(of(values, 'bottomDiameter'), of(values, 'topDiameter'), of(values, 'depth'), wallMm),
    faces: (values: ShapeValues, solid: Solid) =>
      roundFaces(
        solid,
        of(values, 'bottomDiameter'),
        of(values, 'topDiameter'),
        of(values, 'depth'),
      ),
  },
  pyramid: {
    fields: {
      bottomLength: 'length',
      bottomWidth: 'length',
      topLength: 'length',
      topWidth: 'length',
      depth: 'length',
    },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      leaningSolid(
        [
          { floorMm: of(values, 'bottomLength'), rimMm: of(values, 'topLength') },
          { floorMm: of(values, 'bottomWidth'), rimMm: of(values, 'topWidth') },
        ],
        1,
        of(values, 'depth'),
        wallMm,
      ),
    faces: (values: ShapeValues) =>
      pyramidFaces(
        { floorMm: of(values, 'bottomLength'), rimMm: of(values, 'topLength') },
        { floorMm: of(values, 'bottomWidth'), rimMm: of(values, 'topWidth') },
        of(values, 'depth'),
      ),
  },
  /** Its point is down, as in a mould. */
  cone: {
    fields: { diameter: 'length', depth: 'length' },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      round(0, of(values, 'diameter'), of(values, 'depth'), wallMm),
    faces: (values: ShapeValues, solid: Solid) =>
      roundFaces(solid, 0, of(values, 'diameter'), of(values, 'depth')),
  },
  'spherical-cap': {
    fields: { diameter: 'length', depth: 'length' },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      sphericalSolid(
        sphereRadiusMm(of(values, 'diameter'), of(values, 'depth')),
        of(values, 'depth'),
        wallMm,
      ),
    faces: (values: ShapeValues) =>
      sphericalFaces(
        sphereRadiusMm(of(values, 'diameter'), of(values, 'depth')),
        of(values, 'depth'),
      ),
  },
  hemisphere: {
    fields: { diameter: 'length' },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      sphericalSolid(of(values, 'diameter') / 2, of(values, 'diameter') / 2, wallMm),
    faces: (values: ShapeValues) =>
      sphericalFaces(of(values, 'diameter') / 2, of(values, 'diameter') / 2),
  },
  sphere: {
    fields: { diameter: 'length' },
    optional: { wall: 'length' },
    solid: (values: ShapeValues, wallMm: number) =>
      sphericalSolid(of(values, 'diameter') / 2, of(values, 'diameter'), wallMm),
    faces: (values: ShapeValues) =>
      sphericalFaces(of(values, 'diameter') / 2, of(values, 'diameter')),
  },
  ellipse: tray(flatRules.ellipse),
  polygon: tray(flatRules.polygon),
  triangle: tray(flatRules.triangle),
} as const satisfies Readonly<Record<string, ShapeRule>>;

export type PlainShape = keyof typeof shapeRules;
export const plainShapes = Object.keys(shapeRules) as readonly PlainShape[];
export const isPlainShape = (shape: unknown): shape is PlainShape =>
  typeof shape === 'string' && Object.hasOwn(shapeRules, shape);

/** A plain shape as it is typed: lengths and angles as texts with their units, sides as a number. */
export type TypedShape = {
  [S in PlainShape]: { readonly shape: S } & TypedFields<(typeof shapeRules)[S]['fields']> &
    OptionalTypedFields<(typeof shapeRules)[S]['optional']>;
}[PlainShape];
