import { strToU8, zipSync } from 'fflate';
import type { IndexedMesh } from '../mesh/indexedMesh';

/** Meshes and files that tests measure; made here, so that every figure of theirs is known. */

export const cube = (
  side: number,
  at: readonly [number, number, number] = [0, 0, 0],
): IndexedMesh => {
  const [x, y, z] = at;
  const positions = Float64Array.from(
    [0, 1, 2, 3, 4, 5, 6, 7].flatMap((corner) => [
      x + (corner & 1 ? side : 0),
      y + (corner & 2 ? side : 0),
      z + (corner & 4 ? side : 0),
    ]),
  );
  const triangles = Uint32Array.from(
    [
      [0, 2, 1],
      [1, 2, 3],
      [4, 5, 6],
      [5, 7, 6],
      [0, 1, 4],
      [1, 5, 4],
      [2, 6, 3],
      [3, 6, 7],
      [0, 4, 2],
      [2, 4, 6],
      [1, 3, 5],
      [3, 7, 5],
    ].flat(),
  );
  return { positions, triangles };
};

/** An icosahedron whose triangles are cut in four so many times, its corners on the sphere. */
export function icosphere(radius: number, subdivisions: number): IndexedMesh {
  const golden = (1 + Math.sqrt(5)) / 2;
  const corners: number[][] = [
    [-1, golden, 0],
    [1, golden, 0],
    [-1, -golden, 0],
    [1, -golden, 0],
    [0, -1, golden],
    [0, 1, golden],
    [0, -1, -golden],
    [0, 1, -golden],
    [golden, 0, -1],
    [golden, 0, 1],
    [-golden, 0, -1],
    [-golden, 0, 1],
  ];
  let faces: [number, number, number][] = [
    [0, 11, 5],
    [0, 5, 1],
    [0, 1, 7],
    [0, 7, 10],
    [0, 10, 11],
    [1, 5, 9],
    [5, 11, 4],
    [11, 10, 2],
    [10, 7, 6],
    [7, 1, 8],
    [3, 9, 4],
    [3, 4, 2],
    [3, 2, 6],
    [3, 6, 8],
    [3, 8, 9],
    [4, 9, 5],
    [2, 4, 11],
    [6, 2, 10],
    [8, 6, 7],
    [9, 8, 1],
  ];
  for (let step = 0; step < subdivisions; step += 1) {
    const middles = new Map<string, number>();
    const middle = (a: number, b: number): number => {
      const key = a < b ? `${a},${b}` : `${b},${a}`;
      const known = middles.get(key);
      if (known !== undefined) return known;
      corners.push([0, 1, 2].map((axis) => (corners[a]![axis]! + corners[b]![axis]!) / 2));
      middles.set(key, corners.length - 1);
      return corners.length - 1;
    };
    faces = faces.flatMap(([a, b, c]): [number, number, number][] => {
      const [ab, bc, ca] = [middle(a, b), middle(b, c), middle(c, a)];
      return [
        [a, ab, ca],
        [b, bc, ab],
        [c, ca, bc],
        [ab, bc, ca],
      ];
    });
  }
  const positions = Float64Array.from(
    corners.flatMap((corner) => corner.map((value) => (value * radius) / Math.hypot(...corner))),
  );
  return { positions, triangles: Uint32Array.from(faces.flat()) };
}

export function joined(meshes: readonly IndexedMesh[]): IndexedMesh {
  let corners = 0;
  const triangles = meshes.flatMap((mesh) => {
    const own = [...mesh.triangles].map((corner) => corner + corners);
    corners += mesh.positions.length / 3;
    return own;
  });
  return {
    positions: Float64Array.from(meshes.flatMap(({ positions }) => [...positions])),
    triangles: Uint32Array.from(triangles),
  };
}

export const insideOut = ({ positions, triangles }: IndexedMesh): IndexedMesh => ({
  positions,
  triangles: triangles.map((_, at) => triangles[at - (at % 3) + ((3 - (at % 3)) % 3)]!),
});

const cornersOf = ({ positions, triangles }: IndexedMesh): number[][] =>
  [...triangles].map((corner) => [...positions.slice(3 * corner, 3 * corner + 3)]);

export function binaryStl(mesh: IndexedMesh): Uint8Array {
  const corners = cornersOf(mesh);
  const bytes = new Uint8Array(84 + (50 * corners.length) / 3);
  const view = new DataView(bytes.buffer);
  view.setUint32(80, corners.length / 3, true);
  corners.forEach((corner, index) => {
    const at = 84 + 50 * Math.floor(index / 3) + 12 + 12 * (index % 3);
    corner.forEach((value, axis) => view.setFloat32(at + 4 * axis, value, true));
  });
  return bytes;
}

export function asciiStl(mesh: IndexedMesh): string {
  const corners = cornersOf(mesh);
  const facets = Array.from({ length: corners.length / 3 }, (_, facet) =>
    [
      'facet normal 0 0 0',
      ' outer loop',
      ...corners.slice(3 * facet, 3 * facet + 3).map((corner) => `  vertex ${corner.join(' ')}`),
      ' endloop',
      'endfacet',
    ].join('\n'),
  );
  return `solid test\n${facets.join('\n')}\nendsolid test\n`;
}

export function obj({ positions, triangles }: IndexedMesh): string {
  const v = Array.from(
    { length: positions.length / 3 },
    (_, corner) => `v ${positions.slice(3 * corner, 3 * corner + 3).join(' ')}`,
  );
  const f = Array.from(
    { length: triangles.length / 3 },
    (_, at) =>
      `f ${[...triangles.slice(3 * at, 3 * at + 3)].map((corner) => `${corner + 1}//1`).join(' ')}`,
  );
  return `# test\r\n${v.join('\r\n')}\r\nvn 0 0 1\r\n${f.join('\r\n')}\r\n`;
}

export function modelXml(
  { positions, triangles }: IndexedMesh,
  unit: string,
  build = '<item objectid="1"/>',
  more = '',
): string {
  const vertices = Array.from({ length: positions.length / 3 }, (_, corner) => {
    const [x, y, z] = positions.slice(3 * corner, 3 * corner + 3);
    return `<vertex x="${x}" y="${y}" z="${z}"/>`;
  });
  const faces = Array.from({ length: triangles.length / 3 }, (_, at) => {
    const [a, b, c] = triangles.slice(3 * at, 3 * at + 3);
    return `<triangle v1="${a}" v2="${b}" v3="${c}"/>`;
  });
  return (
    `<?xml version="1.0" encoding="UTF-8"?>\n<model unit="${unit}"><resources>` +
    `<object id="1" type="model"><mesh><vertices>${vertices.join('')}</vertices>` +
    `<triangles>${faces.join('')}</triangles></mesh></object>${more}</resources><build>${build}</build></model>`
  );
}

export const packed = (model: string): Uint8Array =>
  zipSync({ '[Content_Types].xml': strToU8('<Types/>'), '3D/part.model': strToU8(model) });
