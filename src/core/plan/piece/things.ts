import type { Plan } from '../planTypes';
import { pieceOf, type DrawnPart } from './pieceOf';

/** Something in the piece that can be pointed at. Parts and what is in them are told by their place among what is drawn. */
export type PieceThing =
  | { readonly kind: 'layer'; readonly part: number; readonly pour: number; readonly layer: number }
  | { readonly kind: 'face'; readonly part: number; readonly pour: number }
  | { readonly kind: 'insert'; readonly part: number; readonly insert: number }
  | { readonly kind: 'form'; readonly part: number };

/** Stays with a thing while the figures change. */
export function keyOfThing(thing: PieceThing): string {
  switch (thing.kind) {
    case 'layer':
      return `layer/${thing.part}/${thing.pour}/${thing.layer}`;
    case 'face':
      return `face/${thing.part}/${thing.pour}`;
    case 'insert':
      return `insert/${thing.part}/${thing.insert}`;
    case 'form':
      return `form/${thing.part}`;
  }
}

function thingsIn({ layers, faces, inserts }: DrawnPart, part: number): readonly PieceThing[] {
  const face = (isSurface: boolean): readonly PieceThing[] =>
    faces
      .filter(({ surface }) => surface === isSurface)
      .map(({ pour }) => ({ kind: 'face', part, pour: pour.index }));
  return [
    ...face(true),
    ...layers
      .map(({ pour, layer }): PieceThing => ({ kind: 'layer', part, pour: pour.index, layer }))
      .reverse(),
    ...inserts.map((_, insert): PieceThing => ({ kind: 'insert', part, insert })),
    ...face(false),
    { kind: 'form', part },
  ];
}

/** Everything in the piece in the order in which it is told: of each cavity from the top down, its form last. */
export const thingsOf = (plan: Plan): readonly PieceThing[] =>
  pieceOf(plan).flatMap((part, index) =>
    part.part.depthMm === undefined ? [] : thingsIn(part, index),
  );
