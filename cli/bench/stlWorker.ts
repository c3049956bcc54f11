import { parentPort } from 'node:worker_threads';
import { stlStretch, type StlStretch } from '../../src/core/measure/mesh/stlStretch';

/** The same work as the app's worker does, on a thread of Node. */
type Task =
  | { readonly do: 'heights'; readonly blob: Blob; readonly triangles: number }
  | { readonly do: 'sums'; readonly heights: Float64Array };

let stretch: StlStretch | undefined;

async function answer(task: Task): Promise<unknown> {
  if (task.do === 'sums') return stretch?.sums(task.heights);
  const bytes = await task.blob.arrayBuffer();
  stretch = stlStretch(new DataView(bytes), task.triangles);
  return stretch.heights();
}

parentPort?.on('message', (task: Task) => {
  void answer(task).then((result) => parentPort?.postMessage(result));
});
