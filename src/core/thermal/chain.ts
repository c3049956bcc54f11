import type { Curing } from './curing';

/**
 * A column of cells from below upwards, for a pour that is wide against its depth. Finite volumes with the nodes in the
 * middle of the cells.
 */
export interface Chain {
  readonly cells: number;
  /** ρ c d of each cell, J/(m² K); length `cells`. */
  readonly capacities: Float64Array;
  /** Between neighbours, W/(m² K); length `cells` + 1, the first to what lies under it, the last to the air above. */
  readonly conductances: Float64Array;
  /** Of each cell, m. */
  readonly heightsM: Float64Array;
  /** Cells that cure: from this one … */
  readonly resinFrom: number;
  /** … to this one, not included. */
  readonly resinTo: number;
  /** Where several resins lie on each other: which cells are of which. One resin without it. */
  readonly resins?: readonly ResinCells[];
}

/** Cells of one resin: in a column by their number, in a cross-section by their row. */
export interface ResinCells {
  readonly from: number;
  /** Not included. */
  readonly to: number;
  readonly curing: Curing;
}

/** What heat needs to know of a resin that lies still. */
export type ResinSolid = Pick<
  Curing,
  'conductivityWPerMK' | 'densityKgPerM3' | 'heatCapacityJPerKgK'
>;

/** Something that heat goes through and that does not cure. */
export interface Solid {
  readonly conductivityWPerMK: number;
  /** ρ c, J/(m³ K). */
  readonly capacityJPerM3K: number;
}

/** A solid of some thickness, in cells of its own. */
export interface Ply extends Solid {
  readonly thicknessM: number;
  readonly cells: number;
}

/** The resin of a layer, where one may stand for all. */
export const resinOf = (resins: ResinSolid | readonly ResinSolid[], layer: number): ResinSolid =>
  'densityKgPerM3' in resins ? resins : resins[layer]!;

/**
 * A slab of resin with plies of solids under it.
 * Faces: G = 1 / (d₁/2k₁ + d₂/2k₂); outer film G = 1 / (d/2k + 1/U).
 * @param resins of all layers, or of each
 * @param layersM depth of each layer of resin, m, from below
 * @param cellsOfLayer cells of each of them
 * @param bottomU from the lowest cell's outer face to what lies below, W/(m² K)
 * @param topU from the surface to the air, W/(m² K)
 */
export function slabChain(
  resins: ResinSolid | readonly ResinSolid[],
  layersM: readonly number[],
  cellsOfLayer: readonly number[],
  plies: readonly Ply[],
  bottomU: number,
  topU: number,
): Chain {
  const resinFrom = plies.reduce((sum, ply) => sum + ply.cells, 0);
  const cells = cellsOfLayer.reduce((sum, each) => sum + each, resinFrom);
  const capacities = new Float64Array(cells);
  const heightsM = new Float64Array(cells);
  /** Half of each cell's resistance, m² K/W. */
  const halves = new Float64Array(cells);
  let at = 0;
  for (const ply of plies) {
    const deepM = ply.thicknessM / ply.cells;
    const end = at + ply.cells;
    heightsM.fill(deepM, at, end);
    capacities.fill(ply.capacityJPerM3K * deepM, at, end);
    halves.fill(deepM / (2 * ply.conductivityWPerMK), at, end);
    at = end;
  }
  layersM.forEach((depthM, layer) => {
    const resin = resinOf(resins, layer);
    const deepM = depthM / cellsOfLayer[layer]!;
    const end = at + cellsOfLayer[layer]!;
    heightsM.fill(deepM, at, end);
    capacities.fill(resin.densityKgPerM3 * resin.heatCapacityJPerKgK * deepM, at, end);
    halves.fill(deepM / (2 * resin.conductivityWPerMK), at, end);
    at = end;
  });
  const conductances = new Float64Array(cells + 1);
  conductances[0] = bottomU === 0 ? 0 : 1 / (halves[0]! + 1 / bottomU);
  for (let face = 1; face < cells; face += 1) {
    conductances[face] = 1 / (halves[face - 1]! + halves[face]!);
  }
  conductances[cells] = topU === 0 ? 0 : 1 / (halves[cells - 1]! + 1 / topU);
  return { cells, capacities, conductances, heightsM, resinFrom, resinTo: cells };
}
