import { boundsOf, extentOf } from './boundsOf';
import { lengthRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { knotsOfSlabs } from '../form/knots';
import { rising } from '../form/slabs';
import { capHoles } from './capHoles';
import type { IndexedMesh } from './indexedMesh';
import { curveAt, knotsOf, slabsOfCurve } from './meshCurve';
import { meshStanding } from './meshStanding';
import type { MeshSnapshot } from './meshSnapshot';
import { meshFaces } from './meshFaces';
import { stood, type Orientation } from './orientation';
import { silhouette } from './silhouette';
import { thickestRunMm } from './thickest';
import { meshTopology, type MeshTopology } from './topology';

/** A mesh that has been looked over: closed where it had holes, and what was found. */
export interface CheckedMesh {
  readonly mesh: IndexedMesh;
  readonly holes: number;
  /** What the closed holes leave in doubt, cubed file units. */
  readonly holesDoubt: number;
  readonly bodies: number;
  /** Two bodies whose boxes overlap may hold the same space twice. */
  readonly bodiesOverlap: boolean;
}

/** Rounding alone leaves this much of its box on a sheet without thickness. */
const flatShare = 1e-12;

/** Boxes of all bodies: six numbers each, least and greatest x, y, z. */
function bodyBoxes(mesh: IndexedMesh, { bodies, bodyOfCorner }: MeshTopology): Float64Array {
  const boxes = new Float64Array(6 * bodies);
  for (let body = 0; body < bodies; body += 1) {
    boxes.fill(Infinity, 6 * body, 6 * body + 3);
    boxes.fill(-Infinity, 6 * body + 3, 6 * body + 6);
  }
  for (let corner = 0; corner < bodyOfCorner.length; corner += 1) {
    const box = 6 * bodyOfCorner[corner]!;
    for (let axis = 0; axis < 3; axis += 1) {
      const value = mesh.positions[3 * corner + axis]!;
      boxes[box + axis] = Math.min(boxes[box + axis]!, value);
      boxes[box + 3 + axis] = Math.max(boxes[box + 3 + axis]!, value);
    }
  }
  return boxes;
}

/** With more bodies than this only neighbours in the list are held against each other. */
const mostBodiesCompared = 300;

function anyOverlap(boxes: Float64Array): boolean {
  const bodies = boxes.length / 6;
  for (let a = 0; a < bodies; a += 1) {
    const last = bodies > mostBodiesCompared ? Math.min(bodies, a + 2) : bodies;
    for (let b = a + 1; b < last; b += 1) {
      const apart = [0, 1, 2].some(
        (axis) =>
          boxes[6 * a + axis]! >= boxes[6 * b + 3 + axis]! ||
          boxes[6 * b + axis]! >= boxes[6 * a + 3 + axis]!,
      );
      if (!apart) return true;
    }
  }
  return false;
}

/**
 * Looks a mesh over and closes its holes, so that it has a volume.
 * @throws InputError `mesh-faces-turned` where triangles beside each other face opposite ways
 */
export function checkMesh(mesh: IndexedMesh): CheckedMesh {
  const topology = meshTopology(mesh);
  if (topology.turnedEdges > 0) {
    throw new InputError('mesh-faces-turned', undefined, { edges: topology.turnedEdges });
  }
  const capped = capHoles(mesh, topology.openEdges);
  return {
    mesh: capped.mesh,
    holes: capped.holes,
    holesDoubt: capped.doubt,
    bodies: topology.bodies,
    bodiesOverlap: topology.bodies > 1 && anyOverlap(bodyBoxes(mesh, topology)),
  };
}

/** As for every length: nothing that a person casts is longer, and more is a slip of the unit. */
const mostMm = lengthRule.greatest.length.value;

/** The same mesh with every triangle turned to face the other way. */
function turnedInsideOut({ positions, triangles }: IndexedMesh): IndexedMesh {
  const turned = triangles.slice();
  for (let at = 0; at < turned.length; at += 3) {
    turned[at + 1] = triangles[at + 2]!;
    turned[at + 2] = triangles[at + 1]!;
  }
  return { positions, triangles: turned };
}

/**
 * Everything that is kept of a mesh, as it stands in one orientation: the file itself is not.
 * @param mmPerUnit mm per unit of the file
 * @param extraHeightsMm heights at which V(h) shall be exact besides the usual ones, such as layer borders
 * @throws InputError `mesh-flat` where it holds no volume, `mesh-too-big`, `mesh-partly-inside-out`
 */
export function measureMesh(
  checked: CheckedMesh,
  mmPerUnit: number,
  orientation: Orientation,
  extraHeightsMm: readonly number[] = [],
): MeshSnapshot {
  const standing = stood(checked.mesh, orientation, mmPerUnit);
  const greatestMm = Math.max(...extentOf(boundsOf(standing.positions)));
  // Written so that what is no number is refused as well.
  if (!(greatestMm <= mostMm)) {
    throw new InputError('mesh-too-big', undefined, { sizeMm: greatestMm, mostMm });
  }
  const usual = knotsOf(standing);
  const topMm = usual.at(-1) ?? 0;
  const heights = Float64Array.from(
    rising([...usual, ...extraHeightsMm.filter((heightMm) => heightMm > 0 && heightMm < topMm)]),
  );
  if (heights.length < 2) throw new InputError('mesh-flat', undefined);
  const first = curveAt(standing, heights);
  const signed = first.curve.volumes.at(-1) ?? 0;
  const insideOut = signed < 0;
  const outward = insideOut ? turnedInsideOut(standing) : standing;
  const { curve, bounds, surface } = insideOut ? curveAt(outward, heights) : first;
  const sizeMm = extentOf(bounds);
  const [x, y, z] = sizeMm;
  if (Math.abs(signed) <= flatShare * x * y * z || x * y * z === 0) {
    throw new InputError('mesh-flat', undefined);
  }
  const { slabs, averaged } = slabsOfCurve(curve);
  return {
    ...knotsOfSlabs(slabs),
    outlineMm: silhouette(outward).flatMap(({ heightMm, widthMm }) => [heightMm, widthMm]),
    sizeMm,
    surfaceMm2: surface,
    thickestMm: thickestRunMm(outward),
    bodies: checked.bodies,
    bodiesOverlap: checked.bodiesOverlap,
    holes: checked.holes,
    holesPlusMinusMl: (checked.holesDoubt * mmPerUnit ** 3) / 1000,
    insideOut,
    ...meshFaces(outward, bounds.min[2], z),
    standing: meshStanding(outward, z),
    ...(averaged === 0 ? {} : { averaged }),
  };
}
