import { plainShapes } from '../../core/measure/shapes/shapeRules';
import type { PartShape } from '../../core/measure/parts/partSchema';

/** Ways to measure a cavity, as they are offered. */
export const methodGroups: readonly {
  readonly title: string;
  readonly shapes: readonly PartShape[];
}[] = [
  { title: 'By its shape', shapes: plainShapes },
  { title: 'A coat or a dome', shapes: ['coat', 'dome'] },
  { title: 'Along its length', shapes: ['channel', 'rectangles'] },
  { title: 'From a picture or a file', shapes: ['traced', 'drawing', 'mesh'] },
  { title: 'By filling it', shapes: ['wet-fill', 'dry-fill'] },
  { title: 'By weight, or in a jug', shapes: ['weighed', 'displaced'] },
  { title: 'Known already', shapes: ['mould', 'amount'] },
];

/** Those that are offered without opening the list. */
export const commonShapes: readonly PartShape[] = [
  'box',
  'cylinder',
  'frustum',
  'coat',
  'channel',
  'mesh',
  'mould',
  'amount',
];
