/** Lines of a DXF entity: group codes and values in turn. */
const groups = (...pairs: readonly (string | number)[]): string =>
  pairs.map((value) => `${value}\n`).join('');

/** A DXF file around these entities. */
export const dxf = (entities: string, insUnits = 4, more = ''): string =>
  groups(0, 'SECTION', 2, 'HEADER', 9, '$INSUNITS', 70, insUnits, 0, 'ENDSEC') +
  more +
  groups(0, 'SECTION', 2, 'ENTITIES') +
  entities +
  groups(0, 'ENDSEC', 0, 'EOF');

export const line = (x0: number, y0: number, x1: number, y1: number, layer = '0'): string =>
  groups(0, 'LINE', 8, layer, 10, x0, 20, y0, 11, x1, 21, y1);

export const circle = (x: number, y: number, r: number, layer = '0'): string =>
  groups(0, 'CIRCLE', 8, layer, 10, x, 20, y, 40, r);

export const arc = (x: number, y: number, r: number, from: number, to: number): string =>
  groups(0, 'ARC', 8, '0', 10, x, 20, y, 40, r, 50, from, 51, to);

/** A light polyline of x, y, bulge in turn, with the vertex identifiers that newer files carry. */
export const lightPolyline = (vertices: readonly (readonly number[])[], closed = 1): string =>
  groups(0, 'LWPOLYLINE', 8, '0', 90, vertices.length, 70, closed) +
  vertices.map(([x = 0, y = 0, bulge = 0]) => groups(10, x, 20, y, 42, bulge, 91, 0)).join('');

export const polyline = (vertices: readonly (readonly number[])[]): string =>
  groups(0, 'POLYLINE', 8, '0', 66, 1, 70, 1) +
  vertices
    .map(([x = 0, y = 0, bulge = 0]) => groups(0, 'VERTEX', 8, '0', 10, x, 20, y, 42, bulge))
    .join('') +
  groups(0, 'SEQEND');

export const ellipse = (
  x: number,
  y: number,
  majorX: number,
  majorY: number,
  ratio: number,
): string =>
  groups(
    0,
    'ELLIPSE',
    8,
    '0',
    10,
    x,
    20,
    y,
    11,
    majorX,
    21,
    majorY,
    40,
    ratio,
    41,
    0,
    42,
    2 * Math.PI,
  );

/** A full circle as a rational quadratic spline of nine control points. */
export function splineCircle(r: number): string {
  const half = Math.SQRT1_2;
  const controls = [
    [r, 0, 1],
    [r, r, half],
    [0, r, 1],
    [-r, r, half],
    [-r, 0, 1],
    [-r, -r, half],
    [0, -r, 1],
    [r, -r, half],
    [r, 0, 1],
  ] as const;
  const knots = [0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4];
  return (
    groups(0, 'SPLINE', 8, '0', 70, 5, 71, 2, 72, knots.length, 73, controls.length) +
    knots.map((knot) => groups(40, knot)).join('') +
    controls.map(([, , weight]) => groups(41, weight)).join('') +
    controls.map(([x, y]) => groups(10, x, 20, y)).join('')
  );
}

/** A table of two layers, the second one frozen. */
export const layers = (...names: readonly string[]): string =>
  groups(0, 'SECTION', 2, 'TABLES', 0, 'TABLE', 2, 'LAYER', 70, names.length) +
  names.map((name, at) => groups(0, 'LAYER', 2, name, 70, at, 62, 7)).join('') +
  groups(0, 'ENDTAB', 0, 'ENDSEC');

/** A block of entities, and the section that holds it. */
export const blocks = (name: string, entities: string): string =>
  groups(0, 'SECTION', 2, 'BLOCKS', 0, 'BLOCK', 8, '0', 2, name, 10, 0, 20, 0) +
  entities +
  groups(0, 'ENDBLK', 8, '0', 0, 'ENDSEC');

export const insert = (name: string, x: number, y: number, scale: number, turn: number): string =>
  groups(0, 'INSERT', 8, '0', 2, name, 10, x, 20, y, 41, scale, 42, scale, 50, turn);

export const svg = (
  content: string,
  head = 'width="200mm" height="100mm" viewBox="0 0 200 100"',
): string =>
  `<?xml version="1.0"?>\n<svg xmlns="http://www.w3.org/2000/svg" ${head}>${content}</svg>\n`;
