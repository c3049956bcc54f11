import { wrap, type Remote } from 'comlink';
import { stlHead, stlHeadBytes, stlTriangleBytes } from '../core/measure/mesh/stl';
import { figuresOf, heightsOver, type StlFigures } from '../core/measure/mesh/stlStretch';
import type { StlWorker } from './stl.worker';

const heightCount = 256;
/** Smaller files are read whole in less time than two workers take to start. */
const leastTriangles = 100_000;

/**
 * Volume, surface, bounds and V(h) of a large binary STL by two workers, long before it has been looked over for
 * holes. File units; nothing where the file is small or of another kind.
 * @param signal stops the workers
 * @throws InputError those of `stlHead` and `figuresOf`
 */
export async function quickFigures(
  file: File,
  signal: AbortSignal,
): Promise<StlFigures | undefined> {
  if (!/\.stl$/i.test(file.name)) return undefined;
  const head = new Uint8Array(await file.slice(0, stlHeadBytes).arrayBuffer());
  const found = stlHead(head, file.size);
  if (found.written !== 'binary' || found.triangles < leastTriangles) return undefined;
  const threads = [0, 1].map(() => new Worker(new URL('./stl.worker', import.meta.url)));
  const stop = (): void => threads.forEach((thread) => thread.terminate());
  signal.addEventListener('abort', stop);
  try {
    const workers = threads.map((thread): Remote<StlWorker> => wrap<StlWorker>(thread));
    const each = Math.ceil(found.triangles / workers.length);
    const ends = await Promise.all(
      workers.map((worker, index) => {
        const first = index * each;
        const count = Math.min(each, found.triangles - first);
        const from = stlHeadBytes + first * stlTriangleBytes;
        return worker.open(file.slice(from, from + count * stlTriangleBytes), count);
      }),
    );
    const heights = heightsOver(ends, heightCount);
    const parts = await Promise.all(workers.map((worker) => worker.sums(heights)));
    return figuresOf(heights, parts);
  } finally {
    signal.removeEventListener('abort', stop);
    stop();
  }
}
