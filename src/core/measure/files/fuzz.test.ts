import { strToU8 } from 'fflate';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { InputError } from '../../problem';
import { checkMesh, measureMesh } from '../mesh/measureMesh';
import { asInFile } from '../mesh/orientation';
import { evenOddArea } from '../outline/evenOdd';
import * as drawn from '../testShapes/drawings';
import { asciiStl, binaryStl, cube, icosphere, modelXml, obj, packed } from '../testShapes/meshes';
import { chance, runs } from '../../../testing/campaign';
import { meshReader } from './meshReader';
import { readDrawing } from './readDrawing';

/** Every parser against damaged files: an answer or a clear error, soon, and without eating the memory. */

/** Bytes that break things more often than chance would. */
const nasty = [
  '\0',
  '\n',
  '<',
  '>',
  '&',
  '"',
  '-',
  '1e999',
  'nan',
  '%',
  '9999999999',
  '0',
  ' ',
  'M',
  'A',
  ';',
];

/** Bytes put together. */
function joined(...parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const all = new Uint8Array(parts.reduce((length, part) => length + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

function damaged(bytes: Uint8Array, { below: pick, oneOf }: ReturnType<typeof chance>): Uint8Array {
  let now = bytes.slice();
  for (let change = 0, changes = 1 + pick(1 + pick(6)); change < changes; change += 1) {
    const at = pick(now.length);
    switch (pick(6)) {
      case 0:
        now[at] = pick(256);
        break;
      case 1:
        now = now.slice(0, at);
        break;
      case 2: {
        now = joined(now.subarray(0, at), strToU8(oneOf(nasty)), now.subarray(at));
        break;
      }
      case 3:
        now = joined(now.subarray(0, at), now.subarray(at + pick(40)));
        break;
      case 4: {
        const piece = now.subarray(at, at + pick(200));
        now = joined(now.subarray(0, at), piece, piece, now.subarray(at));
        break;
      }
      default:
        now.fill(pick(256), at, at + pick(8));
    }
    if (now.length === 0) return now;
  }
  return now;
}

const ball = icosphere(20, 1);
const sources: readonly (readonly [string, Uint8Array])[] = [
  ['a.stl', binaryStl(ball)],
  ['a.stl', strToU8(asciiStl(cube(9)))],
  ['a.obj', strToU8(obj(ball))],
  ['a.3mf', packed(modelXml(cube(9), 'millimeter'))],
  [
    'a.3mf',
    packed(
      modelXml(
        cube(9),
        'inch',
        '<item objectid="2"/>',
        '<object id="2"><components><component objectid="1" transform="1 0 0 0 1 0 0 0 1 5 0 0"/></components></object>',
      ),
    ),
  ],
  [
    'a.svg',
    strToU8(
      drawn.svg(
        '<g transform="rotate(3)"><path d="M0 0 C0 40 80 40 80 0 A9 9 0 0 1 20 -9 Z"/></g><circle cx="120" r="4"/><rect x="140" width="9" height="9" rx="2"/><polygon points="160,0 169,9 169,0"/>',
      ),
    ),
  ],
  [
    'a.dxf',
    strToU8(
      drawn.dxf(
        drawn.lightPolyline([
          [0, 0, 0.5],
          [60, 0],
          [60, 40],
        ]) +
          drawn.splineCircle(90) +
          drawn.polyline([
            [200, 0],
            [260, 0, 1],
            [260, 40],
          ]) +
          drawn.line(0, 0, 9, 9) +
          drawn.arc(0, 0, 5, 0, 90) +
          drawn.insert('a', 400, 1, 1, 0),
        4,
        drawn.layers('0', 'b') +
          drawn.blocks('a', drawn.circle(0, 0, 1) + drawn.ellipse(0, 0, 3, 0, 0.5)),
      ),
    ),
  ],
];

const casesOfEach = runs(300, 3_000);
const longestMs = 2_000;
/** After so many cases garbage is collected: when that happens by itself depends on what else the machine does. */
const casesBetween = 100;
/** What so many cases may take before that, and what all of them together may leave. */
const [mostGrownBytes, mostLeftBytes] = [400e6, 20e6];

setFlagsFromString('--expose-gc');
const collectGarbage = runInNewContext('gc') as () => void;

/** What is held once nothing is that is not needed, bytes. */
function heldBytes(): number {
  collectGarbage();
  const { heapUsed, external } = process.memoryUsage();
  return heapUsed + external;
}

/** What is read is measured in figures, whatever the file held. */
function figures(...found: readonly number[]): void {
  const odd = found.find((each) => !Number.isFinite(each));
  if (odd !== undefined) throw new RangeError(`${odd} is no figure`);
}

function readAndMeasure(name: string, bytes: Uint8Array): void {
  if (name.endsWith('.svg') || name.endsWith('.dxf')) {
    const { outlines } = readDrawing(name, new TextDecoder().decode(bytes));
    const { area, perimeter } = evenOddArea(outlines.map(({ points }) => points));
    figures(area, perimeter);
    return;
  }
  const reader = meshReader(name, bytes.length);
  reader.push(bytes.subarray(0, 200));
  reader.push(bytes.subarray(200));
  const { surfaceMm2, sizeMm, thickestMm } = measureMesh(checkMesh(reader.end().mesh), 1, asInFile);
  figures(surfaceMm2, thickestMm, ...sizeMm);
}

// The DXF library prints a line for every odd group, which would bury everything else.
beforeAll(() => jest.spyOn(console, 'log').mockImplementation(() => undefined));
afterAll(() => jest.restoreAllMocks());

test.each(sources.map(([name, bytes], index) => [index, name, bytes] as const))(
  `source %d, %s: ${casesOfEach} damaged files`,
  (index, name, bytes) => {
    // Undamaged it is read and measured: what is refused is refused for its damage.
    readAndMeasure(name, bytes);
    const heldBefore = heldBytes();
    let before = process.memoryUsage().rss;
    const answers = { read: 0, refused: 0 };
    for (let seed = 1; seed <= casesOfEach; seed += 1) {
      const broken = damaged(bytes, chance(seed * 31 + index));
      // What the processor did for it: on a machine that others use as well, the clock on the wall runs on.
      const start = process.cpuUsage();
      try {
        readAndMeasure(name, broken);
        answers.read += 1;
      } catch (error) {
        if (!(error instanceof InputError)) {
          throw new Error(`seed ${seed}: ${String(error)}`, { cause: error });
        }
        answers.refused += 1;
      }
      const { user, system } = process.cpuUsage(start);
      const tookMs = (user + system) / 1000;
      if (tookMs > longestMs) throw new Error(`seed ${seed} took ${tookMs} ms`);
      if (seed % casesBetween > 0) continue;
      const grown = process.memoryUsage().rss - before;
      if (grown > mostGrownBytes) throw new Error(`by seed ${seed} it took ${grown} bytes`);
      collectGarbage();
      before = process.memoryUsage().rss;
    }
    // Damage that is never noticed, or always, would mean that the damage is not what it seems.
    expect(answers.refused).toBeGreaterThan(casesOfEach / 20);
    expect(answers.read).toBeGreaterThan(casesOfEach / 100);
    expect(heldBytes() - heldBefore).toBeLessThan(mostLeftBytes);
  },
  240_000,
);
