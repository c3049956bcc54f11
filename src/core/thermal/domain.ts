import { slabChain, type Chain, type ResinCells } from './chain';
import type { Curing } from './curing';
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

/** How many cells each layer gets: by its depth, but never so few that it has no middle. */
const leastCellsOfLayer = 5;

/** Of all layers, those of earlier pours first. */
export function cellsOfLayers(setting: PourSetting, { cells }: HeatGrid): readonly number[] {
  const all = [...(setting.below ?? []), ...setting.layers];
  const wholeM = all.reduce((sum, { depthM }) => sum + depthM, 0);
  return all.map(({ depthM }) =>
    Math.max(leastCellsOfLayer, Math.round((cells * depthM) / wholeM)),
  );
}

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
  const rowsOfLayer = cellsOfLayers(setting, grid).slice(0, poured);
  const { below = [] } = setting;
  const all = [...below, ...setting.layers].slice(0, poured);
  const layersM = all.map(({ depthM }) => depthM);
  const curings = all.map((layer) => ('curing' in layer ? layer.curing : curing));
  // Where nothing lies below there is one resin, and nothing to tell apart.
  const several = below.length > 0;
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
      rowsOfLayer,
      under.plies,
      under.outerU,
      topU,
    );
    const chain = several
      ? { ...column, resins: resinRanges(column.resinFrom, rowsOfLayer, curings) }
      : column;
    const cellsOf = cellsOfRows(rowsOfLayer, chain.resinFrom, 1, 1);
    const layerCells = cellsOf.slice(below.length);
    return {
      chain,
      plane: undefined,
      cells: chain.cells,
      resinCells: joined(layerCells),
      layerCells,
      belowCells: cellsOf.slice(0, below.length),
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
    rowsOfLayer,
    {
      topU,
      bottomU: under.outerU,
      sideU: beside.outerU,
      side: beside.plies[0],
      plies: under.plies,
    },
  );
  const plane = several
    ? { ...cut, resins: resinRanges(cut.firstResinRow, rowsOfLayer, curings) }
    : cut;
  const cellsOf = cellsOfRows(rowsOfLayer, plane.firstResinRow, plane.columns, plane.resinColumns);
  const layerCells = cellsOf.slice(below.length);
  return {
    chain: undefined,
    plane,
    cells: plane.columns * plane.rows,
    resinCells: joined(layerCells),
    layerCells,
    belowCells: cellsOf.slice(0, below.length),
  };
}

/** Which cells or rows are of which resin, layer by layer. */
function resinRanges(
  first: number,
  rowsOfLayer: readonly number[],
  curings: readonly Curing[],
): readonly ResinCells[] {
  let from = first;
  return rowsOfLayer.map((rows, layer) => {
    const range = { from, to: from + rows, curing: curings[layer]! };
    from += rows;
    return range;
  });
}

/** Numbers of the cells of each layer, from below. */
function cellsOfRows(
  rowsOfLayer: readonly number[],
  firstRow: number,
  columns: number,
  resinColumns: number,
): readonly Int32Array[] {
  let row = firstRow;
  return rowsOfLayer.map((rows) => {
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
