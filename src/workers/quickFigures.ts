import { stlHead, stlHeadBytes, stlTriangleBytes } from '../core/measure/mesh/stl';
import { figuresOf, heightsOver, type StlFigures } from '../core/measure/mesh/stlStretch';
import { createWorkerClient } from './client';
import type { StlWorker } from './stl.worker';

const heightCount = 256;
/** Smaller files are read whole in less time than two workers take to start. */
const leastTriangles = 100_000;

/**
 * Volume, surface, bounds and V(h) of a large binary STL by two workers, long before it has been looked over for
 * holes. File units; nothing where the file is small or of another kind.
 * @param signal stops the workers
 * @throws InputError those of `stlHead` and `figuresOf`, `worker-failed`, `worker-too-slow`
 */
export async function quickFigures(
  file: File,
  signal: AbortSignal,
): Promise<StlFigures | undefined> {
  if (!/\.stl$/i.test(file.name)) return undefined;
  const head = new Uint8Array(await file.slice(0, stlHeadBytes).arrayBuffer());
  const found = stlHead(head, file.size);
  if (found.written !== 'binary' || found.triangles < leastTriangles) return undefined;
  const workers = [0, 1].map(() =>
    createWorkerClient<StlWorker>(() => new Worker(new URL('./stl.worker', import.meta.url)), {
      answerMs: 120_000,
    }),
  );
  try {
    const each = Math.ceil(found.triangles / workers.length);
    const ends = await Promise.all(
      workers.map((worker, index) => {
        const first = index * each;
        const count = Math.min(each, found.triangles - first);
        const from = stlHeadBytes + first * stlTriangleBytes;
        const stretch = file.slice(from, from + count * stlTriangleBytes);
        return worker.ask((remote) => remote.open(stretch, count), signal);
      }),
    );
    const heights = heightsOver(ends, heightCount);
    const parts = await Promise.all(
      workers.map((worker) => worker.ask((remote) => remote.sums(heights), signal)),
    );
    return figuresOf(heights, parts);
  } finally {
    for (const { stop } of workers) stop();
  }
}
