import { slabChain, type Chain, type ResinCells } from './chain';
import type { Curing } from './curing';
import { dilutedCuring } from './dilute';
import { planeOf, type Plane } from './plane';
import type { HeatGrid, PourSetting } from './pourSetting';
import { wallOf, type Wall } from './solids';

/** Cells of a pour as far as it has been poured. Numbers of cells stay the same when a layer comes on top. */
export interface Domain {
  readonly chain: Chain | undefined;
  readonly plane: Plane | undefined;
  readonly cells: number;
  /** Cells of this pour's resin, all of them and of each layer; then those of the pours that it stands on. */
  readonly resinCells: Int32Array;
  readonly layerCells: readonly Int32Array[];
  readonly belowCells: readonly Int32Array[];
}

/** How many cells each stratum gets: by its depth, but never so few that it has no middle. */
const leastCellsOfStratum = 5;

/** Resin or a body that lies level in a pour. A layer is one of them, or several round what stands in it. */
interface Stratum {
  readonly depthM: number;
  readonly curing: Curing;
  /** Which layer it is of, those of earlier pours first; undefined for a body. */
  readonly layer: number | undefined;
  /** Of all layers, the one that it is poured with. */
  readonly with: number;
}

function strataOf({ below = [], layers }: PourSetting, curing: Curing): readonly Stratum[] {
  return [
    ...below.map((layer, at) => ({
      depthM: layer.depthM,
      curing: layer.curing,
      layer: at,
      with: at,
    })),
    ...layers.flatMap(({ depthM, insert, solids = [] }, index): Stratum[] => {
      const at = below.length + index;
      const own = dilutedCuring(curing, solids);
      const resin = (deepM: number): Stratum[] =>
        deepM > 0 ? [{ depthM: deepM, curing: own, layer: at, with: at }] : [];
      if (insert === undefined) return resin(depthM);
      const inert = { ...curing, ...insert.solid, ratePerS: 0, heatJPerKg: 0 };
      return [
        ...resin(insert.underM),
        { depthM: insert.depthM, curing: inert, layer: undefined, with: at },
        ...resin(depthM - insert.underM),
      ];
    }),
  ];
}

const rowsOf = (strata: readonly Stratum[], { cells }: HeatGrid): readonly number[] => {
  const wholeM = strata.reduce((sum, { depthM }) => sum + depthM, 0);
  return strata.map(({ depthM }) =>
    Math.max(leastCellsOfStratum, Math.round((cells * depthM) / wholeM)),
  );
};

/** Cells along the depth of all layers, those of earlier pours among them, and of what stands in them. */
export const rowsOfPour = (setting: PourSetting, curing: Curing, grid: HeatGrid): number =>
  rowsOf(strataOf(setting, curing), grid).reduce((sum, rows) => sum + rows, 0);

const wallBehind = (
  { solid, thicknessM, filmU }: PourSetting['underside'],
  wallCells: number,
): Wall =>
  solid === undefined ? { plies: [], outerU: filmU } : wallOf(solid, thicknessM, filmU, wallCells);

/**
 * Cells for the layers that have been poured by now.
 * @param poured how many layers, from below, those of earlier pours among them
 * @param blown whether the fan blows
 */
export function domainOf(
  setting: PourSetting,
  curing: Curing,
  grid: HeatGrid,
  poured: number,
  blown: boolean,
): Domain {
  const whole = strataOf(setting, curing);
  const strata = whole.filter((stratum) => stratum.with < poured);
  const rows = rowsOf(whole, grid).slice(0, strata.length);
  const below = setting.below?.length ?? 0;
  const layersM = strata.map(({ depthM }) => depthM);
  const curings = strata.map((stratum) => stratum.curing);
  // Where there is one resin and nothing else there is nothing to tell apart.
  const several = curings.some((each) => each !== curing);
  const { shape } = setting;
  const { fan, underside } = setting;
  const topU = blown ? fan.topU : setting.topU;
  const under = wallBehind(
    blown ? { ...underside, filmU: fan.undersideU } : underside,
    grid.wallCells,
  );
  if (shape.kind === 'slab') {
    const column = slabChain(
      several ? curings : curing,
      layersM,
      rows,
      under.plies,
      under.outerU,
      topU,
    );
    const chain = several
      ? { ...column, resins: resinRanges(column.resinFrom, rows, curings) }
      : column;
    const cellsOf = cellsOfLayers(strata, cellsOfRows(rows, chain.resinFrom, 1, 1), poured);
    const layerCells = cellsOf.slice(below);
    return {
      chain,
      plane: undefined,
      cells: chain.cells,
      resinCells: joined(layerCells),
      layerCells,
      belowCells: cellsOf.slice(0, below),
    };
  }
  const beside = wallBehind(shape.side, grid.wallCells);
  const round = shape.kind === 'cup';
  const cut = planeOf(
    several ? curings : curing,
    round,
    round ? shape.radiusM : shape.widthM / 2,
    grid.columns,
    layersM,
    rows,
    {
      topU,
      bottomU: under.outerU,
      sideU: beside.outerU,
      side: beside.plies[0],
      plies: under.plies,
    },
  );
  const plane = several ? { ...cut, resins: resinRanges(cut.firstResinRow, rows, curings) } : cut;
  const cellsOf = cellsOfLayers(
    strata,
    cellsOfRows(rows, plane.firstResinRow, plane.columns, plane.resinColumns),
    poured,
  );
  const layerCells = cellsOf.slice(below);
  return {
    chain: undefined,
    plane,
    cells: plane.columns * plane.rows,
    resinCells: joined(layerCells),
    layerCells,
    belowCells: cellsOf.slice(0, below),
  };
}

/** Which cells or rows are of which resin, stratum by stratum. */
function resinRanges(
  first: number,
  rowsOfStratum: readonly number[],
  curings: readonly Curing[],
): readonly ResinCells[] {
  let from = first;
  return rowsOfStratum.map((rows, stratum) => {
    const range = { from, to: from + rows, curing: curings[stratum]! };
    from += rows;
    return range;
  });
}

/** Cells of the resin of each layer, whatever stands between them. */
const cellsOfLayers = (
  strata: readonly Stratum[],
  cellsOf: readonly Int32Array[],
  poured: number,
): readonly Int32Array[] =>
  Array.from({ length: poured }, (_, layer) =>
    joined(cellsOf.filter((__, at) => strata[at]!.layer === layer)),
  );

/** Numbers of the cells of each stratum, from below. */
function cellsOfRows(
  rowsOfStratum: readonly number[],
  firstRow: number,
  columns: number,
  resinColumns: number,
): readonly Int32Array[] {
  let row = firstRow;
  return rowsOfStratum.map((rows) => {
    const cells = new Int32Array(rows * resinColumns);
    let at = 0;
    for (const end = row + rows; row < end; row += 1) {
      for (let column = 0; column < resinColumns; column += 1, at += 1) {
        cells[at] = row * columns + column;
      }
    }
    return cells;
  });
}

/** All of them in one; layers stand on each other, so the order is that of the numbers. */
function joined(parts: readonly Int32Array[]): Int32Array {
  if (parts.length === 1) return parts[0]!;
  const all = new Int32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
