import { InputError } from '../../problem';

/** A binary STL begins with 80 bytes of anything and the number of triangles. */
export const stlHeadBytes = 84;
/** Each triangle takes a normal, three corners (float32, little endian) and two bytes. */
export const stlTriangleBytes = 50;

const littleEndian = true;

/** Whether the bytes at the head of a file are those of an ASCII STL: `solid`, and text from there on. */
function isText(head: Uint8Array): boolean {
  const words = String.fromCharCode(...head.subarray(0, 6)).toLowerCase();
  return words.startsWith('solid') && head.every((byte) => byte >= 9 && byte < 127);
}

/** What the head of an STL file tells: in which way it is written and how many triangles it holds. */
export type StlHead =
  { readonly written: 'binary'; readonly triangles: number } | { readonly written: 'ascii' };

/**
 * Reads the head of an STL file. Many binary ones begin with `solid` too, so the size decides first.
 * @param head the first 84 bytes, or all of a shorter file
 * @param sizeBytes size of the whole file
 * @throws InputError `mesh-empty`, `stl-truncated` (with what it says, what it holds), `stl-overlong`, `not-stl`
 */
export function stlHead(head: Uint8Array, sizeBytes: number): StlHead {
  if (sizeBytes === 0) throw new InputError('mesh-empty', undefined);
  if (head.length >= stlHeadBytes) {
    const view = new DataView(head.buffer, head.byteOffset, head.byteLength);
    const triangles = view.getUint32(stlHeadBytes - 4, littleEndian);
    const holds = Math.floor((sizeBytes - stlHeadBytes) / stlTriangleBytes);
    if (stlHeadBytes + triangles * stlTriangleBytes === sizeBytes) {
      if (triangles === 0) throw new InputError('mesh-empty', undefined);
      return { written: 'binary', triangles };
    }
    if (!isText(head)) {
      const code = triangles > holds ? 'stl-truncated' : 'stl-overlong';
      throw new InputError(code, triangles, { says: triangles, holds });
    }
  }
  if (!isText(head)) throw new InputError('not-stl', undefined);
  return { written: 'ascii' };
}

/**
 * The corners of triangles in a binary STL.
 * @param bytes whole triangles of 50 bytes
 * @param first the first triangle to take, counted from 0 within these bytes
 * @param triangles how many
 * @param soup where nine coordinates for each triangle go
 */
export function stlCorners(
  bytes: DataView,
  first: number,
  triangles: number,
  soup: Float64Array,
): void {
  const end = 9 * triangles;
  // The normal is skipped: many files carry wrong ones, and the corners' order says the same.
  let from = first * stlTriangleBytes + 12;
  for (let to = 0; to < end; to += 9) {
    soup[to] = bytes.getFloat32(from, littleEndian);
    soup[to + 1] = bytes.getFloat32(from + 4, littleEndian);
    soup[to + 2] = bytes.getFloat32(from + 8, littleEndian);
    soup[to + 3] = bytes.getFloat32(from + 12, littleEndian);
    soup[to + 4] = bytes.getFloat32(from + 16, littleEndian);
    soup[to + 5] = bytes.getFloat32(from + 20, littleEndian);
    soup[to + 6] = bytes.getFloat32(from + 24, littleEndian);
    soup[to + 7] = bytes.getFloat32(from + 28, littleEndian);
    soup[to + 8] = bytes.getFloat32(from + 32, littleEndian);
    from += stlTriangleBytes;
  }
}

/** Least and greatest z of triangles in a binary STL, [Infinity, −Infinity] for none; NaN corners are passed over. */
export function stlHeights(bytes: DataView, triangles: number): readonly [number, number] {
  let least = Infinity;
  let greatest = -Infinity;
  const end = triangles * stlTriangleBytes;
  for (let from = 20; from < end; from += stlTriangleBytes) {
    const a = bytes.getFloat32(from, littleEndian);
    const b = bytes.getFloat32(from + 12, littleEndian);
    const c = bytes.getFloat32(from + 24, littleEndian);
    if (a < least) least = a;
    if (a > greatest) greatest = a;
    if (b < least) least = b;
    if (b > greatest) greatest = b;
    if (c < least) least = c;
    if (c > greatest) greatest = c;
  }
  return [least, greatest];
}
