import { ofPour } from '../../job/resolveJob';
import type { Job, Measure } from '../../job/jobSchema';
import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule, positionRule } from '../../quantity/rules';
import { fileUnits } from '../mesh/fileUnits';
import { checkMesh, measureMesh } from '../mesh/measureMesh';
import { boundsOf as boundsOfMesh, extentOf } from '../mesh/boundsOf';
import { boundsOf } from '../outline/polygon';
import type { MeshPart } from '../parts/methodSchemas';
import type { TypedDrawing } from '../parts/outlineSchemas';
import type { Part } from '../parts/partSchema';
import { within } from '../within';
import { unitOfFile } from './fileUnit';
import { meshReader } from './meshReader';
import { orientationOf } from './orientationOf';
import { readDrawing } from './readDrawing';

/** Gives the bytes and the text of files that a job names. */
export interface FileSource {
  readonly bytes: (path: string) => Uint8Array;
  readonly text: (path: string) => string;
}

const pieceBytes = 1 << 20;

function meshWithFile(part: MeshPart, source: FileSource, heightsMm: readonly number[]): MeshPart {
  const { path } = part;
  if (path === undefined) return part;
  const bytes = source.bytes(path);
  const reader = meshReader(path, bytes.length);
  for (let from = 0; from < bytes.length; from += pieceBytes) {
    reader.push(bytes.subarray(from, from + pieceBytes));
  }
  const { mesh, mmPerUnit } = reader.end();
  const unit = unitOfFile(
    part.unit,
    Math.max(...extentOf(boundsOfMesh(mesh.positions))),
    mmPerUnit,
  );
  const measured = measureMesh(checkMesh(mesh), fileUnits[unit], orientationOf(part), heightsMm);
  return { ...part, unit, measured };
}

function drawingWithFile<D extends Pick<TypedDrawing, 'path' | 'unit' | 'outlines'>>(
  drawing: D,
  source: FileSource,
): D {
  const { path } = drawing;
  if (path === undefined) return drawing;
  const { outlines, mmPerUnit } = readDrawing(path, source.text(path));
  const { minX, minY, maxX, maxY } = boundsOf(outlines.map(({ points }) => points));
  const extent = Math.max(maxX - minX, maxY - minY);
  return { ...drawing, unit: unitOfFile(drawing.unit, extent, mmPerUnit), outlines };
}

function withFile<P extends Part>(part: P, source: FileSource, heightsMm: readonly number[]): P {
  if (part.shape === 'mesh') return { ...part, ...meshWithFile(part, source, heightsMm) };
  if (part.shape === 'drawing') return { ...part, ...drawingWithFile(part, source) };
  if (part.shape === 'coat' && 'face' in part && part.face.shape === 'drawing') {
    const { face } = part;
    return { ...part, face: within('face', () => drawingWithFile(face, source)) };
  }
  return part;
}

/** Whether a part holds what was read from its file before. */
function isKept(part: Part): boolean {
  if (part.shape === 'mesh') return part.measured !== undefined;
  if (part.shape === 'drawing') return part.outlines !== undefined;
  return (
    part.shape === 'coat' &&
    'face' in part &&
    part.face.shape === 'drawing' &&
    part.face.outlines !== undefined
  );
}

/**
 * A job with the files that it names read into it; what it kept of them before gives way, and stands where a file is missing.
 * @throws InputError those of the readers and of `unitOfFile`, at the part's place in the job
 */
export function attachFiles(job: Job, source: FileSource): Job {
  const heightsMm = bordersOf(job);
  const read = <P extends Part>(part: P, place: string): P =>
    within(place, () => {
      try {
        return withFile(part, source, heightsMm);
      } catch (error) {
        // A job that came from elsewhere without its files still has what was kept of them.
        if (error instanceof InputError && error.code === 'no-file' && isKept(part)) return part;
        // What is wrong with the file itself is told at the path that names it.
        if (!(error instanceof InputError) || error.field !== '') throw error;
        throw error.at('path');
      }
    });
  const readAll = (measure: Measure): Measure => ({
    ...measure,
    parts: measure.parts.map((part, index) => read(part, `measure.parts[${index}]`)),
    inserts: measure.inserts?.map((insert, index) => read(insert, `measure.inserts[${index}]`)),
  });
  return {
    ...job,
    ...(job.measure === undefined ? {} : { measure: readAll(job.measure) }),
    pours: job.pours.map((pour, index) => {
      const { measure } = pour;
      return measure === undefined
        ? pour
        : ofPour(pour, index, () => ({ ...pour, measure: readAll(measure) }));
    }),
  };
}

/** Heights at which the form is cut: V(h) of a mesh shall be exact there. */
function bordersOf({ pours }: Job): readonly number[] {
  return pours.flatMap(({ fills, layers }) => [
    ...[fills?.from, fills?.to].flatMap((typed) =>
      typed === undefined ? [] : [readQuantity(typed, positionRule).value],
    ),
    ...(layers?.heights ?? []).map((height) => readQuantity(height, lengthRule).value),
  ]);
}
