import { DecodeUTF8 } from 'fflate';
import { InputError } from '../../problem';
import { AsciiStlReader } from '../mesh/asciiStl';
import type { IndexedMesh } from '../mesh/indexedMesh';
import { ObjReader } from '../mesh/obj';
import { stlCorners, stlHead, stlHeadBytes, stlTriangleBytes } from '../mesh/stl';
import { read3mf } from '../mesh/threeMf';
import { Welder } from '../mesh/welder';
import { meshKindOf } from './fileKinds';

/** A mesh as it is in its file. */
export interface ReadMesh {
  readonly mesh: IndexedMesh;
  /** mm per unit, where the file tells. */
  readonly mmPerUnit: number | undefined;
}

/** Takes a mesh file piece by piece, so that a large one is never in memory as a whole. */
export interface MeshReader {
  /** @throws InputError as soon as a piece shows that the file is wrong */
  readonly push: (bytes: Uint8Array) => void;
  /** @throws InputError where the file is not whole */
  readonly end: () => ReadMesh;
}

const soupTriangles = 4096;

/** A 3MF package is a zip, whose index stands at its end: it has to be there as a whole. */
const largestPackage = 300e6;

function binaryStlReader(triangles: number, welder: Welder): MeshReader {
  const soup = new Float64Array(9 * soupTriangles);
  let rest: Uint8Array = new Uint8Array(0);
  let taken = 0;
  return {
    push: (bytes) => {
      const all = rest.length === 0 ? bytes : joined(rest, bytes);
      const here = Math.min(Math.floor(all.length / stlTriangleBytes), triangles - taken);
      const view = new DataView(all.buffer, all.byteOffset, here * stlTriangleBytes);
      for (let first = 0; first < here; first += soupTriangles) {
        const count = Math.min(soupTriangles, here - first);
        stlCorners(view, first, count, soup);
        welder.add(soup, count);
      }
      taken += here;
      rest = all.slice(here * stlTriangleBytes);
    },
    end: () => {
      if (taken < triangles) {
        throw new InputError('stl-truncated', triangles, { says: triangles, holds: taken });
      }
      return { mesh: welder.mesh(), mmPerUnit: undefined };
    },
  };
}

function joined(a: Uint8Array, b: Uint8Array): Uint8Array {
  const all = new Uint8Array(a.length + b.length);
  all.set(a);
  all.set(b, a.length);
  return all;
}

function textReader(
  reader: { readonly push: (text: string) => void; readonly end: () => void },
  welder: Welder,
): MeshReader {
  const decoder = new DecodeUTF8((text) => reader.push(text));
  const decode = (bytes: Uint8Array, last: boolean): void => {
    try {
      decoder.push(bytes, last);
    } catch (error) {
      // The decoder throws a plain error for bytes that are no text.
      throw error instanceof InputError ? error : new InputError('not-a-mesh', undefined);
    }
  };
  return {
    push: (bytes) => decode(bytes, false),
    end: () => {
      decode(new Uint8Array(0), true);
      reader.end();
      return { mesh: welder.mesh(), mmPerUnit: undefined };
    },
  };
}

/** An STL tells how it is written in its first 84 bytes, which may come in more than one piece. */
function stlReader(sizeBytes: number, welder: Welder): MeshReader {
  let head: Uint8Array = new Uint8Array(0);
  let reader: MeshReader | undefined;
  return {
    push: (bytes) => {
      if (reader !== undefined) {
        reader.push(bytes);
        return;
      }
      head = joined(head, bytes);
      if (head.length < Math.min(stlHeadBytes, sizeBytes)) return;
      const found = stlHead(head.subarray(0, stlHeadBytes), sizeBytes);
      reader =
        found.written === 'binary'
          ? binaryStlReader(found.triangles, welder)
          : textReader(new AsciiStlReader(welder), welder);
      reader.push(found.written === 'binary' ? head.subarray(stlHeadBytes) : head);
      head = new Uint8Array(0);
    },
    end: () => {
      if (reader === undefined) throw new InputError('mesh-empty', undefined);
      return reader.end();
    },
  };
}

function packageReader(sizeBytes: number, welder: Welder): MeshReader {
  if (sizeBytes > largestPackage) {
    throw new InputError('zip-too-large', sizeBytes, { mostBytes: largestPackage });
  }
  let all: Uint8Array = new Uint8Array(sizeBytes);
  let filled = 0;
  return {
    push: (bytes) => {
      if (filled + bytes.length > all.length) all = joined(all.subarray(0, filled), bytes);
      else all.set(bytes, filled);
      filled += bytes.length;
    },
    end: () => {
      const { mmPerUnit } = read3mf(all.subarray(0, filled), welder);
      return { mesh: welder.mesh(), mmPerUnit };
    },
  };
}

/**
 * What reads a mesh file, by the ending of its name.
 * @param sizeBytes of the whole file
 * @throws InputError `file-kind-unknown`, `zip-too-large`
 */
export function meshReader(name: string, sizeBytes: number): MeshReader {
  const welder = new Welder();
  switch (meshKindOf(name)) {
    case 'stl':
      return stlReader(sizeBytes, welder);
    case 'obj':
      return textReader(new ObjReader(welder), welder);
    case '3mf':
      return packageReader(sizeBytes, welder);
  }
}
