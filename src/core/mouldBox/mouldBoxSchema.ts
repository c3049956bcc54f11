import { object, type InferType } from 'yup';
import { lengthRule, positionRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';
import { clayNames, masterMaterialNames } from './masterMaterials';

/** What a box is made of: boards cut to length, a piece of tube, bricks of a grid, or a box that is there. */
export const boxKinds = ['boards', 'tube', 'bricks', 'sizes'] as const;
export type BoxKind = (typeof boxKinds)[number];

/** In one pour round it, or in two with a parting between them. */
export const mouldHalves = ['one', 'two'] as const;
/** How a casting stands against how its mould was poured: upside down, or the same way up. */
export const castWays = ['turned', 'standing'] as const;

const length = quantitySchema(lengthRule);
const sides = object({ length, width: length, height: length })
  .noUnknown()
  .optional()
  .default(undefined);

/** A mould of rubber round the pieces that the pour measures. */
export const mouldBoxSchema = object({
  /** Without it the one of those at hand that takes the least rubber. */
  made: choiceSchema(boxKinds).optional(),
  /** Rubber beside the piece, under it and over it, as the rubber is poured. */
  wall: optionalQuantitySchema(lengthRule),
  base: optionalQuantitySchema(positionRule),
  top: optionalQuantitySchema(lengthRule),
  /** Inner diameters of the tubes that there are: `40, 50, 63 mm`. */
  tubes: noteSchema(400),
  /** Step of the grid that bricks lie in. */
  brick: optionalQuantitySchema(lengthRule),
  /** Inside of a box that is there. */
  sizes: sides,
  /** How large the piece is where only its volume was measured. */
  piece: sides,
  /** Moulds that are made. */
  count: optionalNumberSchema({ greatest: 60, whole: true, example: '2' }),
  halves: choiceSchema(mouldHalves).optional(),
  /** Over the foot of the piece; where it holds least without it. */
  parting: optionalQuantitySchema(lengthRule),
  cast: choiceSchema(castWays).optional(),
  /** A rod from the piece to the outside, which leaves the way in; and thin ones, which let the air out. */
  spout: optionalQuantitySchema(lengthRule),
  vent: optionalQuantitySchema(lengthRule),
  /** Of one piece, where they are not found on a mesh. */
  vents: optionalNumberSchema({ greatest: 60, whole: true, mayBeZero: true, example: '2' }),
  keys: optionalNumberSchema({ greatest: 40, whole: true, mayBeZero: true, example: '4' }),
  key: optionalQuantitySchema(lengthRule),
  /** Of the master, and of what it lies in. */
  material: choiceSchema(masterMaterialNames).optional(),
  clay: choiceSchema(clayNames).optional(),
  /** Castings that one is expected to last. */
  lasts: optionalNumberSchema({ greatest: 100_000, whole: true, example: '40' }),
})
  .noUnknown()
  .optional()
  .default(undefined);

export type TypedMouldBox = NonNullable<InferType<typeof mouldBoxSchema>>;
