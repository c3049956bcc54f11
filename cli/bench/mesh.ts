import { once } from 'node:events';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { MeshSumsParts } from '../../src/core/measure/mesh/meshSums';
import { stlHead, stlHeadBytes, stlTriangleBytes } from '../../src/core/measure/mesh/stl';
import { figuresOf, heightsOver, type StlFigures } from '../../src/core/measure/mesh/stlStretch';
import { medianOf, type BenchFigure } from './figure';

const triangles = 1_000_000;
const heightCount = 256;
const runs = 9;
const workerPath = JSON.stringify(join(__dirname, 'stlWorker.ts'));
const radius = 40;

/** A ball of a million triangles as a binary STL: bands of two triangles between rings of corners. */
function millionTriangles(): ArrayBuffer {
  const bytes = new ArrayBuffer(stlHeadBytes + stlTriangleBytes * triangles);
  const view = new DataView(bytes);
  view.setUint32(stlHeadBytes - 4, triangles, true);
  const columns = 1000;
  const rows = triangles / 2 / columns;
  const corner = (row: number, column: number): readonly number[] => {
    const polar = (Math.PI * row) / rows;
    const around = (2 * Math.PI * (column % columns)) / columns;
    const ring = row === 0 || row === rows ? 0 : radius * Math.sin(polar);
    return [ring * Math.cos(around), ring * Math.sin(around), -radius * Math.cos(polar)];
  };
  let at = stlHeadBytes;
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      const [a, b] = [corner(row, column), corner(row, column + 1)];
      const [c, d] = [corner(row + 1, column + 1), corner(row + 1, column)];
      for (const face of [
        [a, b, c],
        [a, c, d],
      ]) {
        face.flat().forEach((value, index) => view.setFloat32(at + 12 + 4 * index, value, true));
        at += stlTriangleBytes;
      }
    }
  }
  return bytes;
}

async function asked<T>(worker: Worker, task: object): Promise<T> {
  worker.postMessage(task);
  const [answer] = (await once(worker, 'message')) as [T];
  return answer;
}

/** Volume, surface, bounds and V(h) at 256 heights, from the file's bytes, on two workers. */
async function measured(file: Blob, workers: readonly Worker[]): Promise<StlFigures> {
  const head = new Uint8Array(await file.slice(0, stlHeadBytes).arrayBuffer());
  const found = stlHead(head, file.size);
  if (found.written !== 'binary') throw new Error('the file of the benchmark is binary');
  const each = Math.ceil(found.triangles / workers.length);
  const ends = await Promise.all(
    workers.map((worker, index) => {
      const first = index * each;
      const count = Math.min(each, found.triangles - first);
      const from = stlHeadBytes + first * stlTriangleBytes;
      const blob = file.slice(from, from + count * stlTriangleBytes);
      return asked<readonly [number, number]>(worker, { do: 'heights', blob, triangles: count });
    }),
  );
  const heights = heightsOver(ends, heightCount);
  const parts = await Promise.all(
    workers.map((worker) => asked<MeshSumsParts>(worker, { do: 'sums', heights })),
  );
  return figuresOf(heights, parts);
}

/** A million triangles measured, beside the time that a loader takes merely to read them; turn by turn. */
export async function benchMesh(): Promise<readonly BenchFigure[]> {
  const { STLLoader } = await import('three/examples/jsm/loaders/STLLoader.js');
  const bytes = millionTriangles();
  const file = new Blob([bytes]);
  const workers = [0, 1].map(
    // A thread does not take over the loader that reads TypeScript, so it begins with it.
    () => new Worker(`require('tsx/cjs'); require(${workerPath});`, { eval: true }),
  );
  const ours: number[] = [];
  const theirs: number[] = [];
  try {
    const exact = (4 / 3) * Math.PI * radius ** 3;
    for (let run = -2; run < runs; run += 1) {
      const start = performance.now();
      const { volume } = await measured(file, workers);
      const middle = performance.now();
      new STLLoader().parse(bytes);
      const end = performance.now();
      if (Math.abs(Math.abs(volume) / exact - 1) > 1e-4) throw new Error(`wrong volume ${volume}`);
      // The first rounds warm both up.
      if (run < 0) continue;
      ours.push(middle - start);
      theirs.push(end - middle);
    }
  } finally {
    await Promise.all(workers.map((worker) => worker.terminate()));
  }
  const ratios = ours.map((ms, run) => ms / (theirs[run] ?? NaN));
  return [
    { name: 'mesh.stl1m', median: medianOf(ours), unit: 'ms', runs },
    { name: 'mesh.stl1m.loader', median: medianOf(theirs), unit: 'ms', runs },
    { name: 'mesh.stl1m.vsLoader', median: medianOf(ratios), unit: 'x', runs },
  ];
}
