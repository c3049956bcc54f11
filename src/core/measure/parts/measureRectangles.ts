import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { uprightFaces } from '../form/faces';
import { prism } from '../form/prism';
import type { Measured } from '../measured';
import type { Reading } from './reading';
import type { RectanglesPart } from './methodSchemas';

/** An oval that touches all four sides of a rectangle fills this share of it. */
export const ovalShare = Math.PI / 4;

/**
 * Rectangles laid over a cavity, side by side, so that they cover it: a deliberate overestimate.
 * It may be high by what lies between each rectangle and the cavity: down to the narrowest width where that was
 * measured, else down to an oval that touches the sides.
 * @throws InputError `narrowest-too-wide`
 */
export function measureRectangles(part: RectanglesPart, { tapeStepMm }: Reading): Measured {
  const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;
  const depthMm = lengthMm(part.depth);
  const laid = part.rectangles.map((rectangle, index) => {
    const length = lengthMm(rectangle.length);
    const width = lengthMm(rectangle.width);
    const narrowest = rectangle.narrowest === undefined ? undefined : lengthMm(rectangle.narrowest);
    if (narrowest !== undefined && narrowest > width) {
      const field = `rectangles[${index}].narrowest`;
      throw new InputError('narrowest-too-wide', rectangle.narrowest, { widthMm: width }, field);
    }
    const least = narrowest === undefined ? ovalShare * width : narrowest;
    return { length, width, areaMm2: length * width, leastMm2: length * least, narrowest };
  });
  const areaMm2 = laid.reduce((sum, each) => sum + each.areaMm2, 0);
  const leastMm2 = laid.reduce((sum, each) => sum + each.leastMm2, 0);
  const highMl = ((areaMm2 - leastMm2) * depthMm) / 1000;
  const readingMl = (areaMm2 * tapeStepMm) / 2 / 1000;
  const widthsMm = laid.reduce((sum, { width }) => sum + width, 0);
  const lengthsMm = laid.reduce((sum, { length }) => sum + length, 0);
  const data = { rectangles: laid.length, areaMm2, highMl };
  return {
    solid: prism(areaMm2, areaMm2 / lengthsMm, depthMm),
    // Each by itself, where they meet too: an overestimate like the rest.
    faces: uprightFaces(areaMm2, 2 * (lengthsMm + widthsMm), depthMm),
    doubt: {
      plusMinusMl: Math.hypot(highMl, readingMl),
      errs: highMl > readingMl ? 'high' : 'either',
      rule: laid.every(({ narrowest }) => narrowest !== undefined)
        ? 'rectangles-narrowest'
        : 'rectangles',
      data,
    },
    warnings: [],
  };
}
