import type { HeatCut } from '../../core/plan/heat/heatView';
import { cavityPaths } from '../section/cavityPaths';
import { spanAt } from '../section/outlines';
import type { PlacedCavity } from '../section/sectionLayout';

/** What is painted into the Section: one pour's run at a moment. */
export interface PaintedHeat {
  readonly cut: HeatCut;
  readonly frame: number;
  /** The cavity that was followed, by its place among those that are drawn. */
  readonly part: number;
  /** The pour, counted from 0, and how far up it reaches in the cavity, mm. */
  readonly pour: number;
  readonly topMm: number;
}

const total = (sizes: Float64Array): number => sizes.reduce((sum, each) => sum + each, 0);

interface Placed {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly cell: number;
}

/**
 * Where each cell of the cut lies in the drawing. Resin lies where it is drawn: its columns share the width of the cavity at
 * their height. What is followed of the form is squeezed into the wall that is drawn.
 */
export function placedCells(
  { cut, topMm }: Pick<PaintedHeat, 'cut' | 'topMm'>,
  cavity: PlacedCavity,
): readonly Placed[] {
  const { columns, rows, widthsMm, heightsMm, resinColumns, firstResinRow } = cut;
  const { centreX, floorY, acrossPerMm, depthMm, wallDp, floorDp, part } = cavity;
  const { y } = cavityPaths(cavity);
  const resinWideMm = total(widthsMm.subarray(0, resinColumns));
  const wallWideMm = total(widthsMm.subarray(resinColumns));
  const floorHighMm = total(heightsMm.subarray(0, firstResinRow));
  const resinHighMm = total(heightsMm.subarray(firstResinRow));
  const topY = y(Math.min(topMm, depthMm));
  const bottomY = Math.min(floorY, y(Math.max(0, topMm - resinHighMm)));
  const perMm = (bottomY - topY) / resinHighMm;
  const placed: Placed[] = [];
  let up = 0;
  for (let row = 0; row < rows; row += 1) {
    const isFloor = row < firstResinRow;
    const high = heightsMm[row]! * (isFloor ? floorDp / floorHighMm : perMm);
    if (row === firstResinRow) up = 0;
    const bottom = isFloor ? bottomY + floorDp - up : bottomY - up;
    up += high;
    const heightMm = isFloor ? 0 : (floorY - (bottom - high / 2)) / cavity.upPerMm;
    const { middleMm, halfMm } = spanAt(part, heightMm);
    const half = halfMm * acrossPerMm;
    const middle = centreX + middleMm * acrossPerMm;
    let outwards = 0;
    for (let column = 0; column < columns; column += 1) {
      const isWall = column >= resinColumns;
      const wide =
        columns === 1
          ? half
          : widthsMm[column]! * (isWall ? wallDp / wallWideMm : half / resinWideMm);
      const cell = row * columns + column;
      const rowOf = { top: bottom - high, bottom, cell };
      placed.push(
        { left: middle + outwards, right: middle + outwards + wide, ...rowOf },
        { left: middle - outwards - wide, right: middle - outwards, ...rowOf },
      );
      outwards += wide;
    }
  }
  return placed;
}
