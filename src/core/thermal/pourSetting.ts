import type { ResinSolid } from './chain';
import type { Climate } from './climate';
import type { Curing } from './curing';
import type { DilutingSolid } from './dilute';
import type { SolidKind } from './solids';

/** A face that is not the surface: what it is of, and what is outside. */
export interface Side {
  /** Undefined: bare resin against the film. */
  readonly solid: SolidKind | undefined;
  readonly thicknessM: number;
  /** Film outside it, W/(m² K). */
  readonly filmU: number;
}

/**
 * The shape that heat sees: a slab in its middle, far from the side that it may have; a channel at its middle; a cup is round.
 */
export type HeatShape =
  | { readonly kind: 'slab'; readonly side?: Side | undefined }
  | { readonly kind: 'channel'; readonly widthM: number; readonly side: Side }
  | { readonly kind: 'cup'; readonly radiusM: number; readonly side: Side };

/** A body in a layer that covers so much of it that heat sees a layer of its own. */
export interface LayerInsert {
  /** Resin of its layer under it, m. */
  readonly underM: number;
  readonly depthM: number;
  readonly solid: ResinSolid;
}

/** One layer of the pour. */
export interface HeatLayer {
  /** Of its resin. */
  readonly depthM: number;
  readonly insert?: LayerInsert | undefined;
  /** What lies about in it everywhere. */
  readonly solids?: readonly DilutingSolid[] | undefined;
  /** After the first, s. */
  readonly pouredS: number;
  /** Of the mixed resin when this layer is poured, where that is not as for all, °C. */
  readonly resinC?: number | undefined;
}

/** Resin of an earlier pour that this one stands on. */
export interface BelowLayer {
  readonly depthM: number;
  readonly curing: Curing;
  /** Before the first layer of this pour, s, below 0; undefined for one that has cured and only takes up heat. */
  readonly pouredS: number | undefined;
  /** Of the mixed resin when it was poured, °C. */
  readonly resinC: number;
}

/** A pour, the room it stands in and what it stands on. */
export interface PourSetting {
  readonly shape: HeatShape;
  readonly layers: readonly HeatLayer[];
  /** What earlier pours left under it, from the lowest; nothing without it. */
  readonly below?: readonly BelowLayer[];
  readonly underside: Side;
  /** Temperature of a cooled plate under it, °C; undefined for the room's. */
  readonly plateC: number | undefined;
  readonly room: Climate;
  /** Of the mixed resin when it is poured, °C. */
  readonly resinC: number;
  /** Film over the surface in still air, W/(m² K). */
  readonly topU: number;
  readonly fan: Fan;
  /** A time in another room, kept warm: the end of a cure made up for. */
  readonly warmed?: { readonly fromS: number; readonly roomC: number } | undefined;
  /** How far the resin had cured when it was poured, 0 to 1: a pour out of a bucket begins there. */
  readonly startAlpha?: number;
}

/** Moving air: the films over the surface and under the form while it blows, from the start on. */
export interface Fan {
  readonly untilS: number;
  readonly topU: number;
  readonly undersideU: number;
}

/** How much of the form's height a layer takes, m. */
export const thicknessM = ({ depthM, insert }: Pick<HeatLayer, 'depthM' | 'insert'>): number =>
  depthM + (insert?.depthM ?? 0);

/** The same layer, as much deeper or shallower. */
export const scaledLayer = (layer: HeatLayer, factor: number): HeatLayer => ({
  ...layer,
  depthM: layer.depthM * factor,
  ...(layer.insert && { insert: { ...layer.insert, underM: layer.insert.underM * factor } }),
});

/** Cells to reckon with: enough for a figure, or for a picture. */
export interface HeatGrid {
  /** Along the depth. */
  readonly cells: number;
  /** Across half of a channel, or along a radius. */
  readonly columns: number;
  /** Of a thick wall. */
  readonly wallCells: number;
}

/** Depths within half a per cent of a finer grid's, within three where a fast polyurethane runs: for what is asked at a keystroke. */
export const coarseGrid: HeatGrid = { cells: 12, columns: 6, wallCells: 4 };
/** Peaks within 0.3 K of a fine grid's. */
export const quickGrid: HeatGrid = { cells: 24, columns: 12, wallCells: 8 };
export const fineGrid: HeatGrid = { cells: 60, columns: 24, wallCells: 24 };

/** For what is asked at a keystroke: a cross-section is reckoned with few cells. */
export const keystrokeGrid = ({ shape }: Pick<PourSetting, 'shape'>): HeatGrid =>
  shape.kind === 'slab' ? quickGrid : coarseGrid;
