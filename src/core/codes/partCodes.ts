import type { Rim } from '../measure/dome/dome';
import type { Nothing } from './problems/problemData';

/** What measuring a part gives cause to say, with its data; mm and ml. */
export interface PartCodes {
  'dry-the-mould': Nothing;
  'porous-overruled': { readonly material: string | undefined };
  'straight-sides-assumed': { readonly depthMm: number };
  'mesh-has-holes': { readonly holes: number; readonly holesPlusMinusMl: number };
  'mesh-inside-out': Nothing;
  'mesh-bodies-overlap': { readonly bodies: number };
  'mesh-areas-averaged': { readonly averaged: number };
  'thin-mould-wall': { readonly thinMm: number; readonly leastWallMm: number };
  /** Its weight flattens it, so that it takes more than a cap of that height. */
  'dome-flattens': { readonly capMl: number; readonly fullerByMl: number };
  /** Its edge holds no more than that. */
  'dome-runs-over': {
    readonly heightMm: number;
    readonly mostMm: number;
    readonly rim: Rim;
  };
  'insert-above-rim': { readonly topMm: number; readonly rimMm: number };
  'insert-height-assumed': { readonly sideMm: number };
}

/** Of which part or insert it is, counted from 1, and what that is called. */
export type OfPart = {
  readonly name: string;
  readonly part?: number;
  readonly insert?: number;
};
