import type { Drawing } from '../drawing/drawing';
import { readDxf } from '../drawing/dxf';
import { readSvg } from '../drawing/svg';
import { drawingKindOf } from './fileKinds';

/**
 * Reads a drawing by the ending of its name.
 * @throws InputError `file-kind-unknown`, and those of `readSvg` and `readDxf`
 */
export function readDrawing(name: string, text: string): Drawing {
  return drawingKindOf(name) === 'svg' ? readSvg(text) : readDxf(text);
}
