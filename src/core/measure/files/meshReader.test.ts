import { strToU8, zipSync } from 'fflate';
import { checkMesh, measureMesh } from '../mesh/measureMesh';
import { solidOfSnapshot } from '../mesh/meshSnapshot';
import { asInFile } from '../mesh/orientation';
import { asciiStl, binaryStl, cube, modelXml, obj, packed } from '../testShapes/meshes';
import { unitOfFile } from './fileUnit';
import { meshReader } from './meshReader';

/** Reads a file in pieces of so many bytes. */
function read(name: string, bytes: Uint8Array, piece = 1 << 16) {
  const reader = meshReader(name, bytes.length);
  for (let from = 0; from < bytes.length; from += piece) {
    reader.push(bytes.subarray(from, from + piece));
  }
  return reader.end();
}

const volume = (name: string, bytes: Uint8Array, piece?: number): number => {
  const { mesh } = read(name, bytes, piece);
  return solidOfSnapshot(measureMesh(checkMesh(mesh), 1, asInFile)).volumeMl * 1000;
};

test.each([
  ['binary STL', 'a.stl', binaryStl(cube(30))],
  ['ASCII STL', 'a.STL', strToU8(asciiStl(cube(30)))],
  ['OBJ', 'a.obj', strToU8(obj(cube(30)))],
  ['3MF', 'a.3mf', packed(modelXml(cube(30), 'millimeter'))],
])('%s, in pieces of any size', (_, name, bytes) => {
  for (const piece of [1, 7, 50, 83, 1 << 20])
    expect(volume(name, bytes, piece)).toBeCloseTo(27_000, 6);
});

test('a binary STL may begin with the word solid', () => {
  const bytes = binaryStl(cube(30));
  bytes.set(strToU8('solid made by hand'));
  expect(volume('a.stl', bytes)).toBeCloseTo(27_000, 6);
});

test('OBJ faces of more corners, and corners counted from the end', () => {
  const text = [
    'v 0 0 0',
    'v 2 0 0',
    'v 2 2 0',
    'v 0 2 0',
    'v 0 0 2',
    'v 2 0 2',
    'v 2 2 2',
    'v 0 2 2',
    'f 4 3 2 1',
    'f 5 6 7 8',
    'f 1 2 6 5',
    'f 2 3 7 6',
    'f 3 4 8 7',
    'f -5 -8 -4 -1',
  ].join('\n');
  expect(volume('a.obj', strToU8(text))).toBeCloseTo(8, 9);
});

test('3MF: parts within parts, each where it is placed, mirrored ones too', () => {
  const more =
    '<object id="2"><components>' +
    '<component objectid="1" transform="1 0 0 0 1 0 0 0 1 100 0 0"/>' +
    '<component objectid="1" transform="-2 0 0 0 2 0 0 0 2 0 0 0"/>' +
    '</components></object>';
  const { mesh } = read(
    'a.3mf',
    packed(
      modelXml(
        cube(10),
        'millimeter',
        '<item objectid="2"/><item objectid="1" transform="1 0 0 0 1 0 0 0 1 0 200 0"/>',
        more,
      ),
    ),
  );
  const found = measureMesh(checkMesh(mesh), 1, asInFile);
  expect(found).toMatchObject({ bodies: 3, holes: 0, insideOut: false });
  expect(solidOfSnapshot(found).volumeMl).toBeCloseTo(1 + 8 + 1, 9);
});

test('a 30 mm cube saved as inches is caught by the unit question', () => {
  const { mmPerUnit } = read('a.3mf', packed(modelXml(cube(30), 'inch')));
  expect(mmPerUnit).toBe(25.4);
  expect(() => unitOfFile(undefined, 30, mmPerUnit)).toThrow(
    expect.objectContaining({
      code: 'unit-doubtful',
      data: expect.objectContaining({ stated: 'in', sizeMm: 762, guess: 'mm', guessMm: 30 }),
    }),
  );
  expect(unitOfFile('mm', 30, mmPerUnit)).toBe('mm');
  expect(unitOfFile(undefined, 30, 1)).toBe('mm');
  expect(() => unitOfFile(undefined, 3, undefined)).toThrow(
    expect.objectContaining({
      code: 'unit-unknown',
      data: expect.objectContaining({ guess: 'in' }),
    }),
  );
});

const stl = binaryStl(cube(30));
const withCount = (triangles: number): Uint8Array => {
  const bytes = stl.slice();
  new DataView(bytes.buffer).setUint32(80, triangles, true);
  return bytes;
};
const withNaN = (): Uint8Array => {
  const bytes = stl.slice();
  new DataView(bytes.buffer).setFloat32(84 + 50 * 3 + 16, NaN, true);
  return bytes;
};
const bomb = (): Uint8Array => {
  // The declared size of the entry lies in the central directory: 1 GB where there are a few bytes.
  const bytes = packed('<model/>');
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  for (let at = 0; at + 4 < bytes.length; at += 1) {
    if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 1e9, true);
  }
  return bytes;
};
const entities = '<!DOCTYPE model [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]>';

test.each([
  ['an empty file', 'a.stl', new Uint8Array(0), 'mesh-empty'],
  ['a cut-off STL', 'a.stl', stl.subarray(0, 400), 'stl-truncated'],
  ['an STL that says more than it holds', 'a.stl', withCount(4_000_000_000), 'stl-truncated'],
  ['an STL that says less than it holds', 'a.stl', withCount(3), 'stl-overlong'],
  ['a head alone', 'a.stl', withCount(0).subarray(0, 84), 'mesh-empty'],
  ['a few bytes', 'a.stl', Uint8Array.from([1, 2, 3]), 'not-stl'],
  ['a corner that is no number', 'a.stl', withNaN(), 'mesh-not-finite'],
  ['an ASCII STL without triangles', 'a.stl', strToU8('solid nothing\nendsolid\n'), 'mesh-empty'],
  [
    'an ASCII STL that ends in a triangle',
    'a.stl',
    strToU8('solid a\nouter loop\nvertex 0 0 0\n'),
    'stl-cut-off',
  ],
  [
    'an ASCII corner that is no number',
    'a.stl',
    strToU8('solid a\nouter loop\nvertex 0 nan 0\n'),
    'mesh-not-finite',
  ],
  ['an OBJ face without its corner', 'a.obj', strToU8('v 0 0 0\nf 1 2 3\n'), 'mesh-bad-line'],
  ['an OBJ corner that is no number', 'a.obj', strToU8('v 0 x 0\n'), 'mesh-not-finite'],
  ['no OBJ', 'a.obj', strToU8('hello'), 'mesh-empty'],
  ['no zip', 'a.3mf', strToU8('hello'), 'not-3mf'],
  ['a zip without a model', 'a.3mf', zipSync({ 'a.txt': strToU8('x') }), 'not-3mf'],
  ['a zip bomb', 'a.3mf', bomb(), 'zip-too-large'],
  ['entities', 'a.3mf', packed(entities + '<model/>'), 'xml-entities'],
  ['broken XML', 'a.3mf', packed('<model><resources></model>'), 'not-xml'],
  ['elements without end', 'a.3mf', packed('<a>'.repeat(500)), 'too-deep'],
  [
    'a triangle without its corner',
    'a.3mf',
    packed(
      modelXml(
        { positions: new Float64Array(9), triangles: Uint32Array.from([0, 1, 7]) },
        'millimeter',
      ),
    ),
    '3mf-bad',
  ],
  [
    'a part within itself',
    'a.3mf',
    packed(
      modelXml(
        cube(1),
        'millimeter',
        '<item objectid="2"/>',
        '<object id="2"><components><component objectid="2"/></components></object>',
      ),
    ),
    '3mf-bad',
  ],
  ['a unit nobody knows', 'a.3mf', packed(modelXml(cube(1), 'parsec')), '3mf-bad'],
  ['another kind of file', 'a.step', stl, 'file-kind-unknown'],
])('%s', (_, name, bytes, code) => {
  expect(() => read(name, bytes)).toThrow(expect.objectContaining({ code }));
});
