import type { Drawing } from '../core/measure/drawing/drawing';
import type { FileUnit } from '../core/measure/mesh/fileUnits';
import type { MeshSnapshot } from '../core/measure/mesh/meshSnapshot';
import type { MeshPreview } from '../core/measure/mesh/preview';
import type { MeshPart } from '../core/measure/parts/methodSchemas';
import type { Told } from './told';

/** A mesh as it was read, before its unit is known. */
export interface OpenedMesh {
  readonly triangles: number;
  /** Extent in x, y and z, in the file's own numbers. */
  readonly size: readonly [number, number, number];
  /** mm per unit, where the file tells. */
  readonly mmPerUnit: number | undefined;
  readonly preview: MeshPreview;
}

/** What the worker for files does; each is called over the thread's border. */
export interface FilesWorker {
  readonly openMesh: (file: File, onProgress: (share: number) => void) => Promise<Told<OpenedMesh>>;
  /** Measures the mesh that was opened last. */
  readonly measureMesh: (
    unit: FileUnit,
    stands: Pick<MeshPart, 'up' | 'turn'>,
    heightsMm: readonly number[],
  ) => Promise<Told<MeshSnapshot>>;
  readonly readDrawing: (file: File) => Promise<Told<Drawing>>;
}
