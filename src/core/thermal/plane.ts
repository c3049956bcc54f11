import { resinOf, type ResinCells, type ResinSolid, type Solid } from './chain';
import { scratchOf } from './scratch';

/**
 * A cross-section of cells in rows from below upwards, each row from the middle outwards: half of a channel, or a cup from
 * its axis. Cell (column, row) is number row × columns + column.
 */
export interface Plane {
  readonly columns: number;
  readonly rows: number;
  /** Over a cell's heat capacity, 1/s, one for each cell: to its neighbours inwards, outwards, below and above. */
  readonly inwards: Float64Array;
  readonly outwards: Float64Array;
  readonly downwards: Float64Array;
  readonly upwards: Float64Array;
  /** ρ c V of each cell, J/K for a metre of channel, or for a radian of a cup. */
  readonly capacities: Float64Array;
  /** Columns from the middle that are resin; what lies further out is the side. */
  readonly resinColumns: number;
  /** Rows from below that are not resin. */
  readonly firstResinRow: number;
  /** Where several resins lie on each other: which rows are of which. One resin without it. */
  readonly resins?: readonly ResinCells[];
  /** Widths of the columns and heights of the rows, m. */
  readonly widthsM: Float64Array;
  readonly heightsM: Float64Array;
}

/** What stands around a cross-section. */
export interface PlaneOutside {
  /** W/(m² K), outside the last cell. */
  readonly topU: number;
  readonly bottomU: number;
  readonly sideU: number;
  /** Sides thick enough for cells of their own. */
  readonly side?: (Solid & { readonly thicknessM: number; readonly cells: number }) | undefined;
  /** What lies under it, from below. */
  readonly plies?: readonly (Solid & { readonly thicknessM: number; readonly cells: number })[];
}

/**
 * Half of a channel with its side (`round` false), or a cup about its axis (`round` true; areas and volumes for a radian).
 * Faces as in `slabChain`: G = A / (d₁/2k₁ + d₂/2k₂), outer film G = A / (d/2k + 1/U).
 * @param resins of all layers, or of each
 * @param halfWidthM half of the width, or the radius
 * @param columns cells across the resin
 * @param layersM depth of each layer of resin, from below
 * @param rowsOfLayer cells of each of them
 */
export function planeOf(
  resins: ResinSolid | readonly ResinSolid[],
  round: boolean,
  halfWidthM: number,
  columns: number,
  layersM: readonly number[],
  rowsOfLayer: readonly number[],
  outside: PlaneOutside,
): Plane {
  const { side, plies = [], topU, bottomU, sideU } = outside;
  const solidOf = (resin: ResinSolid): Solid => ({
    conductivityWPerMK: resin.conductivityWPerMK,
    capacityJPerM3K: resin.densityKgPerM3 * resin.heatCapacityJPerKgK,
  });
  const across = spread([
    { solid: solidOf(resinOf(resins, 0)), thicknessM: halfWidthM, cells: columns },
    ...(side === undefined ? [] : [{ solid: side, ...side }]),
  ]);
  const along = spread([
    ...plies.map((ply) => ({ solid: ply, ...ply })),
    ...layersM.map((thicknessM, layer) => ({
      solid: solidOf(resinOf(resins, layer)),
      thicknessM,
      cells: rowsOfLayer[layer] ?? 1,
    })),
  ]);
  const all = across.sizesM.length;
  const rows = along.sizesM.length;
  const firstResinRow = plies.reduce((sum, ply) => sum + ply.cells, 0);
  const cells = all * rows;
  const make = scratchOf(cells, 5);
  const inwards = make();
  const outwards = make();
  const downwards = make();
  const upwards = make();
  const capacities = make();
  const edgesM = new Float64Array(all + 1);
  across.sizesM.forEach((sizeM, column) => (edgesM[column + 1] = edgesM[column]! + sizeM));
  /** Half a cell's resistance of what stands at a place, m² K/W. */
  const half = (solid: Solid, sizeM: number): number => sizeM / (2 * solid.conductivityWPerMK);
  const outer = (resistance: number, filmU: number): number =>
    filmU === 0 ? 0 : 1 / (resistance + 1 / filmU);
  for (let row = 0; row < rows; row += 1) {
    const highM = along.sizesM[row]!;
    const ply = row < firstResinRow ? along.solids[row]! : undefined;
    /** What stands in a column of some row over the plies: that row's resin, or the side. */
    const standing = (column: number, at: number): Solid =>
      column < columns ? along.solids[at]! : across.solids[column]!;
    // Right under the resin there may be a ply, and over a ply the resin or its side.
    const plyBelow = row > 0 && row - 1 < firstResinRow ? along.solids[row - 1]! : undefined;
    const plyAbove = row + 1 < firstResinRow ? along.solids[row + 1]! : undefined;
    for (let column = 0; column < all; column += 1) {
      const cell = row * all + column;
      const wideM = across.sizesM[column]!;
      const own = ply ?? standing(column, row);
      const innerM = edgesM[column]!;
      const outerM = edgesM[column + 1]!;
      const floorM2 = round ? (outerM * outerM - innerM * innerM) / 2 : wideM;
      const innerWallM2 = (round ? innerM : 1) * highM;
      const outerWallM2 = (round ? outerM : 1) * highM;
      const capacity = own.capacityJPerM3K * floorM2 * highM;
      const acrossHalf = half(own, wideM);
      const alongHalf = half(own, highM);
      capacities[cell] = capacity;
      if (column > 0) {
        const next = ply ?? standing(column - 1, row);
        inwards[cell] =
          innerWallM2 / (acrossHalf + half(next, across.sizesM[column - 1]!)) / capacity;
      }
      if (column < all - 1) {
        const next = ply ?? standing(column + 1, row);
        outwards[cell] =
          outerWallM2 / (acrossHalf + half(next, across.sizesM[column + 1]!)) / capacity;
      } else {
        outwards[cell] = (outerWallM2 * outer(acrossHalf, sideU)) / capacity;
      }
      if (row > 0) {
        const next = plyBelow ?? standing(column, row - 1);
        downwards[cell] = floorM2 / (alongHalf + half(next, along.sizesM[row - 1]!)) / capacity;
      } else {
        downwards[cell] = (floorM2 * outer(alongHalf, bottomU)) / capacity;
      }
      if (row < rows - 1) {
        const next = plyAbove ?? standing(column, row + 1);
        upwards[cell] = floorM2 / (alongHalf + half(next, along.sizesM[row + 1]!)) / capacity;
      } else {
        upwards[cell] = (floorM2 * outer(alongHalf, topU)) / capacity;
      }
    }
  }
  return {
    columns: all,
    rows,
    inwards,
    outwards,
    downwards,
    upwards,
    capacities,
    resinColumns: columns,
    firstResinRow,
    widthsM: across.sizesM,
    heightsM: along.sizesM,
  };
}

interface Stretch {
  readonly solid: Solid;
  readonly thicknessM: number;
  readonly cells: number;
}

/** Sizes and solids of the cells of several stretches, one after the other. */
function spread(stretches: readonly Stretch[]): {
  readonly sizesM: Float64Array;
  readonly solids: readonly Solid[];
} {
  const solids = stretches.flatMap(({ solid, cells }) => new Array<Solid>(cells).fill(solid));
  const sizesM = Float64Array.from(
    stretches.flatMap(({ thicknessM, cells }) => new Array<number>(cells).fill(thicknessM / cells)),
  );
  return { sizesM, solids };
}
