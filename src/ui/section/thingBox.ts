import type { DrawnPart } from '../../core/plan/piece/pieceOf';
import type { PieceThing } from '../../core/plan/piece/things';
import { cavityPaths } from './cavityPaths';
import { widestMm } from './outlines';
import { placedInserts } from './placedInserts';
import type { PlacedCavity } from './sectionLayout';

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** What is smaller than this could not be seen to have the focus, dp. */
const leastDp = 24;

function boxOf(x1: number, x2: number, y1: number, y2: number): Box {
  const width = Math.max(leastDp, x2 - x1);
  const height = Math.max(leastDp, y2 - y1);
  return { left: (x1 + x2 - width) / 2, top: (y1 + y2 - height) / 2, width, height };
}

/** Where a thing lies on the drawing, dp: what stands round it when it has the focus. */
export function thingBox(cavity: PlacedCavity, drawn: DrawnPart, thing: PieceThing): Box {
  const { part, depthMm, wallDp, floorDp, floorY, centreX, acrossPerMm } = cavity;
  const { x, y, rim } = cavityPaths(cavity);
  const half = (widestMm(part.outline) / 2) * acrossPerMm;
  const whole = boxOf(centreX - half - wallDp, centreX + half + wallDp, rim, floorY + floorDp);
  switch (thing.kind) {
    case 'layer': {
      const layer = drawn.layers.find(
        ({ pour, layer: at }) => pour.index === thing.pour && at === thing.layer,
      );
      const { fromMm = 0, toMm = depthMm } = layer ?? {};
      return boxOf(centreX - half, centreX + half, y(Math.min(toMm, depthMm)), y(fromMm));
    }
    case 'face': {
      const face = drawn.faces.find(({ pour }) => pour.index === thing.pour);
      const top = y(Math.min(face?.upToMm ?? depthMm, depthMm));
      return face?.surface === true
        ? boxOf(x(depthMm, -1), x(depthMm, 1), top, top)
        : boxOf(centreX - half, centreX + half, top, floorY);
    }
    case 'insert': {
      const insert = drawn.inserts[thing.insert];
      const placed = placedInserts(drawn.inserts, part.outline).find(
        (each) => each.insert === insert,
      );
      if (insert === undefined || placed === undefined) return whole;
      const middle = centreX + placed.middleMm * acrossPerMm;
      const halfInsert = (widestMm(insert.outline) / 2) * acrossPerMm;
      return boxOf(middle - halfInsert, middle + halfInsert, y(insert.topMm), y(insert.heightMm));
    }
    case 'form':
      return whole;
  }
}
