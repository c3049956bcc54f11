import { expose } from 'comlink';
import { InputError } from '../core/problem';
import { orientationOf } from '../core/measure/files/orientationOf';
import { meshReader } from '../core/measure/files/meshReader';
import { readDrawing } from '../core/measure/files/readDrawing';
import { fileUnits, type FileUnit } from '../core/measure/mesh/fileUnits';
import { checkMesh, measureMesh, type CheckedMesh } from '../core/measure/mesh/measureMesh';
import { meshPreview } from '../core/measure/mesh/preview';
import { boundsOf, extentOf } from '../core/measure/mesh/boundsOf';
import type { MeshPart } from '../core/measure/parts/methodSchemas';
import type { Drawing } from '../core/measure/drawing/drawing';
import { told } from './told';
import type { FilesWorker, OpenedMesh } from './filesWorker';

/** A drawing is read as a whole, MB: half a million points are a fifth of it. */
const mostDrawingMb = 100;

/** The mesh that was read last stays here, so that it can be turned without reading it again. */
let checked: CheckedMesh | undefined;

async function openMesh(file: File, onProgress: (share: number) => void): Promise<OpenedMesh> {
  checked = undefined;
  const reader = meshReader(file.name, file.size);
  const stream = file.stream().getReader();
  let read = 0;
  for (let piece = await stream.read(); !piece.done; piece = await stream.read()) {
    reader.push(piece.value);
    read += piece.value.length;
    onProgress(read / file.size);
  }
  const { mesh, mmPerUnit } = reader.end();
  checked = checkMesh(mesh);
  return {
    triangles: mesh.triangles.length / 3,
    size: extentOf(boundsOf(mesh.positions)),
    mmPerUnit,
    preview: meshPreview(mesh),
  };
}

const worker: FilesWorker = {
  openMesh: (file, onProgress) => told(() => openMesh(file, onProgress)),
  measureMesh: (unit: FileUnit, stands: Pick<MeshPart, 'up' | 'turn'>, heightsMm) =>
    told(async () => {
      if (checked === undefined) throw new RangeError('no mesh is open');
      return measureMesh(checked, fileUnits[unit], orientationOf(stands), heightsMm);
    }),
  readDrawing: (file: File) =>
    told(async (): Promise<Drawing> => {
      if (file.size > mostDrawingMb * 1e6) {
        throw new InputError('file-too-large', undefined, { mostMb: mostDrawingMb });
      }
      return readDrawing(file.name, await file.text());
    }),
};

expose(worker);
