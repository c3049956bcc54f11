import { readQuantity } from '../../quantity/readQuantity';
import { turnRule } from '../../quantity/rules';
import { asInFile, type Orientation } from '../mesh/orientation';
import type { MeshPart } from '../parts/methodSchemas';

/** How a mesh part stands, as it was typed. */
export function orientationOf({ up, turn }: Pick<MeshPart, 'up' | 'turn'>): Orientation {
  const degrees = (typed: string | undefined): number =>
    typed === undefined || typed.trim() === '' ? 0 : readQuantity(typed, turnRule).value;
  return {
    up: up ?? asInFile.up,
    turnDeg: [degrees(turn?.x), degrees(turn?.y), degrees(turn?.z)],
  };
}
