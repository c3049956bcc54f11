import { hullFromAbove, meshStanding } from '../../src/core/measure/mesh/meshStanding';
import { localTops } from '../../src/core/measure/mesh/localTops';
import { checkMesh } from '../../src/core/measure/mesh/measureMesh';
import { asInFile, stood } from '../../src/core/measure/mesh/orientation';
import type { IndexedMesh } from '../../src/core/measure/mesh/indexedMesh';
import { leastRectangle, leastTubeMm } from '../../src/core/mouldBox/boxOptions';
import type { Footprint } from '../../src/core/mouldBox/footprint';
import { medianTime, type BenchFigure } from './figure';

const runs = 9;
/** Rings and segments of a closed body of 200 000 triangles. */
const [rings, segments] = [251, 400];

/** A lumpy body of 200 000 triangles: its radius waves along and round it, so that it has many tops of its own. */
function lumps(): IndexedMesh {
  const positions = new Float64Array(3 * (2 + (rings - 1) * segments));
  const triangles: number[] = [];
  const place = (corner: number, theta: number, phi: number): void => {
    const radius = 40 + 4 * Math.sin(5 * theta) * Math.cos(6 * phi) + 2 * Math.sin(9 * phi);
    positions[3 * corner] = radius * Math.sin(theta) * Math.cos(phi) * 1.4;
    positions[3 * corner + 1] = radius * Math.sin(theta) * Math.sin(phi);
    positions[3 * corner + 2] = radius * Math.cos(theta);
  };
  place(0, 0, 0);
  place(1, Math.PI, 0);
  const at = (ring: number, segment: number): number =>
    2 + (ring - 1) * segments + (segment % segments);
  for (let ring = 1; ring < rings; ring += 1) {
    for (let segment = 0; segment < segments; segment += 1) {
      place(at(ring, segment), (Math.PI * ring) / rings, (2 * Math.PI * segment) / segments);
    }
  }
  for (let segment = 0; segment < segments; segment += 1) {
    triangles.push(0, at(1, segment), at(1, segment + 1));
    triangles.push(1, at(rings - 1, segment + 1), at(rings - 1, segment));
  }
  for (let ring = 1; ring < rings - 1; ring += 1) {
    for (let segment = 0; segment < segments; segment += 1) {
      const [a, b] = [at(ring, segment), at(ring, segment + 1)];
      const [c, d] = [at(ring + 1, segment), at(ring + 1, segment + 1)];
      triangles.push(a, c, d, a, d, b);
    }
  }
  return { positions, triangles: Uint32Array.from(triangles) };
}

/** What a mould box asks of a mesh of 200 000 triangles: outline, tops, parting; and the boxes themselves. */
export function benchMould(): readonly BenchFigure[] {
  const { mesh } = checkMesh(lumps());
  const standing = stood(mesh, asInFile, 1);
  const hull = hullFromAbove(standing);
  const piece: Footprint = {
    kind: 'outline',
    corners: Array.from(
      { length: hull.length / 3 },
      (_, corner) => [hull[3 * corner]!, hull[3 * corner + 1]!, hull[3 * corner + 2]] as const,
    ),
  };
  return [
    medianTime('mould.mesh200k', runs, () => meshStanding(standing, 90)),
    medianTime('mould.mesh200k.tops', runs, () => localTops(standing, 1)),
    medianTime('mould.boxes', runs, () => {
      leastRectangle('boards', piece, 1, 12);
      leastRectangle('bricks', piece, 1, 12, (mm) => Math.ceil(mm / 8) * 8);
      leastTubeMm(piece, 12);
    }),
  ];
}
