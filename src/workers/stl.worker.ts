import { expose, transfer } from 'comlink';
import type { MeshSumsParts } from '../core/measure/mesh/meshSums';
import { stlStretch, type StlStretch } from '../core/measure/mesh/stlStretch';

/** One of the two that sum up a large binary STL, a stretch of it each. */
export interface StlWorker {
  readonly open: (bytes: Blob, triangles: number) => Promise<readonly [number, number]>;
  readonly sums: (heights: Float64Array) => Promise<MeshSumsParts>;
}

let stretch: StlStretch | undefined;

const worker: StlWorker = {
  open: async (bytes, triangles) => {
    stretch = stlStretch(new DataView(await bytes.arrayBuffer()), triangles);
    return stretch.heights();
  },
  sums: async (heights) => {
    if (stretch === undefined) throw new RangeError('no stretch is open');
    const parts = stretch.sums(heights);
    const { fullP, fullPz, levelP, volumes, areas } = parts;
    return transfer(
      parts,
      [fullP, fullPz, levelP, volumes, areas].map(({ buffer }) => buffer as ArrayBuffer),
    );
  },
};

expose(worker);
