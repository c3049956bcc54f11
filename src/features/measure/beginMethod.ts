import type { PartShape } from '../../core/measure/parts/partSchema';
import type { PartDraft } from '../../data/draft/partDraft';

/** The fields that a method needs to begin with, where the draft does not have them from before. */
export function beginMethod(shape: PartShape, part: PartDraft): Partial<PartDraft> {
  switch (shape) {
    case 'channel':
      return part.stations === undefined
        ? {
            stations: [
              { at: '0 mm', width: '' },
              { at: '', width: '' },
            ],
          }
        : {};
    case 'rectangles':
      return part.rectangles === undefined ? { rectangles: [{ length: '', width: '' }] } : {};
    case 'traced':
      // Outlines of a drawing are in its own unit; a trace begins with none.
      return part.scale === undefined
        ? { scale: { by: 'grid', square: '10 mm' }, outlines: [] }
        : {};
    case 'dome':
      return part.face === undefined ? { face: { shape: 'circle', diameter: '' } } : {};
    case 'polygon':
      return part.sides === undefined ? { sides: '6' } : {};
    case 'wet-fill':
      return part.water === undefined ? { water: '20 °C' } : {};
    default:
      return {};
  }
}
