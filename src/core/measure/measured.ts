import type { Coded, Severity } from '../codes/coded';
import type { PartCodes } from '../codes/partCodes';
import type { Doubt } from './doubt';
import type { Dome } from './dome/dome';
import type { Faces } from './form/faces';
import type { Solid } from './form/solid';
import type { ChannelDetail } from './channel/station';
import type { CoatFace } from './coat/coat';

/** What a person should know about how a part was measured. */
export type PartWarning = Coded<PartCodes> & { readonly severity: Severity };

/** What a method found out besides the volume, for its own drawing and words. */
export type MeasureDetail =
  | { readonly kind: 'channel'; readonly channel: ChannelDetail }
  | {
      readonly kind: 'coat';
      readonly faces: readonly CoatFace[];
      /** The face itself where it was drawn or traced. */
      readonly outline?: OutlineDetail;
    }
  | OutlineDetail
  | MeshDetail
  | DomeDetail;

/** Outlines in mm: of a drawing, or traced. */
export interface OutlineDetail {
  readonly kind: 'outline';
  readonly areaMm2: number;
  readonly perimeterMm: number;
  /** Outer edges and islands, flat lists x, y in mm. */
  readonly outlinesMm: readonly (readonly number[])[];
}

/** What is told of a dome. */
export interface DomeDetail extends Dome {
  readonly kind: 'dome';
  readonly areaMm2: number;
  readonly perimeterMm: number;
  readonly recessMm: number;
  /** One drop, and how many of them fill one piece. */
  readonly dropMl: number;
  readonly dropAssumed: boolean;
  readonly drops: number;
  /** The face where it was drawn or traced. */
  readonly outline?: OutlineDetail;
}

/** What is told of a mesh. */
export interface MeshDetail {
  readonly kind: 'mesh';
  readonly sizeMm: readonly [number, number, number];
  readonly surfaceMm2: number;
  readonly thickestMm: number;
}

/** One cavity or body, measured: its form, how sure that is, and what should be said about it. */
export interface Measured {
  readonly solid: Solid;
  /** Undefined where the method says nothing of walls and floor: a known amount, a fill test. */
  readonly faces?: Faces | undefined;
  readonly doubt: Doubt;
  readonly warnings: readonly PartWarning[];
  readonly detail?: MeasureDetail;
}
