import { DecodeUTF8 } from 'fflate';
import { InputError } from '../../problem';
import { unzipWithin } from '../../zip/unzipWithin';
import { xmlReader, type XmlTag } from '../xml/readXml';
import { SoupWriter } from './soupWriter';
import { mostTriangles, type Welder } from './welder';

/** The models in a package may unpack to this much and no more; a bomb promises far beyond it. */
const mostUnpackedBytes = 400e6;
const pieceBytes = 1 << 20;
const deepestComponents = 16;

/** Rows m00 m01 m02 … m30 m31 m32: a point is a row vector before it. */
type Transform = readonly number[];
const identity: Transform = [1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0];

interface Placed {
  readonly objectId: string;
  readonly transform: Transform;
}

interface ModelObject {
  readonly corners: number[];
  readonly triangles: number[];
  readonly components: Placed[];
}

const objectKey = (path: string, id: string): string => `${path.replace(/^\//, '')}#${id}`;

function transformOf(text: string | undefined): Transform {
  if (text === undefined) return identity;
  const numbers = text.trim().split(/\s+/).map(Number);
  if (numbers.length !== 12 || !numbers.every(Number.isFinite)) {
    throw new InputError('3mf-bad', text.slice(0, 60), { what: 'transform' });
  }
  return numbers;
}

/** First a, then b. */
function followedBy(a: Transform, b: Transform): Transform {
  return Array.from({ length: 12 }, (_, cell) => {
    const row = 3 * Math.floor(cell / 3);
    const column = cell % 3;
    const turned = [0, 1, 2].reduce((sum, k) => sum + a[row + k]! * b[3 * k + column]!, 0);
    return row === 9 ? turned + b[9 + column]! : turned;
  });
}

function determinant([a, b, c, d, e, f, g, h, i]: Transform): number {
  return a! * (e! * i! - f! * h!) - b! * (d! * i! - f! * g!) + c! * (d! * h! - e! * g!);
}

interface Model {
  unit: string | undefined;
  readonly objects: Map<string, ModelObject>;
  readonly items: Placed[];
}

/** Reads one model file of the package into the model. */
function readModel(path: string, bytes: Uint8Array, isRoot: boolean, model: Model): void {
  let object: ModelObject | undefined;
  const placed = ({ attributes }: XmlTag): Placed => ({
    objectId: objectKey(attributes['path'] ?? path, attributes['objectid'] ?? ''),
    transform: transformOf(attributes['transform']),
  });
  const whole = (text: string | undefined, what: string): number => {
    const value = Number(text);
    if (text === undefined || !Number.isInteger(value) || value < 0) {
      throw new InputError('3mf-bad', text, { what });
    }
    return value;
  };
  const coordinate = (text: string | undefined): number => {
    const value = Number(text);
    if (text === undefined || text.trim() === '' || !Number.isFinite(value)) {
      throw new InputError('mesh-not-finite', text, {});
    }
    return value;
  };
  const open = (tag: XmlTag): void => {
    const { name, attributes } = tag;
    switch (name) {
      case 'model':
        if (isRoot) model.unit = attributes['unit'] ?? 'millimeter';
        break;
      case 'object':
        object = { corners: [], triangles: [], components: [] };
        model.objects.set(objectKey(path, attributes['id'] ?? ''), object);
        break;
      case 'vertex':
        object?.corners.push(
          coordinate(attributes['x']),
          coordinate(attributes['y']),
          coordinate(attributes['z']),
        );
        break;
      case 'triangle':
        object?.triangles.push(
          whole(attributes['v1'], 'triangle'),
          whole(attributes['v2'], 'triangle'),
          whole(attributes['v3'], 'triangle'),
        );
        break;
      case 'component':
        object?.components.push(placed(tag));
        break;
      case 'item':
        if (isRoot) model.items.push(placed(tag));
        break;
    }
  };
  const reader = xmlReader({
    open,
    close: (name) => {
      if (name === 'object') object = undefined;
    },
  });
  const decoder = new DecodeUTF8((text) => reader.push(text));
  try {
    for (let from = 0; from < bytes.length; from += pieceBytes) {
      decoder.push(bytes.subarray(from, from + pieceBytes), from + pieceBytes >= bytes.length);
    }
  } catch (error) {
    // The decoder throws a plain error for bytes that are no text.
    throw error instanceof InputError ? error : new InputError('not-3mf', undefined);
  }
  reader.end();
}

/** Unpacks the model files of a package. */
function modelFiles(bytes: Uint8Array): Readonly<Record<string, Uint8Array>> {
  try {
    return unzipWithin(bytes, {
      wants: (name) => /\.model$/i.test(name),
      mostBytes: mostUnpackedBytes,
    });
  } catch (error) {
    const isOurs = error instanceof InputError && error.code !== 'not-zip';
    throw isOurs ? error : new InputError('not-3mf', undefined);
  }
}

/** The file's unit in the words of the format, in mm. */
export const threeMfUnits: Readonly<Record<string, number>> = {
  micron: 0.001,
  millimeter: 1,
  centimeter: 10,
  meter: 1000,
  inch: 25.4,
  foot: 304.8,
};

/**
 * Reads a 3MF package: every object that is to be built, with its parts where they are placed.
 * @returns the unit that the file states, mm per unit
 * @throws InputError `not-3mf`, `zip-too-large`, `3mf-bad`, `mesh-empty`, `mesh-not-finite`, `mesh-too-large`,
 *   and those of `xmlReader`
 */
export function read3mf(bytes: Uint8Array, welder: Welder): { readonly mmPerUnit: number } {
  const files = modelFiles(bytes);
  const paths = Object.keys(files);
  const root = paths.find((path) => /^3d\/[^/]*\.model$/i.test(path)) ?? paths[0];
  if (root === undefined) throw new InputError('not-3mf', undefined);
  const model: Model = { unit: undefined, objects: new Map(), items: [] };
  for (const path of paths) readModel(path, files[path] ?? new Uint8Array(), path === root, model);

  const writer = new SoupWriter(welder);
  let triangles = 0;
  const write = (key: string, transform: Transform, depth: number): void => {
    const object = model.objects.get(key);
    if (object === undefined || depth > deepestComponents) {
      throw new InputError('3mf-bad', key, { what: 'component' });
    }
    triangles += object.triangles.length / 3;
    if (triangles > mostTriangles) {
      throw new InputError('mesh-too-large', triangles, { most: mostTriangles });
    }
    // A mirrored part is turned inside out unless its triangles run the other way round.
    const mirrored = determinant(transform) < 0;
    for (let at = 0; at < object.triangles.length; at += 3) {
      for (const corner of mirrored ? [0, 2, 1] : [0, 1, 2]) {
        const from = 3 * object.triangles[at + corner]!;
        const [x, y, z] = [
          object.corners[from],
          object.corners[from + 1],
          object.corners[from + 2],
        ];
        if (x === undefined || y === undefined || z === undefined) {
          throw new InputError('3mf-bad', object.triangles[at + corner], { what: 'triangle' });
        }
        const [a, b, c, d, e, f, g, h, i, j, k, l] = transform as readonly [
          number,
          number,
          number,
          number,
          number,
          number,
          number,
          number,
          number,
          number,
          number,
          number,
        ];
        writer.corner(
          x * a + y * d + z * g + j,
          x * b + y * e + z * h + k,
          x * c + y * f + z * i + l,
        );
      }
    }
    for (const { objectId, transform: own } of object.components) {
      write(objectId, followedBy(own, transform), depth + 1);
    }
  };
  const items =
    model.items.length > 0
      ? model.items
      : [...model.objects.keys()].map((objectId) => ({ objectId, transform: identity }));
  // Without a tally of its own, parts within parts could multiply without end before a triangle is written.
  let placements = 0;
  const count = (key: string, depth: number): void => {
    placements += 1;
    if (placements > 100_000 || depth > deepestComponents) {
      throw new InputError('3mf-bad', key, { what: 'component' });
    }
    for (const { objectId } of model.objects.get(key)?.components ?? []) count(objectId, depth + 1);
  };
  for (const { objectId } of items) count(objectId, 0);
  for (const { objectId, transform } of items) write(objectId, transform, 0);
  writer.flush();
  if (triangles === 0) throw new InputError('mesh-empty', undefined);
  const mmPerUnit = threeMfUnits[(model.unit ?? 'millimeter').toLowerCase()];
  if (mmPerUnit === undefined) throw new InputError('3mf-bad', model.unit, { what: 'unit' });
  return { mmPerUnit };
}
