/** What a field of a shape takes: a length, an angle, or a number of sides. */
export type ShapeField = 'length' | 'angle' | 'sides';

export type FieldsOfShape = Readonly<Record<string, ShapeField>>;

/** Figures of a shape by field: lengths in mm, angles in degrees, sides as a number. */
export type ShapeValues = Readonly<Record<string, number>>;

/** The figure of a field that the shape's own rule declares; an optional one left out is 0. */
export const valueOf = (values: ShapeValues, key: string): number => values[key] ?? 0;

/** The fields as they are typed: texts with a unit, sides as a number. */
export type TypedFields<F> = {
  readonly [K in keyof F]: F[K] extends 'sides' ? number : string;
};
export type OptionalTypedFields<F> = { readonly [K in keyof F]?: string | undefined };
